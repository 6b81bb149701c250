import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { readRow, type BroughtRow, type Field } from '@/core/bring-in'
import type { Database } from '@/data/connection'
import { bringIn, broughtInView, lookBringIn, takeBackList, takePiece } from '@/service/bring-in/bringIn'
import { openList } from '@/ui/bring-in/openList'
import { bookAgain, bookQuill, emptyBook, houseAt, NINE, openHouse, type Server } from './house'

let server: Server
let database: Database
beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/bring-in')))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})
beforeEach(() => emptyBook(database))

const HOUSE = houseAt(NINE)
const RULES = { known: 'join' as const, leftOut: [], asNew: [] }
const FIELDS: Field[] = ['owner', 'phone', 'dog', 'breed']

function rowsOf(list: readonly (readonly string[])[]): BroughtRow[] {
  const reading = {
    fields: FIELDS,
    heads: FIELDS,
    order: null,
    isPounds: false,
    coat: null,
    noteFaults: true,
    today: '2027-03-02',
  }
  return list.flatMap((cells, at) => readRow(cells, at + 2, reading).row ?? [])
}
async function sent(rows: BroughtRow[], listId = randomUUID()): Promise<string> {
  await takePiece({ listId, no: 0, rows }, HOUSE)
  return listId
}
const bring = (listId: string) => bringIn({ listId, rules: RULES, file: 'clients.csv' }, HOUSE, 'Wren')
const counts = async () => {
  const { household, owner, dog } = database.models
  return { households: await household.count(), owners: await owner.count(), dogs: await dog.count() }
}
const TWO = [
  ['Ada Birk', '01632 960101', 'Otter', 'lagotto'],
  ['Ada Birk', '01632 960101', 'Pip', 'Havanese'],
  ['Bo Carrow', '01632 960102', 'Rufus', 'Airedale'],
]

describe('a list', () => {
  it('is looked at without anything being kept, and then brought in as a whole, once', async () => {
    const listId = await sent(rowsOf(TWO))
    expect(await lookBringIn({ listId, rules: RULES })).toMatchObject({
      value: { households: 2, people: 2, dogs: 3, alike: [] },
    })
    expect(await counts()).toEqual({ households: 0, owners: 0, dogs: 0 })
    expect(await Promise.all([bring(listId), bring(listId)])).toMatchObject([
      { value: { dogs: 3 } },
      { value: { dogs: 3 } },
    ])
    expect(await counts()).toEqual({ households: 2, owners: 2, dogs: 3 })
    const ada = await database.models.owner.findOne({ where: { name: 'Ada Birk' } })
    const theirs = await database.models.dog.findAll({ where: { householdId: ada?.householdId ?? 0 } })
    expect(theirs.map(({ name }) => name).sort()).toEqual(['Otter', 'Pip'])
    expect(await database.models.household.findByPk(ada?.householdId ?? 0)).toMatchObject({ name: 'Birk', notes: '' })
    expect((await database.models.owner.findOne({ where: { name: 'Ada Birk' } }))?.phoneTail).toBe(
      '632960101'.slice(-9),
    )
    expect(await database.models.fileChange.count({ where: { ofKind: 'taken-in' } })).toBe(3)
  })
  it('finds who is there, adds to the household, and leaves the dog that is there', async () => {
    const { dogId } = await bookQuill(database)
    const quill = await database.models.dog.findByPk(dogId)
    await database.models.owner.create({
      householdId: quill?.householdId ?? 0,
      name: 'Hedda Marsh',
      phone: '01632 960199',
      phoneTail: '632960199',
      agreed: '{}',
    })
    const listId = await sent(
      rowsOf([
        ['H Marsh', '+44 1632 960199', 'Quill', 'water dog'],
        ['H Marsh', '01632 960199', 'Nettle', 'springer'],
      ]),
    )
    expect(await lookBringIn({ listId, rules: RULES })).toMatchObject({
      value: { households: 0, joined: 1, dogs: 1, alike: [{ sameDog: true, home: 'Hedda Marsh' }, { sameDog: false }] },
    })
    await bring(listId)
    expect(await database.models.dog.count({ where: { householdId: quill?.householdId ?? 0 } })).toBe(2)
  })
  it('is taken back in one press; what somebody has worked with since stays, and is counted', async () => {
    const { staffId } = await bookQuill(database)
    const before = await counts()
    const listId = await sent(rowsOf(TWO))
    await bring(listId)
    const rufus = await database.models.dog.findOne({ where: { name: 'Rufus' } })
    await bookAgain(database, { dogId: rufus?.id ?? 0, staffId }, NINE)
    expect(await takeBackList({ listId }, HOUSE, 'Wren')).toEqual({ ok: true, value: { stays: 1 } })
    expect(await counts()).toEqual({
      households: before.households + 1,
      owners: before.owners + 1,
      dogs: before.dogs + 1,
    })
    expect(await takeBackList({ listId }, HOUSE, 'Wren')).toMatchObject({ ok: false })
    expect((await broughtInView(HOUSE)).lists).toMatchObject([
      { file: 'clients.csv', takenBack: expect.any(String) as string },
    ])
  })
  it('that is not there is refused', async () => {
    expect(await bring(randomUUID())).toMatchObject({ ok: false, problems: [{ path: 'listId' }] })
    expect(await takeBackList({ listId: randomUUID() }, HOUSE, 'Wren')).toMatchObject({ ok: false })
  })
  it('of which one row cannot be kept brings nothing in', async () => {
    const rows = rowsOf(TWO)
    const listId = await sent(rows)
    // A row that the table refuses: no schema lets it come so far.
    await database.models.dog.create({
      householdId: (await database.models.household.create({ name: 'X', place: '' })).id,
      name: 'Z',
      breed: '',
      coat: 'wire',
      build: 'square',
      weightKg: 9,
      lightSkin: false,
      faceShape: 'normal',
      behaviour: '{}',
      health: '[]',
    })
    const before = await counts()
    await database.sequelize.query('ALTER TABLE dogs ADD CONSTRAINT no_rufus CHECK (name <> "Rufus")')
    await expect(bring(listId)).rejects.toThrow()
    expect(await counts()).toEqual(before)
    await database.sequelize.query('ALTER TABLE dogs DROP CONSTRAINT no_rufus')
    expect(await bring(listId)).toMatchObject({ ok: true, value: { dogs: 3 } })
  })
})

