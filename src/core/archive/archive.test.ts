import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import {
  ARCHIVED,
  BACKUPS_USUAL,
  Backups,
  LEFT_OUT,
  TABLES,
  archiveReadme,
  archiveSchemas,
  backupMs,
  backupName,
  backupSaid,
  isArchivePath,
  kindOf,
  photoPath,
  refusedFormat,
  rowSchema,
  tablePath,
  tooMany,
} from '.'

const UUID = '00000000-0000-4000-8000-00000000000a'

describe('a path', () => {
  it.each(['README.md', 'manifest.json', 'checksums.txt', tablePath('dogs'), photoPath(UUID), 'schema/dogs.json'])(
    '%s has its place in an archive',
    (path) => expect(isArchivePath(path)).toBe(true),
  )
  it.each([
    '../README.md',
    '/README.md',
    'tables/../dogs.jsonl',
    'tables/sign_ins.jsonl',
    'tables/dogs.jsonl/x',
    'photos/a.jpg',
    'photos/../a.jpg',
    'schema/Dogs.json',
    'readme.md',
    'tables\\dogs.jsonl',
    '',
  ])('%s has none', (path) => expect(isArchivePath(path)).toBe(false))
  it('nothing that leads up or to a root ever has one', () =>
    fc.assert(
      fc.property(fc.string(), fc.string(), (before, after) => {
        expect(isArchivePath(`${before}../${after}`)).toBe(false)
        expect(isArchivePath(`/${after}`)).toBe(false)
      }),
    ))
})

describe('what an archive says of itself', () => {
  it.each([
    ['house/1', null],
    ['house/7', 'This archive was made by a newer Kovit (house/7); this one reads up to house/1.'],
    ['dog/1', 'This is no archive of a house.'],
    [undefined, 'This is no archive of a house.'],
  ])('%s', (kovit, sentence) => expect(refusedFormat(kovit)).toBe(sentence))
  it('explains every table, and everything that is left out with why', () => {
    const text = archiveReadme('Gull Quay', '2027-03-02T09:00:00.000Z')
    for (const table of TABLES) expect(text).toMatch(new RegExp(`^- \`${table}\`: .{5}`, 'm'))
    for (const [what, why] of Object.entries(LEFT_OUT)) expect(text).toContain(`- \`${what}\`: ${why}`)
  })
  it('has a schema of each table that names its columns, and what may be empty', () => {
    const dogs = archiveSchemas().find(({ path }) => path === 'schema/dogs.json')
    const schema = JSON.parse(dogs?.text ?? '') as { required: string[]; properties: Record<string, unknown> }
    expect(Object.keys(schema.properties)).toEqual(Object.keys(ARCHIVED.dogs))
    expect(schema.properties.height_cm).toEqual({ type: ['number', 'null'] })
    expect(archiveSchemas()).toHaveLength(TABLES.length)
  })
  it('says no secret: no column of one is in it', () => {
    const columns = TABLES.flatMap((table) => Object.keys(ARCHIVED[table]))
    expect(columns.filter((name) => /passphrase|pin$|token|secret|hash/.test(name))).toEqual([])
  })
})

describe('a row', () => {
  const stations = rowSchema(ARCHIVED.stations)
  const row = { id: 1, name: 'Raised tub', kind: 'tub', retired_at: null }
  it('fits its table, with what may be empty', () => {
    expect(stations.safeParse(row).success).toBe(true)
    expect(stations.safeParse({ ...row, retired_at: '2027-03-02T09:00:00.000Z' }).success).toBe(true)
  })
  it.each([
    [{ id: 1.5 }],
    [{ id: '1' }],
    [{ name: null }],
    [{ retired_at: '2027-03-02 09:00:00' }],
    [{ retired_at: '2027-03-02T09:00:00Z' }],
    [{ paws: 4 }],
  ])('with %j it does not', (change) => expect(stations.safeParse({ ...row, ...change }).success).toBe(false))
  it('a kind is told with and without its question mark', () => {
    expect([kindOf('day?'), kindOf('day')]).toEqual(['day', 'day'])
    expect(z.toJSONSchema(stations).additionalProperties).toBe(false)
  })
})

describe('backups', () => {
  it('are named by their moment, and read back from their name', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1e9, max: 4e9 }), fc.boolean(), (seconds, isLocked) => {
        expect(backupMs(backupName(seconds * 1000, isLocked))).toBe(seconds * 1000)
      }),
    ))
  it.each(['holiday.zip', 'house-2027.zip', 'house-20270302T090000Z.zip.part', 'x-house-20270302T090000Z.zip'])(
    '%s is none of ours',
    (name) => expect(backupMs(name)).toBe(null),
  )
  it('of too many the oldest go, locked or not, and nothing of anybody else', () => {
    const [a, b, c] = [1, 2, 3].map((day) => backupName(Date.UTC(2027, 2, day), day === 2)) as [string, string, string]
    expect(tooMany([c, 'holiday.zip', a, b], 2)).toEqual([a])
    expect(tooMany([a, b], BACKUPS_USUAL.keep)).toEqual([])
  })
  it.each([
    [null, false, 'There is no backup yet.', true],
    [null, true, 'There is no backup yet. The demo makes none by itself.', false],
    [0.001, false, 'The last backup is a moment old, read back and whole.', false],
    [0.5, false, 'The last backup is 30 min old, read back and whole.', false],
    [30, false, 'The last backup is 30 h old, read back and whole.', false],
    [73, false, 'The last backup is 3 days old, read back and whole.', true],
  ])('%s h old', (hours, isDemo, words, isOld) => expect(backupSaid(hours, isDemo)).toEqual({ words, isOld }))
  it.each([
    [{ folder: 'kovit' }, 'Give the folder from the root, such as /mnt/disk/kovit.'],
    [{ keep: 1 }, 'Keep 2 to 100 backups.'],
    [{ keep: 101 }, 'Keep 2 to 100 backups.'],
    [{ keep: 2.5 }, 'Give how many are kept as a whole number.'],
  ])('%j is refused in a sentence', (asked, sentence) =>
    expect(Backups.safeParse(asked).error?.issues[0]?.message).toBe(sentence),
  )
})
