import { z } from 'zod'
import { READ_TABLES, type ReadTable } from './tables'

/** The number of the archive's own shape. */
export const ARCHIVE_FORMAT = 1

const Sha256 = z.string().regex(/^[0-9a-f]{64}$/)

/** What an archive says of itself. */
export const Manifest = z.strictObject({
  kovit: z.string().regex(/^house\/\d+$/),
  madeAt: z.iso.datetime(),
  house: z.strictObject({ key: z.string(), name: z.string(), place: z.string() }),
  /** Whether it is the demo, and nobody's own house. */
  demo: z.boolean(),
  /** The last change of the tables that it was made after. */
  tablesAfter: z.string(),
  tables: z.partialRecord(
    z.enum(READ_TABLES as [ReadTable, ...ReadTable[]]),
    z.strictObject({ rows: z.int().min(0), bytes: z.int().min(0), sha256: Sha256 }),
  ),
  photos: z.strictObject({ files: z.int().min(0), bytes: z.int().min(0) }),
  /** Some visits as their events tell them, so that it can be seen that they are told the same when read back. */
  folds: z.array(z.strictObject({ visit: z.int(), sha256: Sha256 })),
  /** Of checksums.txt, which names every file. */
  checksums: Sha256,
})
export type Manifest = z.infer<typeof Manifest>

/** Why an archive of this shape cannot be read here; null when it can. */
export function refusedFormat(kovit: unknown): string | null {
  const number = typeof kovit === 'string' ? Number(/^house\/(\d+)$/.exec(kovit)?.[1] ?? NaN) : NaN
  if (Number.isNaN(number)) return 'This is no archive of a house.'
  if (number > ARCHIVE_FORMAT)
    return `This archive was made by a newer Kovit (house/${number}); this one reads up to house/${ARCHIVE_FORMAT}.`
  return null
}

const UUID = '[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}'
const PATHS = new RegExp(
  `^(README\\.md|manifest\\.json|checksums\\.txt|schema/[a-z_]+\\.json|tables/(${READ_TABLES.join('|')})\\.jsonl|photos/${UUID}\\.jpg)$`,
)

/** Whether a file of this name has a place in an archive; whatever leads elsewhere has none. */
export const isArchivePath = (path: string): boolean => PATHS.test(path)

export const tablePath = (table: ReadTable): string => `tables/${table}.jsonl`
export const schemaPath = (table: string): string => `schema/${table}.json`
export const photoPath = (id: string): string => `photos/${id}.jpg`
