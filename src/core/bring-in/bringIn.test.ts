import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  dateOrder,
  guessColumns,
  planBringIn,
  readRow,
  type BroughtRow,
  type Field,
  type KnownHome,
  type Reading,
} from '.'
import { readAgeYears, readDate, readNumber, readSex, readWeightKg } from './cells'

describe('columns', () => {
  it.each<[string[], (Field | null)[]]>([
    [
      ['Owner', 'Phone', 'Dog', 'Breed'],
      ['owner', 'phone', 'dog', 'breed'],
    ],
    [
      ['First Name', 'Last Name', 'Mobile Number', 'Pet Name', 'DOB'],
      ['first', 'last', 'phone', 'dog', 'born'],
    ],
    [
      ['Name', 'Tel.', 'Pet'],
      ['owner', 'phone', 'dog'],
    ],
    [
      ['Client Name', 'Name', 'E-Mail Address'],
      ['owner', 'dog', 'email'],
    ],
    [
      ['Street', 'Town', 'Postcode', 'Loyalty'],
      ['place', 'place', 'place', null],
    ],
    [
      ['Breed', 'Breed'],
      ['breed', null],
    ],
  ])('%j are guessed by their heads', (heads, fields) => expect(guessColumns(heads, [])).toEqual(fields))
  it('without a head by what stands in them', () =>
    expect(
      guessColumns(
        ['a', 'b', 'c'],
        [
          ['x@y.org', 'z@y.org'],
          ['01632 960101', '+44 1632 960102'],
          ['3.4.2020', '5.6.2021'],
        ],
      ),
    ).toEqual(['email', 'phone', null]))
})

describe('a cell', () => {
  it.each([
    ['2021-03-02', null, '2021-03-02'],
    ['2/3/2021', 'dmy', '2021-03-02'],
    ['2/3/2021', 'mdy', '2021-02-03'],
    ['02.03.21', 'dmy', '2021-03-02'],
    ['13/02/2021', null, '2021-02-13'],
    ['2/13/2021', null, '2021-02-13'],
    ['2nd March 2021', null, '2021-03-02'],
    ['Mar 2, 2021', null, '2021-03-02'],
    ['44257', null, '2021-03-02'],
    ['2/3/2021', null, null],
    ['31.2.2020', 'dmy', null],
    ['spring', 'dmy', null],
  ] as const)('%s, %s is the day %s', (text, order, day) => expect(readDate(text, order)).toBe(day))
  it('the order of days is told by one that can only be read so, and by none where two disagree', () => {
    expect(dateOrder(['1/2/2020', '13/2/2020'])).toBe('dmy')
    expect(dateOrder(['1/2/2020', '2/13/2020'])).toBe('mdy')
    expect(dateOrder(['1/2/2020'])).toBe(null)
    expect(dateOrder(['13/2/2020', '2/13/2020'])).toBe(null)
  })
  it.each([
    ['12,5', 12.5],
    ['12.5', 12.5],
    ['1.234,5', 1234.5],
    ['1,234.5', 1234.5],
    ['1 234,5', 1234.5],
    ['twelve', null],
  ])('%s is the number %s', (text, number) => expect(readNumber(text)).toBe(number))
  it.each([
    ['12,5 kg', false, 12.5],
    ['22 lb', false, 10],
    ['22', true, 10],
    ['22 kg', true, 22],
    ['heavy', false, null],
  ] as const)('%s weighs in kg', (text, isPounds, kg) => expect(readWeightKg(text, isPounds)).toBe(kg))
  it.each([
    ['3', 3],
    ['3 years', 3],
    ['6 months', 0.5],
    ['3y 6m', 3.5],
    ['old', null],
  ])('%s is so old', (text, years) => expect(readAgeYears(text)).toBe(years))
  it('a sex may say that it is neutered', () => {
    expect(readSex('FS')).toEqual({ sex: 'female', neutered: true })
    expect(readSex('bitch')).toEqual({ sex: 'female' })
    expect(readSex('?')).toBe(null)
  })
  it('any day is read back, however it is written', () =>
    fc.assert(
      fc.property(
        fc.date({ min: new Date('1980-01-01'), max: new Date('2079-12-31'), noInvalidDate: true }),
        (date) => {
          const iso = date.toISOString().slice(0, 10)
          const [y = '', m = '', d = ''] = iso.split('-')
          expect([readDate(`${d}/${m}/${y}`, 'dmy'), readDate(`${+m}-${+d}-${y.slice(2)}`, 'mdy')]).toEqual([iso, iso])
        },
      ),
    ))
})

const HEADS = ['Owner', 'Phone', 'Dog', 'Breed', 'Weight', 'Born', 'Notes']
const READING: Reading = {
  heads: HEADS,
  fields: ['owner', 'phone', 'dog', 'breed', 'weight', 'born', 'notes'],
  order: 'dmy',
  isPounds: false,
  coat: null,
  noteFaults: true,
  today: '2027-03-02',
}
const read = (cells: string[], more: Partial<Reading> = {}) => readRow(cells, 7, { ...READING, ...more })
const why = (cells: string[]) => read(cells).faults.map((fault) => `${fault.column}: ${fault.why}`)

