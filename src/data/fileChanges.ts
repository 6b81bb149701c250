import { database } from './connection'

/** What a file is about. */
export type FileKind = 'dog' | 'household' | 'booking'

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
  of: { kind: FileKind; id: number },
  { madeMs, madeBy, before, after }: Omit<FileChange, 'id'>,
): Promise<void> {
  await database().models.fileChange.create({
    ofKind: of.kind,
    ofId: of.id,
    madeAt: new Date(madeMs),
    madeBy,
    beforeIt: JSON.stringify(before),
    afterIt: JSON.stringify(after),
  })
}

/** The latest changes of some files of a kind, the newest first. */
export async function readFileChanges(
  of: { kind: FileKind; id: number | readonly number[] },
  most = 50,
): Promise<(FileChange & { ofId: number })[]> {
  const where = { ofKind: of.kind, ofId: typeof of.id === 'number' ? of.id : [...of.id] }
  const rows = await database().models.fileChange.findAll({ where, order: [['id', 'DESC']], limit: most })
  return rows.map(({ id, ofId, madeAt, madeBy, beforeIt, afterIt }) => ({
    id,
    ofId,
    madeBy,
    madeMs: madeAt.getTime(),
    before: JSON.parse(beforeIt) as unknown,
    after: JSON.parse(afterIt) as unknown,
  }))
}
