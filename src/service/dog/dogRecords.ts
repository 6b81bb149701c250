import type { Finding } from '@/core/health'
import type { Trigger } from '@/core/stages'
import { foldVisit } from '@/core/visit'
import { readDogLogs } from '@/data/events'

/** What earlier visits recorded of a dog, oldest first. Weight in kg. */
export interface DogRecords {
  findings: (Finding & { atMs: number; by: string })[]
  behaviour: { atMs: number; trigger: Trigger; grade: number; worked: string }[]
  weights: { atMs: number; weightKg: number }[]
}

const KINDS = ['finding', 'behaviour', 'weighed', 'undone'] as const

/** Findings, behaviour and weights of a dog's visits. @param before only visits begun before this one; all when left out */
export async function dogRecords(dogId: number, before?: number): Promise<DogRecords> {
  const records: DogRecords = { findings: [], behaviour: [], weights: [] }
  for (const log of await readDogLogs(dogId, KINDS, before)) {
    const visit = foldVisit(log)
    const atMs = log[0]?.atMs ?? 0
    records.findings.push(...visit.findings)
    for (const [trigger, { grade, worked }] of Object.entries(visit.behaviour))
      records.behaviour.push({ atMs, trigger: trigger as Trigger, grade, worked })
    if (visit.weightKg !== null) records.weights.push({ atMs, weightKg: visit.weightKg })
  }
  return records
}
