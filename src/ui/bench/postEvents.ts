import type { Result } from '@/core/result'
import type { PlacedCut } from '@/core/request'
import { VisitEvent } from '@/core/visit'
import { deviceId } from '../device/store'

/** What the server answers: each event taken, known or refused, and what the log has gained. */
export interface Sent {
  answers: ({ id: string; taken: 'taken' | 'known' } | { id: string; taken: 'refused'; why: string })[]
  events: VisitEvent[]
  no: number
  /** The server's time when it answered. */
  nowMs: number
}

/** Sends events of a visit and asks what is new since a number. @throws TypeError without a network, SyntaxError on half an answer */
export async function postEvents(visitId: number, events: readonly VisitEvent[], since: number): Promise<Result<Sent>> {
  const response = await fetch(`/visits/${visitId}/events`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ events, since }),
  })
  if (response.status >= 500) throw new TypeError('The server did not take it.')
  return (await response.json()) as Result<Sent>
}

/** Sends what was really cut, after the close. @returns why it was refused; null when it was taken */
export async function amend(visitId: number, cut: PlacedCut, why: string, by: string): Promise<string | null> {
  const made = { id: crypto.randomUUID(), atMs: Date.now(), by, device: deviceId() }
  const event = VisitEvent.safeParse({ ...made, kind: 'amended', cut, why })
  if (!event.success) return event.error.issues.map(({ message }) => message).join(' ')
  try {
    const answer = await postEvents(visitId, [event.data], 0)
    if (!answer.ok) return answer.problems.map(({ sentence }) => sentence).join(' ')
    const [taken] = answer.value.answers
    return taken?.taken === 'refused' ? taken.why : null
  } catch (error) {
    if (!(error instanceof TypeError || error instanceof SyntaxError)) throw error
    return 'No network: nothing was changed. Try again when there is one.'
  }
}
