import { literal } from 'sequelize'
import { StationKind, Work } from '@/core/people'
import { refuse, type Result } from '@/core/result'
import { HELD, database } from './connection'
import { jsonOf } from './jsonOf'
import type { Row } from './models'
import type { StaffFields } from './models/rows'

export interface StaffMember {
  id: number
  name: string
  role: 'groomer' | 'bather'
  work: Work
  /** The day from which somebody works here no more. */
  leftOn: string | null
  /** Grows with every change; a change made from an older one is stale. */
  version: number
}

/** Everybody who works here, and who did. @throws when a stored row does not fit */
export async function readStaff(): Promise<StaffMember[]> {
  const rows = await database().models.staff.findAll({ order: [['id', 'ASC']] })
  return rows.map(toMember)
}

const toMember = ({ id, name, role, work, leftOn, rowVersion }: Row<StaffFields>): StaffMember => ({
  id,
  name,
  role,
  leftOn,
  work: jsonOf(Work, work),
  version: rowVersion,
})

/** Somebody whose row is held until the transaction ends; null when nobody of that id works here. */
export async function holdMember(id: number): Promise<StaffMember | null> {
  const row = await database().models.staff.findByPk(id, HELD)
  return row && toMember(row)
}

/** @returns the id of who is new here */
export async function addMember({ work, ...member }: Omit<StaffMember, 'id' | 'version' | 'leftOn'>): Promise<number> {
  return (await database().models.staff.create({ ...member, work: JSON.stringify(work) })).id
}

/** Changes what somebody is called, does and when, and whether they work here. The row should be held. */
export async function changeMember(
  id: number,
  { work, ...said }: Partial<Pick<StaffMember, 'name' | 'role' | 'work' | 'leftOn'>>,
): Promise<void> {
  const rowVersion = literal('row_version + 1') as unknown as number
  const change = { ...said, ...(work ? { work: JSON.stringify(work) } : {}), rowVersion }
  await database().models.staff.update(change, { where: { id } })
}

export interface Station {
  id: number
  name: string
  kind: StationKind
}

/** The stations in use. */
export async function readStations(): Promise<Station[]> {
  const rows = await database().models.station.findAll({ where: { retiredAt: null }, order: [['id', 'ASC']] })
  return rows.map(({ id, name, kind }) => ({ id, name, kind: StationKind.parse(kind) }))
}

export async function addStation(name: string, kind: StationKind): Promise<void> {
  await database().models.station.create({ name, kind, retiredAt: null })
}

/** Takes a station out of use, or back into it. */
export async function retireStation(id: number, retiredMs: number | null): Promise<Result<null>> {
  const row = await database().models.station.findByPk(id)
  if (!row) return refuse('id', 'This station is not in the list.')
  await row.update({ retiredAt: retiredMs === null ? null : new Date(retiredMs) })
  return { ok: true, value: null }
}
