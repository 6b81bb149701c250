import { Op } from 'sequelize'
import type { TrailKind } from '@/core/trail'
import { database } from './connection'
import type { FileChangeFields } from './models/rows'

export interface FileChange {
  id: number
  madeMs: number
  madeBy: string
  /** The fields that changed, as they were and as they became. */
  before: unknown
  after: unknown
}

/** Keeps what somebody changed, so that it can be read and gone back to. */
export async function addFileChange(
  of: { kind: TrailKind; id: number },
  change: Omit<FileChange, 'id'>,
): Promise<void> {
  await addFileChanges(of.kind, [of.id], change)
}

/** The same of many files at once. */
export async function addFileChanges(
  ofKind: TrailKind,
  ids: readonly number[],
  { madeMs, madeBy, before, after }: Omit<FileChange, 'id'>,
): Promise<void> {
  const { fileChange, staff } = database().models
  // Nobody else in the house has the name now; later somebody may be called otherwise.
  const maker = await staff.findOne({ attributes: ['id'], where: { name: madeBy } })
  const said = {
    ofKind,
    madeAt: new Date(madeMs),
    madeBy,
    madeById: maker?.id ?? null,
    beforeIt: JSON.stringify(before),
    afterIt: JSON.stringify(after),
  }
  for (let at = 0; at < ids.length; at += AT_ONCE)
    await fileChange.bulkCreate(ids.slice(at, at + AT_ONCE).map((ofId) => ({ ...said, ofId })))
}
/** Rows a statement. */
const AT_ONCE = 500

/** The latest changes of some files of a kind, the newest first. */
export async function readFileChanges(
  of: { kind: TrailKind; id: number | readonly number[] },
  most = 50,
): Promise<TrailRow[]> {
  const where = { ofKind: of.kind, ofId: typeof of.id === 'number' ? of.id : [...of.id] }
  return (await database().models.fileChange.findAll({ where, order: [['id', 'DESC']], limit: most })).map(toChange)
}

/** A change, and what it is of. */
export interface TrailRow extends FileChange {
  kind: TrailKind
  ofId: number
}

interface TrailPart {
  kind?: TrailKind
  by?: number
  fromMs?: number
  /** The first moment that is too late. */
  toMs?: number
  most: number
  skip: number
}

/** Changes of everything, the latest first. */
export async function readTrail({ kind, by, fromMs, toMs, most, skip }: TrailPart): Promise<TrailRow[]> {
  const where = {
    ...(kind ? { ofKind: kind } : {}),
    ...(by === undefined ? {} : { madeById: by }),
    madeAt: { [Op.gte]: new Date(fromMs ?? 0), ...(toMs === undefined ? {} : { [Op.lt]: new Date(toMs) }) },
  }
  const order: [string, string][] = [
    ['madeAt', 'DESC'],
    ['id', 'DESC'],
  ]
  return (await database().models.fileChange.findAll({ where, order, limit: most, offset: skip })).map(toChange)
}

const toChange = ({ id, ofKind, ofId, madeAt, madeBy, beforeIt, afterIt }: FileChangeFields): TrailRow => ({
  id,
  kind: ofKind as TrailKind,
  ofId,
  madeBy,
  madeMs: madeAt.getTime(),
  before: JSON.parse(beforeIt) as unknown,
  after: JSON.parse(afterIt) as unknown,
})
