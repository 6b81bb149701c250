import {
  READ,
  READ_TABLES,
  TABLES,
  photoPath,
  rowSchema,
  tablePath,
  type ArchivedTable,
  type Manifest,
  type ReadTable,
} from '@/core/archive'
import { tryStoredEvent } from '@/core/formats'
import { problemsOf, refuse, type Result } from '@/core/result'
import type { VisitEvent } from '@/core/visit'
import { linesOf, wholeFile } from '@/data/archive/zipIn'
import { foldDigest } from './foldDigest'
import type { Progress } from './makeArchive'
import { sha256 } from './makeArchive'
import type { Archive } from './openArchive'

type Row = Record<string, unknown>

/** Who takes what is read: rows one after another, a picture after all rows. */
export interface Taker {
  row(table: ReadTable, row: Row, chars: number): Promise<void> | void
  photo(id: string, jpeg: Buffer): Promise<void>
}

/** A picture larger than this is none of ours, bytes: the column holds 16 MB. */
const MOST_PHOTO = 16_777_215

class Fault extends Error {}

/**
 * Reads a whole archive, row by row, and checks as it goes that all of it is there: counts, checksums, the shape of each
 * row, a file for each picture, and that a sample of visits tells the same as when it was made.
 */
export async function readThrough(archive: Archive, taker: Taker, progress: Progress): Promise<Result<null>> {
  try {
    await new Reading(archive, taker, progress).all()
    return { ok: true, value: null }
  } catch (error) {
    if (error instanceof Fault) return refuse('file', error.message)
    throw error
  }
}

class Reading {
  private readonly photos = new Set<string>()
  private readonly logs: Map<number, VisitEvent[]>
  private readonly rows: number
  private done = 0

  constructor(
    private readonly archive: Archive,
    private readonly taker: Taker,
    private readonly progress: Progress,
  ) {
    const { tables, folds, photos } = archive.manifest
    this.logs = new Map(folds.map(({ visit }) => [visit, []]))
    this.rows = Object.values(tables).reduce((sum, { rows }) => sum + rows, photos.files + 1)
  }

  async all(): Promise<void> {
    for (const table of READ_TABLES) await this.table(table)
    for (const { visit, sha256: told } of this.archive.manifest.folds)
      if (foldDigest(this.logs.get(visit) ?? []) !== told)
        throw new Fault(`Visit ${visit} does not tell the same as when this archive was made.`)
    await this.allPhotos()
  }

  private async table(table: ReadTable): Promise<void> {
    const said = this.archive.manifest.tables[table]
    if (!said) return
    const path = tablePath(table)
    const schema = rowSchema(READ[table]).partial()
    const { lines, seen } = linesOf(this.archive.zip.read(path))
    let no = 0
    const where = () => `${path}, line ${no}`
    for await (const some of lines)
      for (const line of some) {
        no++
        const row = schema.safeParse(parsed(line, where))
        if (!row.success) {
          const [problem] = problemsOf(row.error)
          throw new Fault(`${where()}: ${problem?.path}: ${problem?.sentence}`)
        }
        this.noted(table, row.data)
        // Most rows are only put with others, and nothing has to be waited for.
        const taken = this.taker.row(table, row.data, line.length)
        if (taken) await taken
        if (no % 1000 === 0) this.progress((this.done + no) / this.rows)
      }
    this.done += seen.rows
    if (seen.rows !== said.rows || seen.bytes !== said.bytes || seen.sha256() !== said.sha256)
      throw new Fault(`${path} is not what this archive says: ${seen.rows} rows of ${said.rows}.`)
  }

  private noted(table: ReadTable, row: Row): void {
    if (table === 'photos') this.photos.add(String(row.id))
    if (table !== 'visit_events') return
    const log = this.logs.get(Number(row.visit_id))
    const read = log && tryStoredEvent(JSON.stringify(row.payload), Number(row.format))
    if (read?.ok) log?.push(read.value)
  }

  private async allPhotos(): Promise<void> {
    const { zip, checksums } = this.archive
    const files = [...zip.sizes.keys()].filter((path) => path.startsWith('photos/'))
    if (files.length !== this.photos.size) throw new Fault('The pictures of this archive are not those it lists.')
    for (const id of this.photos) {
      const path = photoPath(id)
      if ((zip.sizes.get(path) ?? 0) > MOST_PHOTO) throw new Fault(`${path} is larger than a picture can be.`)
      const jpeg = await wholeFile(zip.read(path), MOST_PHOTO)
      if (sha256(jpeg) !== checksums.get(path)) throw new Fault(`${path} is not the picture that this archive lists.`)
      await this.taker.photo(id, jpeg)
      this.progress(++this.done / this.rows)
    }
  }
}

function parsed(line: string, where: () => string): unknown {
  try {
    return JSON.parse(line)
  } catch (error) {
    if (error instanceof SyntaxError) throw new Fault(`${where()}: This is not JSON.`)
    throw error
  }
}

/** Reads an archive back and keeps nothing of it. */
export const verify = (archive: Archive, progress: Progress): Promise<Result<null>> =>
  readThrough(archive, { row: () => {}, photo: async () => {} }, progress)

/** Whether two archives' tables hold the same, row for row. */
export const differs = (a: Manifest['tables'], b: Manifest['tables']): ArchivedTable | undefined =>
  TABLES.find((table) => (a[table]?.rows ?? 0) !== (b[table]?.rows ?? 0) || a[table]?.sha256 !== b[table]?.sha256)
