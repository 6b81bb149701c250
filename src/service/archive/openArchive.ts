import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Manifest, READ_TABLES, isArchivePath, refusedFormat, tablePath } from '@/core/archive'
import { refuse, type Result } from '@/core/result'
import { disk } from '@/data/archive/disk'
import { isLocked, unlockFile } from '@/data/archive/sealed'
import { openZipIn, wholeFile, type ZipIn } from '@/data/archive/zipIn'
import { isMigration } from '@/data/migrations'

/** An archive whose every byte is as it was written, and which this Kovit can read. */
export interface Archive {
  manifest: Manifest
  /** SHA-256 of each file, by its path. */
  checksums: ReadonlyMap<string, string>
  zip: ZipIn
  close(): Promise<void>
}

/** What an archive says of itself is read whole; a million pictures fit. */
const MOST_SAID = 200_000_000

/** @param passphrase needed where the archive is locked */
export async function openArchive(path: string, passphrase: string | null): Promise<Result<Archive>> {
  const locked = await isLocked(path).catch(() => null)
  if (locked === null) return refuse('file', 'This file cannot be read.')
  if (!locked) return openPlain(path, async () => {})
  if (passphrase === null) return refuse('passphrase', 'This archive is locked: give its passphrase.')
  const folder = await disk.mkdtemp(join(tmpdir(), 'kovit-'))
  const away = () => disk.rm(folder, { recursive: true, force: true })
  const plain = join(folder, 'house.zip')
  const unlocked = await unlockFile(path, plain, passphrase)
  const opened = unlocked.ok ? await openPlain(plain, away) : unlocked
  if (!opened.ok) await away()
  return opened
}

async function openPlain(path: string, after: () => Promise<void>): Promise<Result<Archive>> {
  const opened = await openZipIn(path, isArchivePath)
  if (!opened.ok) return opened
  const zip = opened.value
  const said = await readSaid(zip).catch(() => refuse('file', 'What this archive says of itself cannot be read.'))
  if (!said.ok) {
    zip.close()
    return said
  }
  const close = async () => {
    zip.close()
    await after()
  }
  return { ok: true, value: { ...said.value, zip, close } }
}

async function readSaid(zip: ZipIn): Promise<Result<Pick<Archive, 'manifest' | 'checksums'>>> {
  const raw: unknown = JSON.parse((await wholeFile(zip.read('manifest.json'), MOST_SAID)).toString('utf8'))
  const newer = refusedFormat((raw as { kovit?: unknown } | null)?.kovit)
  if (newer) return refuse('file', newer)
  const parsed = Manifest.safeParse(raw)
  if (!parsed.success) return refuse('file', 'What this archive says of itself does not fit its format.')
  const manifest = parsed.data
  if (!isMigration(manifest.tablesAfter))
    return refuse('file', `This archive was made by a newer Kovit (${manifest.tablesAfter}). Start that one.`)
  const odd = READ_TABLES.find(
    (table) => (zip.sizes.get(tablePath(table)) ?? 0) !== (manifest.tables[table]?.bytes ?? 0),
  )
  if (odd) return refuse('file', `${tablePath(odd)} is not as long as this archive says.`)
  const text = (await wholeFile(zip.read('checksums.txt'), MOST_SAID)).toString('utf8')
  const lines = text.split('\n').filter((line) => line !== '')
  const checksums = new Map(lines.map((line) => [line.slice(66), line.slice(0, 64)] as const))
  return { ok: true, value: { manifest, checksums } }
}
