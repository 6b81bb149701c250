import { StationKind, Work } from '@/core/people'
import { refuse, type Result } from '@/core/result'
import { database } from './connection'

export interface StaffMember {
  id: number
  name: string
  role: 'groomer' | 'bather'
  work: Work
}

/** Everybody who works here. @throws when a stored row does not fit */
export async function readStaff(): Promise<StaffMember[]> {
  const rows = await database().models.staff.findAll({ order: [['id', 'ASC']] })
  return rows.map(({ id, name, role, work }) => ({ id, name, role, work: Work.parse(JSON.parse(work)) }))
}

export async function keepWork(id: number, work: Work): Promise<Result<null>> {
  const row = await database().models.staff.findByPk(id)
  if (!row) return refuse('id', 'Nobody of that name works here.')
  await row.update({ work: JSON.stringify(work) })
  return { ok: true, value: null }
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
