'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { House } from '@/core/order'
import { StationKind, Work } from '@/core/people'
import { problemsOf, refuse, type Result } from '@/core/result'
import { StageId } from '@/core/stages'
import { addHouseCaution, decideRule, retireHouseCaution } from '@/data/houseRules'
import { addStation, keepWork, retireStation } from '@/data/people'
import { openHouse } from '../house'

const Sent = z.partialRecord(House.keyof(), z.unknown())
type RuleId = keyof typeof House.shape

/** Decides one school or limit of the house; plans made from now on follow it. What is not sent stays as it is; null gives a limit back to the usual. */
export async function saveRule(input: unknown): Promise<Result<null>> {
  const sent = Sent.safeParse(input)
  if (!sent.success) return { ok: false, problems: problemsOf(sent.error) }
  const ids = Object.keys(sent.data) as RuleId[]
  const forgotten = ids.filter((id) => sent.data[id] === null)
  const decided = Object.fromEntries(ids.filter((id) => sent.data[id] !== null).map((id) => [id, sent.data[id]]))
  const asked = House.safeParse(decided)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  const kept = Object.entries(asked.data).filter(([id]) => id in decided)
  await decideRule(Object.fromEntries([...kept, ...forgotten.map((id) => [id, null])]))
  revalidatePath('/rules')
  return { ok: true, value: null }
}

const NewCaution = z.strictObject({
  stage: StageId,
  words: z
    .string()
    .trim()
    .min(8, { error: 'Say it in a few words.' })
    .max(200, { error: 'Keep it to 200 characters: one line where the hand is.' }),
  by: z.string().min(1, { error: 'Say who.' }).max(60),
})

export async function addCaution(input: unknown): Promise<Result<null>> {
  const asked = NewCaution.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  const { stage, words, by } = asked.data
  const { nowMs, staff } = await openHouse()
  if (!staff.some(({ name }) => name === by)) return refuse('by', 'Nobody of that name works here.')
  await addHouseCaution({ stage, words, madeBy: by, madeMs: nowMs })
  revalidatePath('/rules')
  return { ok: true, value: null }
}

/** Keeps what somebody does and when. */
export async function saveWork(input: unknown): Promise<Result<null>> {
  const asked = z.strictObject({ id: z.number().int().positive(), work: Work }).safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  const kept = await keepWork(asked.data.id, asked.data.work)
  if (kept.ok) revalidatePath('/rules')
  return kept
}

const NewStation = z.strictObject({
  name: z.string().trim().min(1, { error: 'Name the station.' }).max(60, { error: 'Keep the name to 60 characters.' }),
  kind: StationKind,
})

export async function newStation(input: unknown): Promise<Result<null>> {
  const asked = NewStation.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  await addStation(asked.data.name, asked.data.kind)
  revalidatePath('/rules')
  return { ok: true, value: null }
}

const Retire = z.strictObject({ id: z.number().int().positive(), retired: z.boolean() })

type RetireIn = (id: number, retiredMs: number | null) => Promise<Result<null>>

async function moveOut(input: unknown, retireIn: RetireIn): Promise<Result<null>> {
  const asked = Retire.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  const { nowMs } = await openHouse()
  const done = await retireIn(asked.data.id, asked.data.retired ? nowMs : null)
  if (done.ok) revalidatePath('/rules')
  return done
}

/** Takes a caution out of use, or puts it back. */
export async function retireCaution(input: unknown): Promise<Result<null>> {
  return moveOut(input, retireHouseCaution)
}

/** Takes a station out of use, or puts it back. */
export async function takeOutStation(input: unknown): Promise<Result<null>> {
  return moveOut(input, retireStation)
}
