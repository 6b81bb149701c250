import { liveEvents, type VisitEvent } from '@/core/visit'
import { readLines } from '@/data/events'
import type { OpenHouse } from '../house/openHouse'
import { visitFile } from './visitFile'

/** What became of a line: it counts, was taken back, had its time put right, or cannot be read. */
export type LineState = 'counts' | 'taken back' | 'unread'

/** A visit's raw log, line by line, as it came in; null when there is no such visit. */
export async function logView(visitId: number, house: OpenHouse) {
  const file = await visitFile(visitId)
  if (!file) return null
  const lines = await readLines(visitId)
  const events = lines.flatMap(({ read }) => (read.ok ? [read.value] : []))
  const live = new Map(liveEvents(events).map((event) => [event.id, event]))
  return {
    visitId,
    dogName: file.dog.name,
    dogId: file.dog.id,
    startedMs: file.stored.startedMs,
    timeZone: house.timeZone,
    lines: lines.map(({ no, receivedMs, read, stored }) => {
      if (!read.ok)
        return { no, receivedMs, event: null, state: 'unread' as LineState, countsMs: null, why: whyOf(read), stored }
      const counts = live.get(read.value.id)
      return {
        no,
        receivedMs,
        event: read.value,
        state: stateOf(read.value, counts !== undefined),
        /** The moment at which it counts, where that was put right. */
        countsMs: counts && counts.atMs !== read.value.atMs ? counts.atMs : null,
        why: null,
        stored: null,
      }
    }),
  }
}

const whyOf = ({ problems }: { problems: readonly { sentence: string }[] }) =>
  problems.map(({ sentence }) => sentence).join(' ')

const stateOf = (event: VisitEvent, counts: boolean): LineState =>
  counts || event.kind === 'undone' ? 'counts' : 'taken back'
