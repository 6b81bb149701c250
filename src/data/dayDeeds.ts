import { DAY_DEED_FORMAT, DayDeed, type DayLine } from '@/core/day'
import type { Day } from '@/core/units'
import { database } from './connection'
import { jsonOf } from './jsonOf'

/** What was decided about the plan of a day, in order. */
export async function readDayDeeds(day: Day): Promise<DayLine[]> {
  const rows = await database().models.dayDeed.findAll({ where: { day }, order: [['no', 'ASC']] })
  return rows.map(({ no, madeAt, madeBy, deed }) => ({
    no,
    atMs: madeAt.getTime(),
    by: madeBy,
    deed: jsonOf(DayDeed, deed),
  }))
}

/** Adds a line; within the house's lock, so that no two have one number. */
export async function addDayDeed(day: Day, { no, atMs, by, deed }: DayLine): Promise<void> {
  await database().models.dayDeed.create({
    day,
    no,
    format: DAY_DEED_FORMAT,
    deed: JSON.stringify(deed),
    madeAt: new Date(atMs),
    madeBy: by,
  })
}
