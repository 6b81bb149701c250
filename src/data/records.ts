import { QueryTypes } from 'sequelize'
import type { Finding } from '@/core/health'
import type { Trigger } from '@/core/stages'
import { VisitEvent, foldVisit } from '@/core/visit'
import { database } from './connection'

/** What earlier visits recorded of a dog, oldest first. Weight in kg. */
export interface DogRecords {
  findings: (Finding & { atMs: number; by: string })[]
  behaviour: { atMs: number; trigger: Trigger; grade: number; worked: string }[]
  weights: { atMs: number; weightKg: number }[]
}

const KINDS = ['finding', 'behaviour', 'weighed', 'undone']

/**
 * Findings, behaviour and weights of a dog's visits.
 * @param before only visits started before this one; all when left out
 * @throws when a stored row does not fit an event
 */
export async function readRecords(dogId: number, before = Number.MAX_SAFE_INTEGER): Promise<DogRecords> {
  const rows = await database().sequelize.query<{ visitId: number; payload: string }>(
    `SELECT event.visit_id AS visitId, event.payload FROM visit_events AS event JOIN visits AS visit ON visit.id = event.visit_id
     WHERE visit.dog_id = :dogId AND visit.id < :before AND event.kind IN (:kinds) ORDER BY event.visit_id, event.at_ms`,
    { type: QueryTypes.SELECT, replacements: { dogId, before, kinds: KINDS } },
  )
  const logs = new Map<number, VisitEvent[]>()
  for (const { visitId, payload } of rows)
    logs.set(visitId, [...(logs.get(visitId) ?? []), VisitEvent.parse(JSON.parse(payload))])
  const records: DogRecords = { findings: [], behaviour: [], weights: [] }
  for (const log of logs.values()) {
    const visit = foldVisit(log)
    const atMs = log[0]?.atMs ?? 0
    records.findings.push(...visit.findings)
    for (const [trigger, { grade, worked }] of Object.entries(visit.behaviour))
      records.behaviour.push({ atMs, trigger: trigger as Trigger, grade, worked })
    if (visit.weightKg !== null) records.weights.push({ atMs, weightKg: visit.weightKg })
  }
  return records
}
