import { spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, mkdtempSync, readdirSync, utimesSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import Papa from 'papaparse'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { SHEET_NAMES, spreadsheet } from '@/service/archive/spreadsheet'
import { hoursSinceBackup, readArchives } from '@/service/archive/backUp'
import { archivePath, inAndOutView, lookInto } from '@/service/archive/inAndOutView'
import { BackupsAsked, keepBackups } from '@/service/archive/keepBackups'
import { oneAtATime } from '@/data/archive/oneAtATime'
import type { Database } from '@/data/connection'
import { bookAsCalendar } from '@/service/calendar/feed'
import { houseView } from '@/service/house/houseView'
import { openHouse as readOpenHouse } from '@/service/house/openHouse'
import { appendEvents } from '@/service/visit/appendEvents'
import { NINE, bookQuill, closeVisit, happened, openHouse, startVisit, type Server } from './house'

const HOME = '.kovit-test/in-and-out-data'
const LATER = NINE + 300 * 60_000
let server: Server
let database: Database
let folder: string

beforeAll(async () => {
  ;({ server, database } = await openHouse(HOME))
  folder = resolve(mkdtempSync(join(HOME, 'files-')))
}, 60_000)
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

const script = (...args: string[]) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'scripts/backup.ts', ...args], {
    env: { ...process.env, KOVIT_DATABASE_URL: server.url, KOVIT_HOME: folder },
    encoding: 'utf8',
  })
const kept = async (asked: object) =>
  keepBackups(BackupsAsked.parse({ version: (await readOpenHouse()).version, ...asked }), 'Wren', NINE)

describe('a backup by itself', () => {
  it('is not made of an empty book, and that is no fault', async () => {
    await database.models.house.update({ backups: '{}' }, { where: {} })
    await database.models.house.destroy({ where: {} })
    expect(script('--due')).toMatchObject({ status: 0, stdout: 'No backup is due.\n' })
    expect(script(join(folder, 'x.zip'))).toMatchObject({ status: 3 })
    expect(existsSync(join(folder, 'backups'))).toBe(false)
    await database.models.house.create({ name: 'Test house', place: 'Quay', timeZone: 'UTC', unit: 'mm' })
  })
  it('is made once a day, and not while another one is', async () => {
    expect(script('--due').stdout).toMatch(/^Test house: 0 dogs, 0 visits, read back and whole, /)
    expect(script('--due').stdout).toBe('No backup is due.\n')
    const [name = ''] = readdirSync(join(folder, 'backups'))
    expect(name).toMatch(/^house-\d{8}T\d{6}Z\.zip$/)
    const held = await oneAtATime('kovit backup', async () => script('--kept'))
    expect(held).toMatchObject({ status: 3, stdout: 'A backup of this house is being made already.\n' })
    expect(readdirSync(join(folder, 'backups'))).toEqual([name])
  })
})

describe('how backups are kept', () => {
  it('a folder that cannot be written to is refused, and nothing of it is kept', async () => {
    const file = join(folder, 'a-file')
    writeFileSync(file, 'x')
    expect(await kept({ folder: join(file, 'backups') })).toMatchObject({
      ok: false,
      problems: [{ path: 'folder', sentence: expect.stringContaining('Kovit may not write into') as string }],
    })
    expect((await readOpenHouse()).backups).toEqual({})
  })
  it('folder, number and lock are kept each by itself, told in the trail, and taken back', async () => {
    const own = join(folder, 'own')
    expect(await kept({ folder: own, keep: 5 })).toMatchObject({ ok: true })
    expect(await kept({ passphrase: 'five quiet otters swim home' })).toMatchObject({ ok: true })
    const { backups } = await readOpenHouse()
    expect(backups).toMatchObject({ folder: own, keep: 5, lock: { publicKey: expect.any(String) as string } })
    expect(JSON.stringify(backups)).not.toContain('otters')
    expect(await kept({ passphrase: null })).toMatchObject({ ok: true })
    expect(await kept({ folder: '' })).toMatchObject({ ok: true })
    expect((await readOpenHouse()).backups).toEqual({ keep: 5 })
    const said = await database.models.fileChange.findAll({ where: { ofKind: 'house' } })
    expect(said.map(({ afterIt }) => (JSON.parse(afterIt) as { said: string }).said)).toEqual([
      'Changed backups: the folder, how many stay',
      'Changed backups: they are locked',
      'Changed backups: they are open',
      'Changed backups: the folder',
    ])
  })
  it('from a stale page they are refused', async () =>
    expect(await kept({ keep: 3, version: 1 })).toMatchObject({ ok: false, problems: [{ path: 'version' }] }))
})

