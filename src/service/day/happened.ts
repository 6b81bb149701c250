import type { HouseDay } from '@/core/day'
import type { StageId } from '@/core/stages'
import type { Visit } from '@/core/visit'
import type { HouseTime } from '../house/houseTime'

type Row = HouseDay['happened'][number]
type Record = Visit['stages'][number]

/** What the log of a visit tells a plan of the day: hands by stage, and the wait in the cabinet; places are not in a log. */
export function happenedTo(
  dog: string,
  visit: Visit,
  who: (stage: StageId) => string,
  time: HouseTime,
  nowMs: number,
): Row[] {
  return visit.stages.flatMap((record) => rowsOf(dog, record, who(record.stage), time, nowMs))
}

function rowsOf(
  dog: string,
  { stage, startMs, endMs, waits }: Record,
  person: string,
  time: HouseTime,
  nowMs: number,
): Row[] {
  if (startMs > nowMs) return []
  const clock = (ms: number) => time.clock(ms)
  const row = (from: number, to: number | null, by: string | null, station: string | null): Row => ({
    dog,
    stage,
    person: by,
    from: clock(from),
    to: to === null ? null : clock(Math.min(to, nowMs)),
    station,
  })
  const [wait] = waits
  if (!wait) return [row(startMs, endMs, person, null)]
  // In the cabinet first, then the hands at the dryer; anywhere else the hands, and then it works by itself.
  if (stage !== 'dry') return [row(startMs, wait.fromMs, person, null)]
  const inCabinet = row(wait.fromMs, wait.toMs, null, 'cabinet')
  return wait.toMs === null ? [inCabinet] : [inCabinet, row(wait.toMs, endMs, person, null)]
}
