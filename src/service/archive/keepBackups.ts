import { z } from 'zod'
import { Backups } from '@/core/archive'
import { NewPassphrase } from '@/core/rights'
import { refuse, type Result } from '@/core/result'
import { disk } from '@/data/archive/disk'
import { lockBy } from '@/data/archive/sealed'
import { inTransaction } from '@/data/connection'
import { changeHouse, holdHouse } from '@/data/house'
import { stale } from '../stale'
import { noteSaid } from '../trail/noteSaid'

export const BackupsAsked = z.strictObject({
  /** An empty one is the usual folder. */
  folder: z.union([z.literal(''), Backups.shape.folder.unwrap()]).optional(),
  keep: Backups.shape.keep,
  /** Locks every backup from now on; null leaves them open. */
  passphrase: NewPassphrase.nullable().optional(),
  version: z.int().positive(),
})

/** Decides where backups go, how many stay, and whether they are locked. */
export async function keepBackups(
  { folder, keep, passphrase, version }: z.infer<typeof BackupsAsked>,
  by: string,
  nowMs: number,
): Promise<Result<{ version: number }>> {
  if (folder && !(await mayWrite(folder)))
    return refuse('folder', `Kovit may not write into ${folder}, or it is no folder.`)
  const lock = passphrase ? await lockBy(passphrase) : null
  return inTransaction(async () => {
    const house = await holdHouse()
    if (!house) return refuse('folder', 'This house is not set up yet.')
    if (house.version !== version) return stale(house.name, ['its backups, or something else of it'])
    const next: Backups = {
      ...house.backups,
      ...(keep !== undefined && { keep }),
      ...(folder && { folder }),
      ...(lock && { lock }),
    }
    if (folder === '') delete next.folder
    if (passphrase === null) delete next.lock
    await changeHouse({ backups: next })
    const said = [
      folder !== undefined && 'the folder',
      keep !== undefined && 'how many stay',
      passphrase !== undefined && (lock ? 'they are locked' : 'they are open'),
    ]
    await noteSaid({ kind: 'house', id: 1 }, `Changed backups: ${said.filter(Boolean).join(', ')}`, by, nowMs)
    return { ok: true, value: { version: house.version + 1 } }
  })
}

const mayWrite = (folder: string): Promise<boolean> =>
  disk
    .mkdir(folder, { recursive: true, mode: 0o700 })
    .then(() => disk.access(folder, disk.constants.W_OK))
    .then(
      () => true,
      () => false,
    )
