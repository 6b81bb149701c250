import { READ_TABLES, TABLES, type Manifest } from '@/core/archive'
import { refuse, type Result } from '@/core/result'
import { isTwice, openLoading } from '@/data/archive/load'
import {
  beginHalf,
  dropSchema,
  endHalf,
  isHalf,
  keepSignIns,
  newSchema,
  openSchema,
  ownSchema,
} from '@/data/archive/schemas'
import { openSnapshot } from '@/data/archive/snapshot'
import { database } from '@/data/connection'
import { readHouse } from '@/data/house'
import { migrate } from '@/data/migrations'
import { Tally } from '@/data/archive/zipIn'
import type { Progress } from './makeArchive'
import { openArchive, type Archive } from './openArchive'
import { differs, readThrough } from './readThrough'

/** A table of more rows than this gets its indexes at the end. From memory. */
const MANY_ROWS = 20_000

export interface RestoreAsked {
  path: string
  passphrase: string | null
  /** Whether another house may take the place of the one that is kept here. */
  another: boolean
  /** Whether the demo may. */
  demo: boolean
}

export interface Restored {
  manifest: Manifest
  /** Where the house is now, beside the one that was there. */
  schema: string
}

/** Brings a house back into a schema of its own, beside the one that is kept here, which is not touched. */
export async function restoreBeside(asked: RestoreAsked, nowMs: number, progress: Progress): Promise<Result<Restored>> {
  return withArchive(asked, async (archive) => {
    const schema = await newSchema(nowMs)
    let isWhole = false
    try {
      const filled = await fill(schema, archive, progress)
      if (!filled.ok) return filled
      if ((await keptKey()) === archive.manifest.house.key) await keepSignIns(schema)
      await endHalf(schema)
      isWhole = true
      return { ok: true, value: { manifest: archive.manifest, schema } }
    } finally {
      if (!isWhole) await dropSchema(schema)
    }
  })
}

/** The same into a database that somebody else keeps, which has to be empty. */
export async function restoreHere(asked: RestoreAsked, progress: Progress): Promise<Result<Restored>> {
  return withArchive(asked, async (archive) => {
    const schema = ownSchema()
    if (!(await isHalf(schema)) && (await keptKey()) !== null)
      return refuse('file', 'This database holds a house already. Name an empty one in KOVIT_DATABASE_URL.')
    await database().sequelize.getQueryInterface().dropAllTables()
    await beginHalf(schema)
    const filled = await fill(schema, archive, progress)
    if (!filled.ok) {
      await database().sequelize.getQueryInterface().dropAllTables()
      return filled
    }
    await endHalf(schema)
    return { ok: true, value: { manifest: archive.manifest, schema } }
  })
}

/** What would come back, and whether it may: before anybody says yes. */
export async function lookIntoArchive(asked: RestoreAsked): Promise<Result<Manifest>> {
  return withArchive(asked, async ({ manifest }) => ({ ok: true, value: manifest }))
}

async function withArchive<T>(asked: RestoreAsked, work: (archive: Archive) => Promise<Result<T>>): Promise<Result<T>> {
  const opened = await openArchive(asked.path, asked.passphrase)
  if (!opened.ok) return opened
  const archive = opened.value
  try {
    return (await refusedHere(archive.manifest, asked)) ?? (await work(archive))
  } finally {
    await archive.close()
  }
}

/** The key of the house that is kept here; null in an empty book, and where there are no tables yet. */
async function keptKey(): Promise<string | null> {
  const tables = await database().sequelize.getQueryInterface().showAllTables()
  return tables.length > 0 && !(await isHalf(ownSchema())) ? ((await readHouse().catch(() => null))?.key ?? null) : null
}

async function refusedHere({ house, demo }: Manifest, asked: RestoreAsked): Promise<Result<never> | null> {
  if (demo && !asked.demo)
    return refuse('file', 'This is an archive of the demo. It is only put where the demo is kept.')
  const kept = await keptKey()
  if (kept !== null && kept !== house.key && !asked.another)
    return refuse('file', `This archive is of another house, ${house.name}, and not of the one that is kept here.`)
  return null
}

async function fill(schema: string, archive: Archive, progress: Progress): Promise<Result<null>> {
  const tables = openSchema(schema)
  try {
    await migrate(tables, archive.manifest.tablesAfter)
    const { tables: said } = archive.manifest
    const many = READ_TABLES.filter((table) => (said[table]?.rows ?? 0) > MANY_ROWS)
    const loading = await openLoading(schema, many)
    try {
      const read = await readThrough(
        archive,
        { row: (table, row, chars) => loading.add(table, row, chars), photo: (id, jpeg) => loading.addPhoto(id, jpeg) },
        (share) => progress(share * 0.8),
      )
      if (!read.ok) return read
      await loading.end()
    } catch (error) {
      if (isTwice(error))
        return refuse('file', 'Two rows of this archive say they are the same one. Nothing was changed.')
      throw error
    } finally {
      await loading.close()
    }
    const ran = await migrate(tables)
    await countRows(schema)
    return await sameAsRead(schema, archive.manifest, ran.length > 0, (share) => progress(0.8 + share * 0.2))
  } finally {
    await tables.sequelize.close()
  }
}

async function countRows(schema: string): Promise<void> {
  const loading = await openLoading(schema)
  await loading.count().finally(() => loading.close())
}

/** Reads the restored house once more: each row is what the archive has. After a change of the tables each is there. */
async function sameAsRead(
  schema: string,
  manifest: Manifest,
  isChanged: boolean,
  progress: Progress,
): Promise<Result<null>> {
  const snapshot = await openSnapshot(schema)
  try {
    const found: Manifest['tables'] = {}
    for (const [at, table] of TABLES.entries()) {
      const seen = new Tally()
      for await (const piece of snapshot.lines(table, !isChanged)) seen.add(piece)
      found[table] = { rows: seen.rows, bytes: seen.bytes, sha256: seen.sha256() }
      progress((at + 1) / TABLES.length)
    }
    const odd = isChanged
      ? TABLES.find((table) => (found[table]?.rows ?? 0) !== (manifest.tables[table]?.rows ?? 0))
      : differs(found, manifest.tables)
    return odd ? refuse('file', `What was put into ${odd} does not read back as it was. Nothing was changed.`) : OK
  } finally {
    await snapshot.close()
  }
}

const OK = { ok: true, value: null } as const
