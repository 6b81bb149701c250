import { basename, dirname, join } from 'node:path'
import { BACKUPS_USUAL, backupMs, backupName, tooMany, type Backups, type Manifest } from '@/core/archive'
import { refuse, type Result } from '@/core/result'
import { disk } from '@/data/archive/disk'
import { lockFile } from '@/data/archive/sealed'
import { MS_PER_HOUR } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { makeArchive, type Progress } from './makeArchive'
import { openArchive } from './openArchive'
import { verify } from './readThrough'

/**
 * Makes a backup and reads it back before it has its name: a file that is there is whole.
 * @param lock locks it, once it was read back
 */
export async function backUp(
  path: string,
  house: OpenHouse,
  lock: Backups['lock'] | null,
  progress: Progress,
): Promise<Result<Manifest>> {
  const [half, plain] = [`${path}.part`, `${path}.part.zip`]
  try {
    await disk.mkdir(dirname(path), { recursive: true, mode: 0o700 })
    return await writeBackup({ path, half, plain }, house, lock, progress)
  } catch (error) {
    const why = WHY[(error as NodeJS.ErrnoException).code ?? '']
    if (why) return refuse('file', `${why} ${path}`)
    throw error
  } finally {
    await Promise.allSettled([half, plain].map((each) => disk.rm(each, { force: true })))
  }
}

async function writeBackup(
  { path, half, plain }: { path: string; half: string; plain: string },
  house: OpenHouse,
  lock: Backups['lock'] | null,
  progress: Progress,
): Promise<Result<Manifest>> {
  const manifest = await makeArchive(plain, house, (share) => progress(share * 0.6))
  const opened = await openArchive(plain, null)
  if (!opened.ok) return opened
  const whole = await verify(opened.value, (share) => progress(0.6 + share * 0.4))
  await opened.value.close()
  if (!whole.ok) return whole
  if (lock) await lockFile(plain, half, lock)
  await disk.rename(lock ? half : plain, path)
  await settle(dirname(path))
  return { ok: true, value: manifest }
}

const WHY: Record<string, string> = {
  ENOSPC: 'The disk has no room left for',
  EACCES: 'Kovit may not write',
  EPERM: 'Kovit may not write',
  EROFS: 'The disk cannot be written:',
  ENOTDIR: 'This is no folder:',
  EEXIST: 'This is no folder:',
  ENOENT: 'There is no such folder for',
}

/** A name is on the disk when its folder is. */
async function settle(folder: string): Promise<void> {
  const handle = await disk.open(folder)
  await handle.sync().finally(() => handle.close())
}

/** Where backups are kept: the house's own folder, or beside the house. */
export const backupFolder = ({ folder }: Backups): string => folder ?? `${process.env.KOVIT_HOME ?? '.kovit'}/backups`

/** A backup of now in its folder; the oldest beyond those that are kept are let go of, once the new one is whole. */
export async function backUpNow(house: OpenHouse, progress: Progress): Promise<Result<Manifest>> {
  const { backups } = house
  const folder = backupFolder(backups)
  const path = join(folder, backupName(house.nowMs, backups.lock !== undefined))
  const made = await backUp(path, house, backups.lock, progress)
  if (!made.ok) return made
  const names = await disk.readdir(folder)
  await Promise.all(tooMany(names, backups.keep ?? BACKUPS_USUAL.keep).map((name) => disk.rm(join(folder, name))))
  return made
}

/** How long ago the last backup was made, h; null where there is none. */
export async function hoursSinceBackup({ backups, nowMs }: OpenHouse): Promise<number | null> {
  const last = (await readArchives(backups)).find(({ own }) => own)
  return last ? (nowMs - last.madeMs) / MS_PER_HOUR : null
}

/** Whether the last backup is a day old, or there is none. */
export const isBackupDue = async (house: OpenHouse): Promise<boolean> =>
  ((await hoursSinceBackup(house)) ?? Infinity) >= BACKUPS_USUAL.eachHours

/** An archive in the house's folder. */
export interface KeptBackup {
  name: string
  madeMs: number
  bytes: number
  locked: boolean
  /** Made here; one that somebody put there is brought back as well, and never let go of. */
  own: boolean
}

async function keptBackup(path: string): Promise<KeptBackup> {
  const name = basename(path)
  const { size, mtimeMs } = await disk.stat(path)
  const madeMs = backupMs(name)
  return { name, madeMs: madeMs ?? mtimeMs, bytes: size, locked: name.endsWith('.locked'), own: madeMs !== null }
}

/** The archives in the house's folder, the newest first. */
export async function readArchives(backups: Backups): Promise<KeptBackup[]> {
  const folder = backupFolder(backups)
  const names = (await disk.readdir(folder).catch(() => [])).filter((name) => /^[^./][^/]*\.(zip|locked)$/.test(name))
  const all = await Promise.all(names.map((name) => keptBackup(join(folder, name))))
  return all.sort((a, b) => b.madeMs - a.madeMs)
}
