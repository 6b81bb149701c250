import { Op, literal } from 'sequelize'
import { Programme } from '@/core/repeats'
import type { Day } from '@/core/units'
import { HomeStop } from './bookings'
import { HELD, database } from './connection'
import { jsonOf } from './jsonOf'
import type { Row } from './models'
import type { RepeatFields } from './models/rows'

/** A dog that comes again and again. */
export interface Repeat {
  id: number
  dogId: number
  staffId: number
  firstDay: Day
  /** House clock, `09:15`. */
  clock: string
  programme: Programme
  setting: 'salon' | 'mobile'
  home: HomeStop | null
  /** Up to this day its bookings are made. */
  grownTo: Day
  endedOn: Day | null
  madeBy: string
  version: number
}

const toRepeat = ({ programme, home, rowVersion, ...row }: Row<RepeatFields>): Repeat => ({
  id: row.id,
  dogId: row.dogId,
  staffId: row.staffId,
  firstDay: row.firstDay,
  clock: row.clock,
  setting: row.setting,
  grownTo: row.grownTo,
  endedOn: row.endedOn,
  madeBy: row.madeBy,
  programme: jsonOf(Programme, programme),
  home: home === null ? null : jsonOf(HomeStop, home),
  version: rowVersion,
})

/** Repeats that go on, the oldest first. */
export async function readRepeats(): Promise<Repeat[]> {
  const rows = await database().models.repeat.findAll({ where: { endedOn: null }, order: [['id', 'ASC']] })
  return rows.map(toRepeat)
}

/** Repeats by id, ended ones as well. */
export async function readRepeatsById(ids: readonly number[]): Promise<Map<number, Repeat>> {
  const rows = await database().models.repeat.findAll({ where: { id: [...ids] } })
  return new Map(rows.map((row) => [row.id, toRepeat(row)]))
}

/** Repeats that go on and are not booked as far as a day. */
export async function readRepeatsShortOf(day: Day): Promise<Repeat[]> {
  const rows = await database().models.repeat.findAll({ where: { endedOn: null, grownTo: { [Op.lt]: day } } })
  return rows.map(toRepeat)
}

/** A repeat whose row is held until the transaction ends. */
export async function holdRepeat(id: number): Promise<Repeat | null> {
  const row = await database().models.repeat.findByPk(id, HELD)
  return row && toRepeat(row)
}

/** @returns the id of the new repeat */
export async function addRepeat(
  { programme, home, ...repeat }: Omit<Repeat, 'id' | 'version' | 'endedOn'>,
  madeMs: number,
): Promise<number> {
  const row = await database().models.repeat.create({
    ...repeat,
    programme: JSON.stringify(programme),
    home: home && JSON.stringify(home),
    madeAt: new Date(madeMs),
  })
  return row.id
}

/** Says how far it is booked, or that it has ended. Its row should be held. */
export async function changeRepeat(id: number, change: Partial<Pick<Repeat, 'grownTo' | 'endedOn'>>): Promise<void> {
  const rowVersion = literal('row_version + 1') as unknown as number
  await database().models.repeat.update({ ...change, rowVersion }, { where: { id } })
}
