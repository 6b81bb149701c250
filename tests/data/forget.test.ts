import { QueryTypes } from 'sequelize'
import sharp from 'sharp'
import { mkdtempSync } from 'node:fs'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openZipIn, wholeFile } from '@/data/archive/zipIn'
import type { Database } from '@/data/connection'
import { addOwner } from '@/data/households'
import { backUp } from '@/service/archive/backUp'
import { forgetPerson, lookForget } from '@/service/forget/forgetPerson'
import { keptOf } from '@/service/forget/keptOf'
import { joinHouseholds } from '@/service/household/joinHouseholds'
import { saveHousehold } from '@/service/household/saveHousehold'
import { openHouse as readOpenHouse } from '@/service/house/openHouse'
import { appendEvents } from '@/service/visit/appendEvents'
import { keepPaper } from '@/service/dog/papers'
import { keepPhoto } from '@/service/visit/photos'
import { NINE, bookQuill, closeVisit, happened, openHouse, startVisit, type Server } from './house'

const HOME = '.kovit-test/forget'
const WORDS = ['Hedda', 'Marsh', '960101', 'hedda@', 'Ropewalk']
let server: Server
let database: Database
let householdId: number
let hedda: number
let visitId: number
let cardsBefore: Awaited<ReturnType<typeof cards>>

beforeAll(async () => {
  ;({ server, database } = await openHouse(HOME))
  const { dogId, bookingId } = await bookQuill(database)
  householdId = (await database.models.dog.findByPk(dogId))?.householdId ?? 0
  hedda = await addOwner(householdId, {
    name: 'Hedda Marsh',
    phone: '01632 960101',
    email: 'hedda@example.org',
    first: true,
    agreed: { messages: true },
  })
  const house = await readOpenHouse(NINE)
  const said = await saveHousehold(
    {
      householdId,
      version: 1,
      name: 'Marsh',
      place: '4 Ropewalk',
      notes: 'Hedda rings twice',
      spot: null,
      people: [
        {
          id: hedda,
          name: 'Hedda Marsh',
          phone: '01632 960101',
          email: 'hedda@example.org',
          agreed: { messages: true },
        },
        { name: 'Oswin Marsh', phone: null, email: null, agreed: {} },
      ],
      by: 'Wren',
    },
    NINE,
  )
  expect(said).toMatchObject({ ok: true })
  visitId = await startVisit(bookingId, dogId)
  const jpeg = await sharp({ create: { width: 9, height: 9, channels: 3, background: '#884422' } })
    .jpeg()
    .toBuffer()
  await keepPhoto(visitId, '00000000-0000-4000-8000-00000000000b', jpeg, NINE)
  await keepPaper(dogId, '00000000-0000-4000-8000-00000000000c', jpeg, NINE)
  await appendEvents(
    visitId,
    [
      happened(1, {
        kind: 'consent',
        consent: 'pelt',
        shown: 'Quill is matted. I, Hedda Marsh, want it short.',
        signed: 'Hedda Marsh',
      }),
      happened(2, { kind: 'note', words: 'Mrs Marsh calls from +44 1632 960101', stage: null }),
    ],
    NINE,
  )
  await closeVisit(visitId, true, NINE + 100 * 60_000)
  await database.models.saidWords.create({
    about: 'x',
    kind: 'ready',
    bookingId,
    dogId,
    startAt: null,
    words: 'Dear Hedda, Quill is ready',
    way: 'text',
    saidAt: new Date(NINE),
    saidBy: house.name,
  })
  cardsBefore = await cards()
}, 60_000)
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

const cards = () => database.models.card.findAll({ attributes: ['id', 'zones'] })

