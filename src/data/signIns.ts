import { Op } from 'sequelize'
import { HELD, database } from './connection'
import type { AdmissionCodeFields, SignInFields } from './models/rows'

/** Somebody who signed in on a device, as long as it lasts. */
export interface SignIn {
  tokenHash: string
  staffId: number
  deviceId: number
  madeMs: number
  seenMs: number
}

const toSignIn = ({ tokenHash, staffId, deviceId, madeAt, seenAt }: SignInFields): SignIn => ({
  tokenHash,
  staffId,
  deviceId,
  madeMs: madeAt.getTime(),
  seenMs: seenAt.getTime(),
})

export async function addSignIn(signIn: Omit<SignIn, 'madeMs' | 'seenMs'>, nowMs: number): Promise<void> {
  const now = new Date(nowMs)
  await database().models.signIn.create({ ...signIn, madeAt: now, seenAt: now, endedAt: null })
}

/** The sign in that shows this; null when there is none, or it was ended. */
export async function signInByToken(tokenHash: string): Promise<SignIn | null> {
  const row = await database().models.signIn.findOne({ where: { tokenHash, endedAt: null } })
  return row && toSignIn(row)
}

/** Those on a device that nobody ended; of one person, or of everybody. */
export async function signInsOn(deviceId: number, staffId?: number): Promise<SignIn[]> {
  const where = { deviceId, endedAt: null, ...(staffId === undefined ? {} : { staffId }) }
  return (await database().models.signIn.findAll({ where, order: [['seenAt', 'DESC']] })).map(toSignIn)
}

/** Everybody who ever signed in on a device. */
export async function peopleOf(deviceId: number): Promise<Set<number>> {
  const rows = await database().models.signIn.findAll({ attributes: ['staffId'], where: { deviceId } })
  return new Set(rows.map(({ staffId }) => staffId))
}

export async function seeSignIn(tokenHash: string, nowMs: number): Promise<void> {
  await database().models.signIn.update({ seenAt: new Date(nowMs) }, { where: { tokenHash } })
}

/** Ends sign ins: of one person everywhere but there, or all of a device. */
export async function endSignIns(
  of: { staffId: number; but?: string } | { deviceId: number; staffId?: number },
  nowMs: number,
): Promise<void> {
  const { but, ...where } = of as { staffId?: number; deviceId?: number; but?: string }
  await database().models.signIn.update(
    { endedAt: new Date(nowMs) },
    { where: { ...where, endedAt: null, ...(but === undefined ? {} : { tokenHash: { [Op.ne]: but } }) } },
  )
}

export async function addCode(
  code: Pick<AdmissionCodeFields, 'codeHash' | 'staffId' | 'deviceName' | 'madeBy'>,
  nowMs: number,
  endsMs: number,
): Promise<void> {
  const [madeAt, endsAt] = [new Date(nowMs), new Date(endsMs)]
  await database().models.admissionCode.create({ ...code, madeAt, endsAt, usedAt: null })
}

/** Uses a code of a kind up: it lets in once, however many show it at once. Null where it is none, was used, or is over. */
export async function takeCode(
  codeHash: string,
  of: 'device' | 'person',
  nowMs: number,
): Promise<Pick<AdmissionCodeFields, 'staffId' | 'deviceName' | 'madeBy'> | null> {
  const { admissionCode } = database().models
  const usedAt = new Date(nowMs)
  const staffId = of === 'device' ? null : { [Op.ne]: null }
  const where = { codeHash, staffId, usedAt: null, endsAt: { [Op.gt]: usedAt } }
  const [taken] = await admissionCode.update({ usedAt }, { where })
  return taken === 1 ? admissionCode.findOne({ where: { codeHash } }) : null
}

/** How often something wrong was tried, and from when on an answer is given. The row is held until the transaction ends. */
export async function holdTries(what: string): Promise<{ n: number; freeMs: number }> {
  const { wrongTries } = database().models
  // Made first where it is missing, so that two who try at once wait for each other.
  await database().sequelize.query("INSERT IGNORE INTO wrong_tries VALUES (?, 0, '2000-01-01')", {
    replacements: [what],
  })
  const row = await wrongTries.findByPk(what, HELD)
  return { n: row?.n ?? 0, freeMs: row?.freeAt.getTime() ?? 0 }
}

export async function keepTries(what: string, { n, freeMs }: { n: number; freeMs: number }): Promise<void> {
  await database().models.wrongTries.update({ n, freeAt: new Date(freeMs) }, { where: { what } })
}

/** What was tried wrong, and how often. */
export async function readTries(): Promise<Map<string, number>> {
  const rows = await database().models.wrongTries.findAll({ where: { n: { [Op.gt]: 0 } } })
  return new Map(rows.map(({ what, n }) => [what, n]))
}
