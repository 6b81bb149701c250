import { mayDo, mayNot } from '@/core/rights'
import { refuse, type Result } from '@/core/result'
import type { VisitEvent } from '@/core/visit'
import { peopleOf } from '@/data/signIns'
import type { OpenHouse } from '../house/openHouse'
import type { Person } from '../who/whoAsks'

/**
 * Events with the hands they were noted by. A device may send what somebody else noted on it before: that stays theirs, if
 * they ever signed in there. Whatever else an event says of its author, it is theirs who sends it.
 */
export async function authored(
  events: readonly VisitEvent[],
  { who, house }: { who: Person; house: Pick<OpenHouse, 'demo' | 'everybody'> },
): Promise<Result<VisitEvent[]>> {
  const isOwn = events.every(({ byId }) => byId === who.id)
  const onDevice = isOwn || who.deviceId === null ? new Set<number>() : await peopleOf(who.deviceId)
  const authors = events.map(({ byId }) => {
    const said = house.everybody.find(({ id }) => id === byId)
    // In the demo a press makes anybody anybody.
    return said && (house.demo || onDevice.has(said.id)) ? said : who
  })
  const barred = authors.find((author) => !mayDo(author, 'bench'))
  if (barred) return refuse('who', mayNot(barred, 'bench'))
  const value = events.flatMap((event, at) => {
    const author = authors[at]
    return author ? [{ ...event, by: author.name, byId: author.id }] : []
  })
  return { ok: true, value }
}