const bytes = (text: string, encoding: BufferEncoding = 'utf8', mark: number[] = []): ArrayBuffer => {
  const all = Buffer.concat([Buffer.from(mark), Buffer.from(text, encoding)])
  return all.buffer.slice(all.byteOffset, all.byteOffset + all.length) as ArrayBuffer
}

describe('a file', () => {
  it.each([
    ['commas', 'Owner,Dog\r\nÉlise,"a ""b"", c"\r\n', 'utf8', []],
    ['semicolons', 'Owner;Dog\nÉlise;"a ""b"", c"\n', 'latin1', []],
    ['tabs', 'Owner\tDog\nÉlise\t"a ""b"", c"\n', 'utf8', [0xef, 0xbb, 0xbf]],
    ['commas', 'Owner,Dog\nÉlise,"a ""b"", c"', 'utf16le', [0xff, 0xfe]],
  ] as const)('separated by %s is read, whatever its encoding', (by, text, encoding, mark) => {
    const list = openList(bytes(text, encoding, [...mark]))
    expect(list).toMatchObject({ heads: ['Owner', 'Dog'], rows: [['Élise', 'a "b", c']] })
    expect(list?.how).toContain(`separated by ${by}`)
  })
  it('reads RFC 4180’s own examples: quotes, a comma, a line within', () =>
    // Source: RFC 4180, section 2, items 5 to 7.
    expect(openList(bytes('field_name,b,c\r\n"aaa","b CRLF\r\nbb","ccc"\r\n"aaa","b""bb","ccc"\r\n'))?.rows).toEqual([
      ['aaa', 'b CRLF\r\nbb', 'ccc'],
      ['aaa', 'b"bb', 'ccc'],
    ]))
  it('reads contacts of vCard 3 and 4', () => {
    // Source: the examples of RFC 6350, sections 6.2.1, 6.3.1, 6.4.1 and 6.4.2; version 3 as RFC 2426 writes it.
    const four =
      'BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Mr. John Q. Public\\, Esq.\r\nADR:;;123 Main Street;Any Town;CA;91921-1234;U.S.A.\r\nTEL;VALUE=uri;PREF=1;TYPE="voice,home":tel:+1-555-555-5555;ext=5555\r\nEMAIL;TYPE=work:jqpublic@xyz.example.com\r\nEND:VCARD\r\n'
    const three =
      'BEGIN:VCARD\nVERSION:3.0\nN:Birk;Ada;;;\nTEL;TYPE=CELL:01632 960101\nTEL:01632 960102\nNOTE:Otter\\, lagotto\nEND:VCARD\n'
    const list = openList(bytes(four + three))
    expect(list?.heads).toEqual(['Owner', 'Number', 'E-mail', 'Address', 'Notes'])
    expect(list?.rows).toEqual([
      [
        'Mr. John Q. Public, Esq.',
        '+1-555-555-5555;ext=5555',
        'jqpublic@xyz.example.com',
        '123 Main Street, Any Town, CA, 91921-1234, U.S.A.',
        '',
      ],
      ['Ada Birk', '01632 960101 / 01632 960102', '', '', 'Otter, lagotto'],
    ])
  })
  it('with nothing in it is none', () => expect(openList(bytes(''))).toBe(null))
})
