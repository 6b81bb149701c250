import type { NextRequest } from 'next/server'
import { z } from 'zod'
import { firstProblems, problemsOf, type Problem, type Result } from '@/core/result'
import { VisitEvent } from '@/core/visit'
import { appendEvents, type Sent, type Taken } from '@/service/visit/appendEvents'
import { authored } from '@/service/visit/authored'
import { figures } from '@/service/watch/figures'
import { idIn } from '../../../addresses'
import { letInTo } from '../../../letInTo'
import { sentBody } from '../../../sentBody'

const MOST_EVENTS = 500
const Asked = z.strictObject({
  events: z.array(z.looseObject({ id: z.string() })).max(MOST_EVENTS),
  /** The number of the last event this device has from the server. */
  since: z.number().int().nonnegative().default(0),
})
/** So many faults of one event are told. */
const MOST_OF_ONE = 3

interface Params {
  params: Promise<{ visitId: string }>
}

/**
 * The bench sends its events here, as often as it likes: what is known already changes nothing. Each is answered by itself,
 * and what the log has gained since the number the device knows comes back.
 */
export async function POST(request: NextRequest, { params }: Params): Promise<Response> {
  const admission = await letInTo(request, 'see')
  if ('refused' in admission) return admission.refused
  const body = await sentBody(request, Asked)
  if ('refused' in body) return body.refused
  const { events, since } = body.asked
  const read = events.map((each) => ({ id: each.id, event: VisitEvent.safeParse(each) }))
  const good = await authored(
    read.flatMap(({ event }) => event.data ?? []),
    admission,
  )
  if (!good.ok) return answer(good, 403)
  const result = await appendEvents(idIn((await params).visitId), good.value, Date.now(), since)
  if (!result.ok) return answer(result, 404)
  const unread = read.flatMap(({ id, event }): Taken[] =>
    event.success
      ? []
      : [{ id, taken: 'refused', why: firstProblems(problemsOf(event.error), MOST_OF_ONE).map(toWords).join(' ') }],
  )
  const answers = [...result.value.answers, ...unread]
  for (const { taken } of answers) figures().events.inc({ taken })
  return answer({ ok: true, value: { ...result.value, answers } }, 200)
}

const toWords = ({ path, sentence }: Problem) => (path === '' ? sentence : `${path}: ${sentence}`)

const answer = (result: Result<Sent>, status: number) =>
  Response.json(result, { status, headers: { 'Cache-Control': 'no-store' } })
