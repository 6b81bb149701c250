import { z } from 'zod'
import type { Result } from '@/core/result'
import { VisitEvent } from '@/core/visit'
import { deviceClock } from './clock'
import { begunHere, lookAt, moveKept, notKept, settleBench } from './kept'
import { NoAnswer, askServer } from './link'
import { oneSender, otherLivingPages, tellTabs } from './oneSender'
import {
  chosenHouse,
  keepPhoto,
  letPhotoGo,
  putTimesRight,
  readPhotos,
  visitBench,
  visitOf,
  type BenchKey,
} from './store'

/** So many events go in one sending. */
const BATCH = 100
/** The house's time is asked for until it is known this well, or so many times. */
const SURE_MS = 250
const MOST_ASKED = 4

/** A page that lives but has not sent for so long, while this one heard the house, cannot: its notes go from here. */
const OTHERS_MS = 15_000
/** Since when the house was heard here while a note of another page waited, by the steady clock, ms. */
const waitsSince = new Map<BenchKey, ReadonlyMap<string, number>>()

/** What the server answers: each event taken, known or refused, and what the log has gained. */
const Sent = z.object({
  answers: z.array(
    z.discriminatedUnion('taken', [
      z.object({ id: z.string(), taken: z.enum(['taken', 'known']) }),
      z.object({ id: z.string(), taken: z.literal('refused'), why: z.string() }),
    ]),
  ),
  /** An event of a kind that a later Kovit has made is not for this page. */
  events: z.array(z.unknown()).transform((all) => all.flatMap((each) => VisitEvent.safeParse(each).data ?? [])),
  no: z.number(),
  nowMs: z.number(),
  unread: z.number(),
  closed: z.boolean(),
})
export type Sent = z.infer<typeof Sent>

const post = (path: string, body: unknown) =>
  askServer(path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', 'X-Kovit-House': chosenHouse() },
    body: JSON.stringify(body),
  })

/** Sends events of a visit and asks what is new since a number. @throws NoAnswer */
export async function postEvents(visitId: number, events: readonly VisitEvent[], since: number): Promise<Result<Sent>> {
  const clock = deviceClock()
  const askedMs = clock.steady().ms
  const { body } = await post(`/visits/${visitId}/events`, { events, since })
  const answer = body as Result<unknown>
  if (!answer.ok) return answer
  const sent = Sent.parse(answer.value)
  if (clock.heard(sent.nowMs, askedMs, clock.steady().ms))
    await putTimesRight(clock.skewMs(), clock.steady()).catch(notKept)
  return { ok: true, value: sent }
}

/** What a sending ends with: null when all went as it should, else a sentence. The bench may be a visit's by now. */
export interface SendEnd {
  bench: BenchKey
  problem: string | null
  unread: number
  closed: boolean
}

/** Sends everything that waits on a bench, one tab at a time, and takes in what is new. @throws NoAnswer */
export async function sendBench(bench: BenchKey): Promise<SendEnd> {
  let end: SendEnd = { bench, problem: null, unread: 0, closed: false }
  await oneSender(bench, async () => {
    const visitId = visitOf(bench) ?? (await begin(bench))
    if (typeof visitId !== 'number') return void (end = { ...end, problem: visitId?.problem ?? null })
    const here = visitBench(visitId)
    end = { ...end, bench: here }
    // What was noted before the server was heard gets its right time before it is sent; a slow answer tells little.
    for (let asked = 0; deviceClock().errorMs() > SURE_MS && asked < MOST_ASKED; asked++)
      await sendSome(here, visitId, 0)
    // A device that cannot let go of what was taken would send it for ever.
    for (let [more, before] = [true, Infinity]; more;) {
      const { left, ...said } = await sendSome(here, visitId, BATCH)
      const { problem } = said
      end = { ...end, ...said, unread: end.unread + said.unread }
      more = left > 0 && left < before && problem === null
      before = left
    }
    await sendPhotos(here, visitId)
  })
  tellTabs(end.bench)
  return end
}

async function sendSome(
  bench: BenchKey,
  visitId: number,
  most: number,
): Promise<{ left: number } & Omit<SendEnd, 'bench'>> {
  const { waiting, no: since, pages } = await lookAt(bench)
  const others = await otherLivingPages()
  const seen = waitsSince.get(bench)
  const now = deviceClock().steady().ms
  const isOthers = ({ id }: VisitEvent) => others.has(pages.get(id) ?? '') && now - (seen?.get(id) ?? now) < OTHERS_MS
  const ours = waiting.filter((event) => !isOthers(event))
  const batch = ours.slice(0, most)
  const answer = await postEvents(visitId, batch, since)
  if (!answer.ok) {
    const problem = answer.problems.map(({ sentence }) => sentence).join(' ')
    return { left: ours.length, problem, unread: 0, closed: false }
  }
  waitsSince.set(bench, new Map(waiting.filter(isOthers).map(({ id }) => [id, seen?.get(id) ?? now])))
  const { answers, events, no, unread, closed } = answer.value
  const why = new Map(answers.flatMap((each) => (each.taken === 'refused' ? [[each.id, each.why]] : [])))
  await settleBench(bench, {
    events,
    no,
    taken: answers.filter(({ taken }) => taken !== 'refused').map(({ id }) => id),
    refused: batch.flatMap((event) => (why.has(event.id) ? [{ event, why: why.get(event.id) ?? '' }] : [])),
  })
  return { left: ours.length - answers.length, problem: null, unread, closed }
}

/** Has the server begin a visit that was begun here; what was kept for the booking is the visit's then. */
async function begin(bench: BenchKey): Promise<number | { problem: string } | null> {
  const begun = await begunHere(bench)
  if (begun === null || typeof begun === 'number') return begun
  const { bookingId, planned, startedMs } = begun
  const { body } = await post(`/bookings/${bookingId}/begin`, { planned, startedMs })
  const answer = body as Result<{ visitId: number }>
  if (!answer.ok) return { problem: answer.problems.map(({ sentence }) => sentence).join(' ') }
  const problem = await moveKept(bench, answer.value.visitId)
  return problem === null ? answer.value.visitId : { problem }
}

/** Sends the pictures of a bench. What the server refuses stays on this device, with why. */
async function sendPhotos(bench: BenchKey, visitId: number): Promise<void> {
  for (const photo of await readPhotos(bench).catch(() => [])) {
    if (photo.refused !== null) continue
    const ask = { method: 'PUT', headers: { 'X-Kovit-House': chosenHouse() }, body: photo.jpeg }
    const { status, body } = await askServer(`/visits/${visitId}/photos/${photo.id}`, ask)
    // Nobody is signed in, or somebody who may not: it waits for who may.
    if (status === 401 || status === 403) return
    const answer = body as Result<null>
    if (answer.ok) await letPhotoGo(photo.id)
    else await keepPhoto({ ...photo, refused: answer.problems.map(({ sentence }) => sentence).join(' ') })
  }
}

/** Sends a bench; without an answer it is tried again by whoever asked. @returns null then */
export async function trySending(bench: BenchKey): Promise<SendEnd | null> {
  try {
    return await sendBench(bench)
  } catch (error) {
    if (error instanceof NoAnswer) return null
    throw error
  }
}