describe('the page', () => {
  it('tells how old the last backup is, on House as well, and lists what somebody put there', async () => {
    const own = join(folder, 'listed')
    mkdirSync(own)
    await kept({ folder: own })
    const house = await readOpenHouse(NINE)
    expect((await inAndOutView(house)).last).toEqual({ words: 'There is no backup yet.', isOld: true })
    writeFileSync(join(own, 'house-20270227T090000Z.zip'), 'x')
    writeFileSync(join(own, 'from-elsewhere.locked'), 'x')
    utimesSync(join(own, 'from-elsewhere.locked'), NINE / 1000, NINE / 1000)
    writeFileSync(join(own, 'notes.txt'), 'x')
    const view = await inAndOutView(house)
    expect(view.last).toEqual({ words: 'The last backup is 3 days old, read back and whole.', isOld: true })
    expect((await houseView(house)).backup).toEqual(view.last)
    expect(await hoursSinceBackup(house)).toBe(72)
    expect(view.archives).toMatchObject([
      { name: 'from-elsewhere.locked', own: false, locked: true, made: '2 Mar, 09:00' },
      { name: 'house-20270227T090000Z.zip', own: true, locked: false },
    ])
    expect(await readArchives({ folder: join(folder, 'nowhere') })).toEqual([])
  })
  it.each(['../database.json', 'notes.txt', '.', '', 'nothing.zip'])('gives out no file called %s', async (name) =>
    expect(await archivePath(name, await readOpenHouse(NINE))).toMatchObject({ ok: false }),
  )
  it('looks into an archive, and says why it cannot', async () => {
    const house = await readOpenHouse(NINE)
    const look = (name: string) => lookInto({ name, passphrase: null, another: false }, house)
    expect(await look('house-20270227T090000Z.zip')).toMatchObject({
      problems: [{ sentence: 'This file is no archive, is cut short, or was changed since it was made.' }],
    })
    expect(script('--kept').status).toBe(0)
    const [made] = (await inAndOutView(house)).archives.filter(({ own, megabytes }) => own && megabytes > 0.001)
    expect(await look(made?.name ?? '')).toMatchObject({ ok: true, value: { house: 'Test house', dogs: 0, photos: 0 } })
  })
})

describe('sheets for other programs', () => {
  beforeAll(async () => {
    const { bookingId, dogId } = await bookQuill(database)
    const home = await database.models.dog.findByPk(dogId)
    await database.models.owner.create({
      householdId: home?.householdId ?? 0,
      name: '=1+1, "Hedda"',
      phone: '+44 1632 960101',
      phoneTail: '632960101',
      agreed: '{}',
    })
    const visitId = await startVisit(bookingId, dogId)
    const stages = [
      happened(0, { kind: 'stage-started', stage: 'arrive' }),
      happened(6, { kind: 'stage-ended', stage: 'arrive' }),
      happened(200, { kind: 'finished' }),
    ]
    await appendEvents(visitId, stages, NINE)
    await closeVisit(visitId, true, LATER)
  })
  const rowsOf = async (sheet: (typeof SHEET_NAMES)[number]) => {
    const text = await spreadsheet(sheet)
    expect(text).toMatch(/^\uFEFF[^\n]+\r\n/)
    return Papa.parse<Record<string, string>>(text.slice(1), { header: true, skipEmptyLines: true }).data
  }
  it('a cell that would be a formula is text there, and quotes are as RFC 4180 has them', async () => {
    const [owner] = await rowsOf('owners')
    expect(owner?.name).toBe('\'=1+1, "Hedda"')
    expect(owner?.phone).toBe("'+44 1632 960101")
  })
  it('dogs, visits and cards have a row each, and minutes one a stage', async () => {
    expect(await rowsOf('dogs')).toMatchObject([{ name: 'Quill', breed: 'water dog', household: 'Marsh' }])
    expect(await rowsOf('visits')).toMatchObject([{ dog: 'Quill', groomer: 'Wren', slot_min: '240', liked: 'yes' }])
    const minutes = await rowsOf('minutes')
    expect(minutes.find(({ stage }) => stage === 'arrive')).toMatchObject({ dog: 'Quill', done_min: '6' })
    expect(minutes.every(({ planned_min }) => Number(planned_min) >= 0)).toBe(true)
    const cards = await rowsOf('cards')
    expect(new Set(cards.map(({ kind }) => kind))).toEqual(new Set(['cut']))
    expect(cards.find(({ zone }) => zone === 'back')).toMatchObject({ dog: 'Quill', length_mm: '38' })
  })
  it('the book is a calendar', async () => {
    const text = await bookAsCalendar(await readOpenHouse(NINE))
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/)
    expect(text).toContain('SUMMARY:Quill')
  })
})
