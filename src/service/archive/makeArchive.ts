import { createHash } from 'node:crypto'
import {
  ARCHIVE_FORMAT,
  TABLES,
  archiveReadme,
  archiveSchemas,
  photoPath,
  tablePath,
  type ArchivedTable,
  type Manifest,
} from '@/core/archive'
import { openSnapshot, type Snapshot } from '@/data/archive/snapshot'
import { writeZip, type FileOut } from '@/data/archive/zipOut'
import type { OpenHouse } from '../house/openHouse'
import { foldDigest } from './foldDigest'

/** Told how far it is, 0 to 1. */
export type Progress = (share: number) => void

/** Visits whose fold an archive says of itself. */
const SAMPLE = 25

/** Writes the whole house, as it is at one moment, into one open archive. */
export async function makeArchive(path: string, house: OpenHouse, progress: Progress): Promise<Manifest> {
  const snapshot = await openSnapshot()
  try {
    const logs = await snapshot.logs(await snapshot.someVisits(SAMPLE))
    const folds = [...logs].map(([visit, events]) => ({ visit, sha256: foldDigest(events) }))
    const writing = new Writing(snapshot, house, { folds, tablesAfter: await snapshot.tablesAfter() }, progress)
    await writeZip(path, writing.files())
    return writing.manifest()
  } finally {
    await snapshot.close()
  }
}

class Writing {
  private readonly checksums: string[] = []
  private readonly tables: Manifest['tables'] = {}
  private readonly photos = { files: 0, bytes: 0 }
  private done = 0
  private all = 1

  constructor(
    private readonly snapshot: Snapshot,
    private readonly house: OpenHouse,
    private readonly said: Pick<Manifest, 'folds' | 'tablesAfter'>,
    private readonly progress: Progress,
  ) {}

  async *files(): AsyncGenerator<FileOut> {
    const { name, nowMs } = this.house
    const photos = await this.snapshot.photos()
    for (const table of TABLES) this.all += await this.snapshot.rows(table)
    const texts = [{ path: 'README.md', text: archiveReadme(name, new Date(nowMs).toISOString()) }, ...archiveSchemas()]
    for (const { path, text } of texts) yield this.file(path, () => this.once(path, Buffer.from(text)))
    for (const table of TABLES) yield this.file(tablePath(table), () => this.table(table))
    for (const { id } of photos) yield { ...this.file(photoPath(id), () => this.photo(id)), packed: false }
    yield this.file('checksums.txt', () => [Buffer.from(this.checksumsText())])
    yield this.file('manifest.json', () => [Buffer.from(`${JSON.stringify(this.manifest(), null, 2)}\n`)])
  }

  manifest(): Manifest {
    const { key, name, place, nowMs, demo } = this.house
    return {
      kovit: `house/${ARCHIVE_FORMAT}`,
      madeAt: new Date(nowMs).toISOString(),
      house: { key, name, place },
      demo,
      tables: this.tables,
      photos: this.photos,
      checksums: sha256(this.checksumsText()),
      ...this.said,
    }
  }

  private file(path: string, content: FileOut['content']): FileOut {
    return { path, packed: true, content }
  }

  private checksumsText(): string {
    return `${this.checksums.join('\n')}\n`
  }

  private *once(path: string, content: Buffer): Generator<Buffer> {
    this.checksums.push(`${sha256(content)}  ${path}`)
    yield content
  }

  private async *table(table: ArchivedTable): AsyncGenerator<Buffer> {
    const hash = createHash('sha256')
    const seen = { rows: 0, bytes: 0 }
    for await (const piece of this.snapshot.lines(table)) {
      hash.update(piece)
      const rows = linesIn(piece)
      seen.rows += rows
      seen.bytes += piece.length
      yield piece
      this.progress((this.done += rows) / this.all)
    }
    const digest = hash.digest('hex')
    this.tables[table] = { ...seen, sha256: digest }
    this.checksums.push(`${digest}  ${tablePath(table)}`)
  }

  private async *photo(id: string): AsyncGenerator<Buffer> {
    const jpeg = await this.snapshot.photo(id)
    this.photos.files++
    this.photos.bytes += jpeg.length
    yield* this.once(photoPath(id), jpeg)
  }
}

function linesIn(piece: Buffer): number {
  let lines = 0
  for (let at = piece.indexOf(10); at >= 0; at = piece.indexOf(10, at + 1)) lines++
  return lines
}

export const sha256 = (content: string | Buffer): string => createHash('sha256').update(content).digest('hex')