describe('a row', () => {
  it('is a person and a dog, with what is usual of its breed where nobody said', () => {
    const { row, faults } = read(['Ada Birk', '01632 960101', 'Otter', 'lagotto', '', '3.4.2020', 'shy'])
    expect(faults).toEqual([])
    expect(row).toMatchObject({ line: 7, name: 'Ada Birk', phone: '01632 960101' })
    expect(row?.dog).toMatchObject({ name: 'Otter', coat: 'curly', bornOn: '2020-04-03' })
    expect(row?.dog?.more).toMatchObject({ notes: 'shy', usual: expect.arrayContaining(['weightKg']) as string[] })
  })
  it('what cannot be read goes along as a note, or stays behind', () => {
    const cells = ['Ada', 'ring the shop', 'Otter', 'lagotto', 'heavy', '31.2.2020', '']
    expect(why(cells)).toEqual([
      'Phone: This is no telephone number.',
      'Born: This is no day that can be read, or day and month could be either way.',
      'Weight: A dog weighs 0.3 to 120 kg.',
    ])
    expect(read(cells).row?.dog?.more.notes).toBe('Phone: ring the shop\nBorn: 31.2.2020\nWeight: heavy')
    expect(read(cells, { noteFaults: false }).row?.dog?.more.notes).toBe('')
  })
  it('without anybody, or without a coat, it stays behind and says why', () => {
    expect(read(['', '', 'Otter', 'lagotto', '', '', '']).row).toBe(null)
    expect(why(['', '', 'Otter', 'lagotto', '', '', ''])).toEqual([': Nobody is named here, and there is no number.'])
    expect(read(['Ada', '', 'Otter', 'zorgle', '', '', '']).row).toBe(null)
    expect(read(['Ada', '', 'Otter', 'zorgle', '', '', ''], { coat: 'wire' }).row?.dog?.coat).toBe('wire')
    expect(read(['Ada', '', 'Otter', 'poodle', '', '', '']).row?.dog?.coat).toBe('curly')
  })
  it('a second number goes along, and nobody without a dog is lost', () => {
    expect(read(['Ada', '01632 960101 / 01632 960102', 'Otter', 'lagotto', '', '', '']).row?.dog?.more.notes).toBe(
      'Another number: 01632 960102',
    )
    expect(read(['Ada', '01632 960101', '', '', '', '', '']).row).toMatchObject({ name: 'Ada', dog: null })
  })
})

const line = (at: number, name: string, phone: string | null, dog: string | null, place = ''): BroughtRow => {
  const { row } = read([name, phone ?? '', dog ?? '', 'lagotto', '', '', ''])
  if (!row) throw new Error('This row cannot be read.')
  return { ...row, line: at, place }
}
const RULES = { known: 'join' as const, leftOut: [], asNew: [] }
const MARSH: KnownHome = {
  id: 3,
  names: ['Hedda Marsh'],
  tails: ['1632960101'.slice(-9)],
  place: '4 Ropewalk',
  dogs: ['Quill'],
}

describe('who is there already', () => {
  it('is known by the number, however it is written; the same dog is left as it is', () => {
    const rows = [line(2, 'H. Marsh', '+44 1632 960101', 'QUILL'), line(3, 'H. Marsh', '01632-960101', 'Nettle')]
    const { homes, alike } = planBringIn(rows, [MARSH], RULES)
    expect(alike.map(({ line: at, by, sameDog }) => [at, by, sameDog])).toEqual([
      [2, 'number', true],
      [3, 'number', false],
    ])
    expect(homes).toMatchObject([{ known: 3, dogs: [{ line: 3 }] }])
  })
  it('a name alone is nobody; with the dog or the place it is', () => {
    expect(planBringIn([line(2, 'hedda marsh', null, 'Otter')], [MARSH], RULES).alike).toEqual([])
    expect(planBringIn([line(2, 'hedda marsh', null, 'quill')], [MARSH], RULES).alike).toHaveLength(1)
    expect(planBringIn([line(2, 'hedda marsh', null, 'Otter', '4 ropewalk')], [MARSH], RULES).alike).toHaveLength(1)
  })
  it('a person decides otherwise for all, or for a line', () => {
    const row = line(2, 'Hedda Marsh', '01632 960101', 'Quill')
    expect(planBringIn([row], [MARSH], { ...RULES, asNew: [2] }).homes).toMatchObject([
      { known: null, dogs: [{ line: 2 }] },
    ])
    expect(planBringIn([row], [MARSH], { ...RULES, leftOut: [2] })).toEqual({ homes: [], alike: [], twice: [] })
    const other = line(2, 'Hedda Marsh', '01632 960101', 'Otter')
    expect(planBringIn([other], [MARSH], { ...RULES, known: 'new' }).homes).toMatchObject([{ known: null }])
  })
  it('rows of one number are one household, and what is said twice is taken once', () => {
    const rows = [
      line(2, 'Ada', '01632 1', 'Otter'),
      line(3, 'Bo', '01632 1', 'Otter'),
      line(4, 'Ada', '01632 1', 'otter'),
    ]
    const { homes, twice } = planBringIn(rows, [], RULES)
    expect(homes).toHaveLength(1)
    expect(homes[0]?.people.map(({ name }) => name)).toEqual(['Ada', 'Bo'])
    expect(homes[0]?.dogs.map(({ line: at }) => at)).toEqual([2])
    expect(twice).toEqual([{ line: 4, of: 2 }])
  })
})
