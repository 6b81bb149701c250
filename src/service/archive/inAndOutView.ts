import { basename, join } from 'node:path'
import { z } from 'zod'
import { BACKUPS_USUAL, backupSaid } from '@/core/archive'
import { refuse, type Result } from '@/core/result'
import type { OpenHouse } from '../house/openHouse'
import { archiveJob, keepsOwnDatabase } from './archiveJob'
import { backupFolder, hoursSinceBackup, readArchives } from './backUp'
import { lookIntoArchive } from './restoreHouse'

/** What goes in and out of the house: its backups, how old the last one is, and what is being done. */
export async function inAndOutView(house: OpenHouse) {
  const { backups, time, version, demo } = house
  const archives = await readArchives(backups)
  return {
    version,
    demo,
    folder: backupFolder(backups),
    ownFolder: backups.folder ?? '',
    keep: backups.keep ?? BACKUPS_USUAL.keep,
    isLocked: backups.lock !== undefined,
    canRestore: keepsOwnDatabase(),
    last: backupSaid(await hoursSinceBackup(house), demo),
    archives: archives.map(({ name, madeMs, bytes, locked, own }) => ({
      name,
      own,
      locked,
      megabytes: bytes / 1e6,
      made: `${time.shortDay(madeMs)}, ${time.clock(madeMs)}`,
    })),
    job: archiveJob(),
  }
}
export type InAndOutView = Awaited<ReturnType<typeof inAndOutView>>

export const ArchiveAsked = z.strictObject({
  name: z.string().max(200),
  passphrase: z.string().max(1000).nullable(),
  another: z.boolean(),
})

/** The archive of that name in the house's folder; a name that leads elsewhere is none of them. */
export async function archivePath(name: string, { backups }: OpenHouse): Promise<Result<string>> {
  const known = (await readArchives(backups)).some((each) => each.name === basename(name) && each.name === name)
  return known
    ? { ok: true, value: join(backupFolder(backups), name) }
    : refuse('name', 'There is no such archive in the folder any more.')
}

export { openAsBlob as archiveBlob } from '@/data/archive/disk'

/** What an archive holds. */
export interface LookedInto {
  house: string
  made: string
  dogs: number
  visits: number
  photos: number
}

/** What would come back, so that a person can say yes to it. */
export async function lookInto(
  { name, passphrase, another }: z.infer<typeof ArchiveAsked>,
  house: OpenHouse,
): Promise<Result<LookedInto>> {
  const path = await archivePath(name, house)
  if (!path.ok) return path
  const looked = await lookIntoArchive({ path: path.value, passphrase, another, demo: house.demo })
  if (!looked.ok) return looked
  const { house: of, madeAt, tables, photos } = looked.value
  const madeMs = Date.parse(madeAt)
  return {
    ok: true,
    value: {
      house: of.name,
      made: `${house.time.shortDay(madeMs)}, ${house.time.clock(madeMs)}`,
      dogs: tables.dogs?.rows ?? 0,
      visits: tables.visits?.rows ?? 0,
      photos: photos.files,
    },
  }
}
