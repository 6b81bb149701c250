import { z } from 'zod'
import { problemsOf, type Result } from '@/core/result'
import { VisitEvent } from '@/core/visit'
import { sentFromHere } from '../../../sentFromHere'
import { appendEvents, readLog, readVisit } from '@/data/visits'

const MOST_EVENTS = 500
const Sent = z.strictObject({ events: z.array(VisitEvent).max(MOST_EVENTS) })
const visitIdOf = (text: string) => (/^[1-9]\d{0,8}$/.test(text) ? Number(text) : 0)

interface Params {
  params: Promise<{ visitId: string }>
}

/** The bench sends its events here, as often as it likes: what is known already changes nothing. Answers with the whole log. */
export async function POST(request: Request, { params }: Params): Promise<Response> {
  if (!sentFromHere(request))
    return answer({ ok: false, problems: [{ path: 'origin', sentence: 'Sent from another place.' }] }, 403)
  const body: unknown = await request.json().catch(() => null)
  const sent = Sent.safeParse(body)
  if (!sent.success) return answer({ ok: false, problems: problemsOf(sent.error) }, 400)
  const result = await appendEvents(visitIdOf((await params).visitId), sent.data.events, Date.now())
  return answer(result, result.ok ? 200 : 409)
}

/** The log as it stands, for another screen on the same visit. */
export async function GET(_request: Request, { params }: Params): Promise<Response> {
  const visitId = visitIdOf((await params).visitId)
  if (!(await readVisit(visitId)))
    return answer({ ok: false, problems: [{ path: 'visitId', sentence: 'There is no such visit.' }] }, 404)
  return answer({ ok: true, value: await readLog(visitId) }, 200)
}

const answer = (result: Result<VisitEvent[]>, status: number) =>
  Response.json(result, { status, headers: { 'Cache-Control': 'no-store' } })