const UUIDS = /[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g

/** Every table of the house as one text. */
async function asText(): Promise<string> {
  const tables = await database.sequelize.query<{ t: string }>(
    'SELECT table_name AS t FROM information_schema.tables WHERE table_schema = DATABASE()',
    { type: QueryTypes.SELECT },
  )
  const rows = await Promise.all(
    tables.map(({ t }) => database.sequelize.query(`SELECT * FROM \`${t}\``, { type: QueryTypes.SELECT })),
  )
  // What is drawn by chance may hold any four figures.
  return JSON.stringify(rows).replaceAll(UUIDS, 'id')
}
const found = (text: string, words = WORDS) => words.filter((word) => text.includes(word))
const forget = async (ownerId: number) => forgetPerson({ householdId, ownerId }, await readOpenHouse(NINE), 'Wren')

describe('a person', () => {
  it('reads all that is kept about them', async () => {
    expect(found(await asText())).toEqual(WORDS)
    expect(await keptOf(householdId, hedda, await readOpenHouse(NINE))).toMatchObject({
      person: { name: 'Hedda Marsh', phone: '01632 960101' },
      household: { address: '4 Ropewalk' },
      others: ['Oswin Marsh'],
      signed: [{ what: 'pelt', name: 'Hedda Marsh' }],
      dogs: [{ name: 'Quill' }],
    })
    expect(await keptOf(householdId, 999, await readOpenHouse(NINE))).toBe(null)
  })
  it('sees what would go, and nothing has gone', async () => {
    expect(await lookForget({ householdId, ownerId: hedda }, await readOpenHouse(NINE))).toMatchObject({
      ok: true,
      value: { isLast: false, photos: 0 },
    })
    expect(found(await asText())).toEqual(WORDS)
  })
  it('is struck out; the address and the pictures of the others stay', async () => {
    expect(await forget(hedda)).toMatchObject({ ok: true, value: { isLast: false } })
    const text = await asText()
    expect(found(text, ['Hedda', '960101', 'hedda@'])).toEqual([])
    expect(found(text, ['Oswin Marsh', 'Ropewalk'])).toEqual(['Oswin Marsh', 'Ropewalk'])
    expect(await database.models.photo.count()).toBe(2)
  })
  it('with the last one nothing is left that tells anybody; cards, and what was signed and when, stay', async () => {
    const oswin = await database.models.owner.findOne({ where: { name: 'Oswin Marsh' } })
    expect(await forget(oswin?.id ?? 0)).toMatchObject({ ok: true, value: { isLast: true, photos: 2 } })
    expect(found(await asText(), [...WORDS, 'Oswin'])).toEqual([])
    expect(await cards()).toEqual(cardsBefore)
    const consent = await database.models.event.findOne({ where: { kind: 'consent' } })
    expect(JSON.parse(consent?.payload ?? '{}')).toMatchObject({
      consent: 'pelt',
      signed: '(struck out)',
      shown: 'Quill is matted. I, (struck out), want it short.',
    })
  })
  it('is in no backup from then on', async () => {
    const path = join(mkdtempSync(join(HOME, 'files-')), 'after.zip')
    await backUp(path, await readOpenHouse(NINE), null, () => {})
    const opened = await openZipIn(path, () => true)
    if (!opened.ok) throw new Error('This is no archive.')
    for (const name of opened.value.sizes.keys())
      expect(found((await wholeFile(opened.value.read(name), 1e8)).toString(), [...WORDS, 'Oswin'])).toEqual([])
    opened.value.close()
  })
})

it('what was signed is changed by nobody else, and by forgetting nothing but the name', async () => {
  const change = (sql: string) =>
    database.sequelize.query(sql).then(
      () => 'changed',
      () => 'refused',
    )
  const inOne = (sql: string) =>
    database.sequelize.transaction(async (transaction) => {
      await database.sequelize.query('SET @kovit_forgets = 1', { transaction })
      const done = await database.sequelize.query(sql, { transaction }).then(
        () => 'changed',
        () => 'refused',
      )
      await database.sequelize.query('SET @kovit_forgets = NULL', { transaction })
      return done
    })
  const signed = `UPDATE visit_events SET payload = JSON_SET(payload, '$.signed', 'x') WHERE kind = 'consent'`
  expect(await change(signed)).toBe('refused')
  expect(await inOne(signed)).toBe('changed')
  expect(
    await inOne(`UPDATE visit_events SET payload = JSON_SET(payload, '$.consent', 'x') WHERE kind = 'consent'`),
  ).toBe('refused')
})

it('who was called otherwise before, and lived elsewhere, leaves none of it either; nor does a household joined to theirs', async () => {
  const { models } = database
  const home = await models.household.create({ name: 'Fenn', place: '9 Old Wharf' })
  const other = await models.household.create({ name: 'Garrow', place: '2 Tide Row', notes: 'rings twice' })
  const ilse = await addOwner(home.id, { name: 'Ilse Fenn', phone: '01632 961111', first: true, agreed: {} })
  const twin = await addOwner(other.id, { name: 'Ilse Garrow', phone: '01632 962222', first: true, agreed: {} })
  const person = { id: ilse, name: 'Ilse Harte', phone: '01632 963333', email: null, agreed: {} }
  const moved = { householdId: home.id, name: 'Harte', place: '1 New Quay', notes: 'gate code 4711', spot: null }
  expect(await saveHousehold({ ...moved, people: [person], by: 'Wren' }, NINE)).toMatchObject({ ok: true })
  expect(await saveHousehold({ ...moved, notes: '', people: [person], by: 'Wren' }, NINE)).toMatchObject({ ok: true })
  expect(await joinHouseholds({ fromId: other.id, intoId: home.id, by: 'Wren' }, NINE)).toMatchObject({ ok: true })
  const house = await readOpenHouse(NINE)
  expect(await forgetPerson({ householdId: home.id, ownerId: twin }, house, 'Wren')).toMatchObject({
    value: { isLast: false },
  })
  expect(await forgetPerson({ householdId: home.id, ownerId: ilse }, house, 'Wren')).toMatchObject({
    value: { isLast: true },
  })
  const told = [
    'Ilse',
    'Fenn',
    'Harte',
    'Garrow',
    '961111',
    '962222',
    '963333',
    'Old Wharf',
    'New Quay',
    'Tide Row',
    'gate code',
  ]
  expect(found(await asText(), told)).toEqual([])
})
