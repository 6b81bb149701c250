import { HELD, database } from './connection'
import type { Row } from './models'
import type { DeviceFields } from './models/rows'

/** A browser that was let in: a tablet at the bench by a code, or one in which somebody signed in. */
export interface Device {
  id: number
  name: string
  letIn: boolean
  madeMs: number
  madeBy: string
  seenMs: number
  turnedOffMs: number | null
}

const toDevice = ({ id, name, letIn, madeAt, madeBy, seenAt, turnedOffAt }: Row<DeviceFields>): Device => ({
  id,
  name,
  letIn,
  madeMs: madeAt.getTime(),
  madeBy,
  seenMs: seenAt.getTime(),
  turnedOffMs: turnedOffAt?.getTime() ?? null,
})

/** @returns the id of the device */
export async function addDevice(
  { tokenHash, name, letIn, madeBy }: Pick<DeviceFields, 'tokenHash' | 'name' | 'letIn' | 'madeBy'>,
  nowMs: number,
): Promise<number> {
  const now = new Date(nowMs)
  return (
    await database().models.device.create({
      tokenHash,
      name,
      letIn,
      madeBy,
      madeAt: now,
      seenAt: now,
      turnedOffAt: null,
    })
  ).id
}

/** The device that shows this; null where it is none, or was turned off. */
export async function deviceByToken(tokenHash: string): Promise<Device | null> {
  const row = await database().models.device.findOne({ where: { tokenHash, turnedOffAt: null } })
  return row && toDevice(row)
}

/** The devices that were let in by a code, the latest first. */
export async function readDevices(): Promise<Device[]> {
  return (await database().models.device.findAll({ where: { letIn: true }, order: [['id', 'DESC']] })).map(toDevice)
}

/** A device whose row is held until the transaction ends. */
export async function holdDevice(id: number): Promise<Device | null> {
  const row = await database().models.device.findByPk(id, HELD)
  return row && toDevice(row)
}

export async function changeDevice(
  id: number,
  change: Partial<Pick<DeviceFields, 'name' | 'seenAt' | 'turnedOffAt'>>,
): Promise<void> {
  await database().models.device.update(change, { where: { id } })
}
