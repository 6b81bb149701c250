import { spawn } from 'node:child_process'
import { copyFileSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, truncateSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { QueryTypes, type FindOptions } from 'sequelize'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { ARCHIVED, LEFT_OUT, Manifest } from '@/core/archive'
import type { CardEntry } from '@/core/request'
import { lockBy } from '@/data/archive/sealed'
import { dropSchema, openSchema } from '@/data/archive/schemas'
import { openZipIn, wholeFile } from '@/data/archive/zipIn'
import { writeZip } from '@/data/archive/zipOut'
import type { Database } from '@/data/connection'
import type { CardFields } from '@/data/models/rows'
import { readLog } from '@/data/events'
import { backUp, backUpNow, readArchives } from '@/service/archive/backUp'
import { sha256 } from '@/service/archive/makeArchive'
import { restoreBeside, restoreHere } from '@/service/archive/restoreHouse'
import { openHouse as readOpenHouse } from '@/service/house/openHouse'
import { appendEvents } from '@/service/visit/appendEvents'
import { keepPaper } from '@/service/dog/papers'
import { keepPhoto } from '@/service/visit/photos'
import { NINE, bookQuill, closeVisit, happened, openHouse, startVisit, type Server } from './house'

const HOME = '.kovit-test/archive'
const PHOTO = '00000000-0000-4000-8000-00000000000a'
const PAPER = '00000000-0000-4000-8000-00000000000c'
const LATER = NINE + 300 * 60_000

let server: Server
let database: Database
let folder: string
let good: string
let visitId: number

beforeAll(async () => {
  ;({ server, database } = await openHouse(HOME))
  folder = mkdtempSync(join(HOME, 'files-'))
  const { bookingId, dogId } = await bookQuill(database)
  await database.models.dog.update({ breed: 'Barbet "Crème", 犬\nsecond line' }, { where: { id: dogId } })
  visitId = await startVisit(bookingId, dogId)
  const jpeg = await sharp({ create: { width: 30, height: 20, channels: 3, background: '#884422' } })
    .jpeg()
    .toBuffer()
  await keepPhoto(visitId, PHOTO, jpeg, NINE)
  await keepPaper(dogId, PAPER, jpeg, NINE)
  await appendEvents(
    visitId,
    [happened(1, { kind: 'weighed', weightKg: 17.4 }), happened(9, { kind: 'note', words: 'É', stage: null })],
    NINE,
  )
  await closeVisit(visitId, true, LATER)
  good = join(folder, 'good.zip')
  expect(await backUp(good, await readOpenHouse(LATER), null, () => {})).toMatchObject({ ok: true })
}, 60_000)
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

/** A card as its line tells it. */
interface KeptCard {
  id: number
  zones: CardEntry[]
  blades: string
}
const asLines = (rows: readonly object[]): string => rows.map((row) => `${JSON.stringify(row)}\n`).join('')

const NO_WORD = () => {}
const asked = (path: string, more: object = {}) => ({ path, passphrase: null, another: false, demo: false, ...more })
let moment = LATER
const restore = (path: string, more: object = {}) => restoreBeside(asked(path, more), (moment += 1000), NO_WORD)
const refusal = async (path: string, more: object = {}) => {
  const done = await restore(path, more)
  return done.ok ? 'taken' : done.problems[0]?.sentence
}
const select = (sql: string) => database.sequelize.query(sql, { type: QueryTypes.SELECT })
const schemas = () =>
  select("SELECT schema_name AS name FROM information_schema.schemata WHERE schema_name LIKE 'kovit%'")

/** The files of an archive, to make another one of. */
async function unpacked(path: string): Promise<Map<string, Buffer>> {
  const opened = await openZipIn(path, () => true)
  if (!opened.ok) throw new Error('This is no archive.')
  const files = new Map<string, Buffer>()
  for (const name of opened.value.sizes.keys()) files.set(name, await wholeFile(opened.value.read(name), 1e8))
  opened.value.close()
  return files
}
async function packed(name: string, files: Iterable<[string, Buffer]>): Promise<string> {
  const path = join(folder, name)
  await writeZip(
    path,
    [...files].map(([file, content]) => ({ path: file, packed: true, content: () => [content] })),
  )
  return path
}
/** The good archive with its manifest changed. */
async function withSaid(name: string, change: (manifest: Manifest) => object): Promise<string> {
  const files = await unpacked(good)
  const said = JSON.parse(String(files.get('manifest.json'))) as Manifest
  return packed(name, files.set('manifest.json', Buffer.from(JSON.stringify({ ...said, ...change(said) }))))
}

/** The good archive with other rules of the house in it. */
async function withRules(name: string, content: string, rows: number): Promise<string> {
  const files = await unpacked(good)
  files.set('tables/house_rules.jsonl', Buffer.from(content))
  const said = JSON.parse(String(files.get('manifest.json'))) as Manifest
  const tables = { ...said.tables, house_rules: { rows, bytes: Buffer.byteLength(content), sha256: sha256(content) } }
  return packed(name, files.set('manifest.json', Buffer.from(JSON.stringify({ ...said, tables }))))
}

it('every column of every table is taken along, or it is said why not', async () => {
  const rows = await select(
    `SELECT table_name AS t, column_name AS c, is_nullable AS n FROM information_schema.columns WHERE table_schema = DATABASE()`,
  )
  const said = new Map<string, string>(
    Object.entries(ARCHIVED).flatMap(([table, columns]) =>
      Object.entries<string>(columns).map(
        ([name, kind]) => [`${table}.${name}`, kind.endsWith('?') ? 'YES' : 'NO'] as const,
      ),
    ),
  )
  const missing = (rows as { t: string; c: string; n: string }[]).filter(({ t, c, n }) => {
    if (t in LEFT_OUT || `${t}.${c}` in LEFT_OUT) return false
    const kept = said.get(`${t}.${c}`)
    said.delete(`${t}.${c}`)
    return kept !== n
  })
  expect({ missing, unknown: [...said.keys()] }).toEqual({ missing: [], unknown: [] })
})

describe('a house that comes back', () => {
  it('is the same, row for row, its pictures and what its visits tell, and the one that was there stays', async () => {
    const before = await readLog(visitId)
    const done = await restore(good)
    if (!done.ok) throw new Error(done.problems[0]?.sentence)
    const again = join(folder, 'again.zip')
    const restored = openSchema(done.value.schema)
    connectTo(restored)
    expect(await backUp(again, await readOpenHouse(LATER), null, NO_WORD)).toMatchObject({ ok: true })
    expect(await readLog(visitId)).toEqual(before)
    connectTo(database)
    await restored.sequelize.close()
    const [a, b] = [await unpacked(good), await unpacked(again)]
    expect([...b].filter(([name, content]) => !content.equals(a.get(name) ?? Buffer.alloc(0)))).toEqual([])
    expect(await readLog(visitId)).toEqual(before)
    await dropSchema(done.value.schema)
  })

  it('keeps who may sign in where it is the same house, and takes no secret along', async () => {
    await database.models.staff.update({ passphrase: 'hash-of-it' }, { where: {} })
    const path = join(folder, 'secrets.zip')
    await backUp(path, await readOpenHouse(LATER), null, NO_WORD)
    for (const content of (await unpacked(path)).values()) expect(content.includes('hash-of-it')).toBe(false)
    const done = await restore(path)
    if (!done.ok) throw new Error(done.problems[0]?.sentence)
    const restored = openSchema(done.value.schema)
    expect((await restored.models.staff.findOne())?.passphrase).toBe('hash-of-it')
    await restored.sequelize.close()
    await dropSchema(done.value.schema)
  })

  it('an archive of an earlier Kovit goes through the changes of the tables since', async () => {
    const files = await unpacked(good)
    const line = (table: string, later: readonly string[]) => {
      const [row] = String(files.get(`tables/${table}.jsonl`)).split('\n')
      const known = Object.entries(JSON.parse(row ?? '') as object).filter(([column]) => !later.includes(column))
      return `${JSON.stringify(Object.fromEntries(known))}\n`
    }
    const cards = String(files.get('tables/trim_cards.jsonl'))
      .trimEnd()
      .split('\n')
      .map((row) => JSON.parse(row) as KeptCard)
    const lines = {
      house: line('house', ['backups']),
      photos: line('photos', ['dog_id', 'gone_at']),
      trim_cards: asLines(cards.map(({ zones: _, blades: __, ...card }) => card)),
      // Zones were rows of their own.
      trim_card_zones: asLines(
        cards
          .flatMap(({ id, zones }) => zones.map((zone) => ({ card_id: id, ...zone })))
          .map(({ lengthMm, join, ...zone }, at) => ({ id: at + 1, ...zone, length_mm: lengthMm, join_kind: join })),
      ),
    }
    for (const [table, text] of Object.entries(lines)) files.set(`tables/${table}.jsonl`, Buffer.from(text))
    files.delete('tables/brought_in.jsonl')
    files.delete(`photos/${PAPER}.jpg`)
    const said = JSON.parse(String(files.get('manifest.json'))) as Manifest
    const { brought_in: _, ...before } = said.tables
    const part = (text: string) => ({
      rows: text.split('\n').length - 1,
      bytes: Buffer.byteLength(text),
      sha256: sha256(text),
    })
    const tables = {
      ...before,
      ...Object.fromEntries(Object.entries(lines).map(([table, text]) => [table, part(text)])),
    }
    const photos = { files: 1, bytes: files.get(`photos/${PHOTO}.jpg`)?.length ?? 0 }
    const earlier = { ...said, tables, photos, tablesAfter: '0016-where-doors-are' }
    const path = await packed('earlier.zip', files.set('manifest.json', Buffer.from(JSON.stringify(earlier))))
    const done = await restore(path)
    if (!done.ok) throw new Error(done.problems[0]?.sentence)
    const restored = openSchema(done.value.schema)
    expect(await restored.models.house.findOne()).toMatchObject({ name: 'Test house', backups: '{}' })
    expect(await restored.models.visit.count()).toBe(1)
    const all: FindOptions<CardFields> = { attributes: ['zones', 'blades'], order: [['id', 'ASC']] }
    const [was, now] = [await database.models.card.findAll(all), await restored.models.card.findAll(all)]
    expect(now.map(({ zones }) => JSON.parse(zones))).toEqual(was.map(({ zones }) => JSON.parse(zones)))
    expect(now.map(({ blades }) => blades)).toEqual(was.map(({ blades }) => blades))
    expect(now.some(({ blades }) => blades !== '')).toBe(true)
    await restored.sequelize.close()
    await dropSchema(done.value.schema)
  })

  it('a database that somebody else keeps is only filled when it is empty', async () =>
    expect(await restoreHere(asked(good), NO_WORD)).toMatchObject({
      ok: false,
      problems: [{ sentence: 'This database holds a house already. Name an empty one in KOVIT_DATABASE_URL.' }],
    }))
})

it('a backup shows one moment, whatever is written meanwhile', async () => {
  let writes = 0
  const path = join(folder, 'moment.zip')
  const made = await backUp(path, await readOpenHouse(LATER), null, () => {
    writes++
    void database.models.rule.upsert({ ruleId: `rule-${writes}`, choice: 'x' }).catch(NO_WORD)
  })
  expect(made).toMatchObject({ ok: true, value: { tables: { house_rules: { rows: 0 } } } })
  await database.models.rule.destroy({ where: {} })
})

describe('refused with a sentence, and nothing changed', () => {
  let before: unknown
  beforeAll(async () => void (before = await schemas()))
  afterAll(async () => expect(await schemas()).toEqual(before))

  const DAMAGED = 'This file is no archive, is cut short, or was changed since it was made.'
  it('an archive that is cut short, at any place', async () => {
    const { length } = readFileSync(good)
    for (const part of [0, 10, 0.3, 0.9]) {
      const path = join(folder, 'cut.zip')
      copyFileSync(good, path)
      truncateSync(path, part < 1 ? Math.floor(length * part) : length - part)
      expect(await refusal(path)).toBe(DAMAGED)
    }
  })
  it('one that was changed by a byte, wherever', async () => {
    const whole = readFileSync(good)
    for (let at = 0; at < whole.length; at += Math.ceil(whole.length / 40)) {
      const changed = Buffer.from(whole)
      changed[at] = (changed[at] as number) ^ 1
      writeFileSync(join(folder, 'changed.zip'), changed)
      expect(await refusal(join(folder, 'changed.zip'))).toBe(DAMAGED)
    }
  })
  it.each([
    [
      'of a newer format',
      { kovit: 'house/2' },
      'This archive was made by a newer Kovit (house/2); this one reads up to house/1.',
    ],
    ['of something else', { kovit: 'recipes/1' }, 'This is no archive of a house.'],
    [
      'with tables of a newer Kovit',
      { tablesAfter: '9999-new' },
      'This archive was made by a newer Kovit (9999-new). Start that one.',
    ],
    ['of the demo', { demo: true }, 'This is an archive of the demo. It is only put where the demo is kept.'],
    [
      'of another house with the same ids',
      { house: { key: 'other', name: 'Gull Quay', place: '' } },
      'This archive is of another house, Gull Quay, and not of the one that is kept here.',
    ],
    [
      'whose visits tell something else than they did',
      { folds: [{ visit: 1, sha256: sha256('another') }] },
      'Visit 1 does not tell the same as when this archive was made.',
    ],
  ])('one %s', async (name, change, sentence) =>
    expect(await refusal(await withSaid(`${name}.zip`, () => change))).toBe(sentence),
  )

  it.each(['../out.txt', '/etc/passwd', 'tables/../../out.jsonl', 'tables/devices.jsonl', 'photos/x.jpg'])(
    'one with the path %s',
    async (path) => {
      // A zip's own writer refuses such names: it is written under a harmless one of the same length, and renamed in the bytes.
      const harmless = 'x'.repeat(path.length)
      const made = await packed('path.zip', [...(await unpacked(good)), [harmless, Buffer.from('x')]])
      const bytes = Buffer.from(readFileSync(made).toString('latin1').replaceAll(harmless, path), 'latin1')
      bytes.write(sha256(bytes.subarray(0, -64)), bytes.length - 64)
      writeFileSync(made, bytes)
      expect(await refusal(made)).toMatch(/^(This archive holds a file that has no place in one|The list of files)/)
    },
  )
  it('one with a bomb inside', async () => {
    const files = await unpacked(good)
    files.set('tables/dogs.jsonl', Buffer.alloc(200_000_000, ' '))
    expect(await refusal(await packed('bomb.zip', files))).toBe(
      'This archive would unpack to far more than a house holds.',
    )
  })
  it('one whose row does not fit its table, or whose rows are not all there', async () => {
    const change = (content: string, rows: number) => withRules('row.zip', content, rows)
    expect(await refusal(await change('{"rule_id":7,"choice":"x"}\n', 1))).toMatch(
      /^tables\/house_rules\.jsonl, line 1: rule_id: /,
    )
    expect(await refusal(await change('{"rule_id":"a","choice":"x"}\n', 2))).toBe(
      'tables/house_rules.jsonl is not what this archive says: 1 rows of 2.',
    )
  })
  it('one that has a row twice', async () => {
    const twice = '{"rule_id":"a","choice":"x"}\n{"rule_id":"a","choice":"y"}\n'
    expect(await refusal(await withRules('twice.zip', twice, 2))).toBe(
      'Two rows of this archive say they are the same one. Nothing was changed.',
    )
  })
  it('one whose picture is another one', async () => {
    const files = await unpacked(good)
    files.set(`photos/${PHOTO}.jpg`, Buffer.from('another'))
    expect(await refusal(await packed('photo.zip', files))).toBe(
      `photos/${PHOTO}.jpg is not the picture that this archive lists.`,
    )
  })
})

describe('a locked backup', () => {
  const path = () => join(folder, 'house.locked')
  beforeAll(async () => {
    const lock = await lockBy('five quiet otters swim home')
    await backUp(path(), await readOpenHouse(LATER), lock, NO_WORD)
  })
  it('is opened by its passphrase alone, and shows nothing of the house', async () => {
    expect(readFileSync(path()).includes('Test house')).toBe(false)
    expect(await refusal(path())).toBe('This archive is locked: give its passphrase.')
    expect(await refusal(path(), { passphrase: 'five quiet otters swim' })).toBe(
      'This passphrase does not open the archive.',
    )
    const done = await restore(path(), { passphrase: 'five quiet otters swim home' })
    expect(done).toMatchObject({ ok: true })
    if (done.ok) await dropSchema(done.value.schema)
  })
  it('cut short or changed it is refused', async () => {
    const passphrase = 'five quiet otters swim home'
    const whole = readFileSync(path())
    const changed = join(folder, 'changed.locked')
    writeFileSync(changed, whole.subarray(0, -1))
    expect(await refusal(changed, { passphrase })).toBe('This locked archive is cut short or was changed.')
    const flipped = Buffer.from(whole)
    flipped[whole.length - 40] = (flipped[whole.length - 40] as number) ^ 1
    writeFileSync(changed, flipped)
    expect(await refusal(changed, { passphrase })).toBe('This locked archive is cut short or was changed.')
  })
})

it('a restore that is killed in the middle leaves the house as it was, and the next one whole', async () => {
  const before = await readLog(visitId)
  // So many rows that nearly all of the work is still to do when the first thousand are told.
  const rows = 200_000
  const lines = Array.from({ length: rows }, (_, at) => `{"rule_id":"rule ${at}","choice":"x"}\n`)
  const long = await withRules('long.zip', lines.join(''), rows)
  const child = spawn(process.execPath, ['--import', 'tsx', 'scripts/restore.ts', long], {
    env: { ...process.env, KOVIT_DATABASE_URL: server.url, KOVIT_PROGRESS: '1' },
    stdio: ['ignore', 'pipe', 'ignore'],
  })
  await new Promise((done) => child.stdout.once('data', done))
  child.kill('SIGKILL')
  await new Promise((done) => child.once('exit', done))
  expect(await schemas()).toHaveLength(2)
  expect(await readLog(visitId)).toEqual(before)
  const done = await restore(good)
  expect(done).toMatchObject({ ok: true })
  expect(await schemas()).toHaveLength(2)
  if (done.ok) await dropSchema(done.value.schema)
})

it('of the backups in the folder the newest stay, and what is none of ours is left alone', async () => {
  const own = join(process.cwd(), folder, 'kept')
  mkdirSync(own)
  writeFileSync(join(own, 'holiday.zip'), 'x')
  const house = { ...(await readOpenHouse(LATER)), backups: { folder: own, keep: 2 } }
  for (const hours of [0, 24, 48])
    expect(await backUpNow({ ...house, nowMs: LATER + hours * 3_600_000 }, NO_WORD)).toMatchObject({ ok: true })
  expect((await readArchives(house.backups)).filter(({ own }) => own).map(({ madeMs }) => madeMs)).toEqual(
    [48, 24].map((h) => LATER + h * 3_600_000),
  )
  expect(readdirSync(own)).toContain('holiday.zip')
})

it('a disk that takes nothing is told in a sentence', async () =>
  expect(await backUp(join(good, 'house.zip'), await readOpenHouse(LATER), null, NO_WORD)).toMatchObject({
    ok: false,
    problems: [{ sentence: expect.stringMatching(/^This is no folder: .*house\.zip$/) as string }],
  }))

/** Makes another schema's pool the one that the repositories talk to. */
function connectTo(open: Database): void {
  ;(globalThis as { kovitDatabase?: Database }).kovitDatabase = open
}
