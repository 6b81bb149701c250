import type { Result } from '@/core/result'
import type { VisitEvent } from '@/core/visit'

/** What the server answers: each event taken, known or refused, and what the log has gained. */
export interface Sent {
  answers: ({ id: string; taken: 'taken' | 'known' } | { id: string; taken: 'refused'; why: string })[]
  events: VisitEvent[]
  no: number
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
