import { literal } from 'sequelize'
import { Role, StationKind, Work } from '@/core/people'
import { refuse, type Result } from '@/core/result'
import { HELD, database } from './connection'
import { jsonOf } from './jsonOf'
import type { Row } from './models'
import type { StaffFields } from './models/rows'

export interface StaffMember {
  id: number
  name: string
  role: Role
  work: Work
  /** Whether the house is theirs. */
  owner: boolean
  /** Whether they chose a passphrase and a PIN. */
  hasPassphrase: boolean
  hasPin: boolean
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

const toMember = ({
  id,
  name,
  role,
  owner,
  passphrase,
  pin,
  work,
  leftOn,
  rowVersion,
}: Row<StaffFields>): StaffMember => ({
  id,
  name,
  role: Role.parse(role),
  owner,
  hasPassphrase: passphrase !== null,
  hasPin: pin !== null,
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
export async function addMember({
  work,
  ...member
}: Pick<StaffMember, 'name' | 'role' | 'work'> & { owner?: boolean }): Promise<number> {
  return (await database().models.staff.create({ ...member, work: JSON.stringify(work) })).id
}

/** Changes what somebody is called, does and when, and whether they work here. The row should be held. */
export async function changeMember(
  id: number,
  { work, ...said }: Partial<Pick<StaffMember, 'name' | 'role' | 'work' | 'leftOn' | 'owner'>>,
): Promise<void> {
  const rowVersion = literal('row_version + 1') as unknown as number
  const change = { ...said, ...(work ? { work: JSON.stringify(work) } : {}), rowVersion }
  await database().models.staff.update(change, { where: { id } })
}

/** The hashes of what somebody chose; null where they chose none. */
export interface Secrets {
  passphrase: string | null
  pin: string | null
}

export async function readSecrets(id: number): Promise<Secrets | null> {
  const row = await database().models.staff.findByPk(id)
  return row && { passphrase: row.passphrase, pin: row.pin }
}

/** Keeps hashes, never what they are of. */
export async function keepSecrets(id: number, secrets: Partial<Secrets>): Promise<void> {
  await database().models.staff.update(secrets, { where: { id } })
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
  const { station } = database().models
  if (!(await station.findByPk(id))) return refuse('id', 'This station is not in the list.')
  await station.update({ retiredAt: retiredMs === null ? null : new Date(retiredMs) }, { where: { id } })
  return { ok: true, value: null }
}
