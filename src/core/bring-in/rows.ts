import { z } from 'zod'
import { breedsLike } from '../breeds'
import { CoatId } from '../coat'
import { DogFile } from '../dog'
import { PhoneNumber } from '../household'
import { EMPTY_CALL, calledDog } from '../intake'
import type { Field } from './columns'
import { readAgeYears, readDate, readSex, readWeightKg, readYesNo, type DateOrder } from './cells'

/** What could not be read of a row: its column, what stood there, and why. */
export interface Fault {
  column: string
  text: string
  why: string
  /** The row stays behind because of it. */
  loses: boolean
}

const line = (most: number) => z.string().trim().max(most)

/** A row as it is brought in: a person, and mostly a dog. */
export const BroughtRow = z.strictObject({
  /** Its line in the file, from 1. */
  line: z.int().min(1),
  name: line(200).min(1),
  phone: PhoneNumber.nullable(),
  email: line(200).nullable(),
  place: line(200),
  dog: DogFile.nullable(),
})
export type BroughtRow = z.infer<typeof BroughtRow>

/** A row that was read; one that cannot be brought in has no `row`, and its faults say why. */
export interface ReadRow {
  line: number
  row: BroughtRow | null
  faults: Fault[]
}

/** How a list is read. */
export interface Reading {
  fields: readonly (Field | null)[]
  heads: readonly string[]
  order: DateOrder | null
  /** Weights without a unit are pounds. */
  isPounds: boolean
  /** Where neither the list nor the breed tells a coat; null refuses such a row. */
  coat: CoatId | null
  /** What cannot be read is put into the notes. */
  noteFaults: boolean
  today: string
}

/** A dog whose weight nobody said and whose breed tells none, kg: shown as *usual* until it is weighed. From memory. */
const SOME_DOG_KG = 12

/** Reads one row of a list. */
export function readRow(cells: readonly string[], at: number, reading: Reading): ReadRow {
  const faults: Fault[] = []
  const cell = (field: Field): string =>
    reading.fields
      .flatMap((each, column) => (each === field ? [(cells[column] ?? '').trim()] : []))
      .filter((text) => text !== '')
      .join(', ')
  const read = <T>(field: Field, reader: (text: string) => T | null, why: string): T | null => {
    const text = cell(field)
    if (text === '') return null
    const value = reader(text)
    if (value === null) faults.push({ column: headOf(field, reading), text, why, loses: false })
    return value
  }
  const phones = phonesIn(cell('phone'))
  if (cell('phone') !== '' && phones.length === 0)
    faults.push({
      column: headOf('phone', reading),
      text: cell('phone'),
      why: 'This is no telephone number.',
      loses: false,
    })
  const email = read('email', (text) => (/^\S+@\S+\.\S+$/.test(text) ? text : null), 'This is no e-mail address.')
  const name = [cell('owner'), [cell('first'), cell('last')].filter(Boolean).join(' ')].find(Boolean) ?? ''
  const groomedOn = read('groomed', (text) => readDate(text, reading.order), DATE_WHY)
  const earlier = groomedOn === null ? '' : `groomed ${groomedOn}, by the list`
  const dogs = cell('dog') === '' ? null : readDog(cell, read, faults, reading)
  const said = { name: name || phones[0] || '', phone: phones[0] ?? null, email, place: cell('place').slice(0, 200) }
  if (said.name === '')
    faults.push({ column: '', text: '', why: 'Nobody is named here, and there is no number.', loses: true })
  const notes = [
    cell('notes'),
    ...phones.slice(1).map((phone) => `Another number: ${phone}`),
    ...(reading.noteFaults ? faults.map(faultWords) : []),
  ]
  const dog = dogs && {
    ...dogs,
    more: { ...dogs.more, earlier, notes: notes.filter(Boolean).join('\n').slice(0, 2000) },
  }
  const row = BroughtRow.safeParse({ line: at, ...said, dog })
  if (!row.success)
    for (const { path, message } of row.error.issues.slice(0, 3))
      if (said.name !== '') faults.push({ column: path.join(' '), text: '', why: message, loses: true })
  const isLost = dogs === null && cell('dog') !== ''
  return { line: at, row: row.success && !isLost ? row.data : null, faults }
}

const DATE_WHY = 'This is no day that can be read, or day and month could be either way.'
const faultWords = ({ column, text }: Fault): string => (text === '' ? '' : `${column}: ${text}`)
const headOf = (field: Field, { fields, heads }: Reading): string => heads[fields.indexOf(field)] ?? field

/** All numbers of a cell; what is no number between them is left out. */
const phonesIn = (text: string): string[] =>
  text
    .split(/[,;/]|\bor\b/)
    .map((part) => part.replaceAll(/[^\d+()\s.-]/g, '').trim())
    .filter((part) => PhoneNumber.safeParse(part).success)

type Read = <T>(field: Field, reader: (text: string) => T | null, why: string) => T | null

function readDog(cell: (field: Field) => string, read: Read, faults: Fault[], reading: Reading): DogFile | null {
  const { order, today, isPounds } = reading
  const sex = read('sex', readSex, 'This is neither male nor female.')
  const ageYears = read('age', readAgeYears, 'This is no age.')
  const bornOn = read('born', (text) => readDate(text, order), DATE_WHY)
  const weightKg = read(
    'weight',
    (text) => inRange(readWeightKg(text, isPounds), 0.3, 120),
    'A dog weighs 0.3 to 120 kg.',
  )
  const coat = read(
    'coat',
    (text) => CoatId.safeParse(text.toLowerCase().replaceAll(' ', '-')).data ?? null,
    'This coat is not known here.',
  )
  const call = { ...EMPTY_CALL, dog: cell('dog'), breed: cell('breed').slice(0, 200), weightKg, ageYears, coat }
  const called = calledDog(call, today)
  const known = called.coat ?? coatLike(call.breed) ?? reading.coat
  if (known === null) {
    faults.push({
      column: headOf('breed', reading),
      text: call.breed,
      why: 'Neither coat nor breed is known: no plan could be made.',
      loses: true,
    })
    return null
  }
  const whole = called.file ?? calledDog({ ...call, coat: known, weightKg: called.weightKg ?? SOME_DOG_KG }, today).file
  if (!whole) return null
  const guessed = [
    ...(called.coat === null ? (['coat'] as const) : []),
    ...(called.weightKg === null ? (['weightKg'] as const) : []),
  ]
  return {
    ...whole,
    bornOn: notAfter(bornOn, today) ?? whole.bornOn,
    sex: sex?.sex ?? null,
    neutered: read('neutered', readYesNo, 'This is neither yes nor no.') ?? sex?.neutered ?? null,
    vaccinatedOn: read('vaccinated', (text) => readDate(text, order), DATE_WHY),
    more: { ...whole.more, usual: [...new Set([...whole.more.usual, ...guessed])] },
  }
}

/** The coat of all breeds that a short name may mean: there are several poodles, and one coat. */
function coatLike(breed: string): CoatId | null {
  const coats = new Set(breedsLike(breed, 20).map(({ coat }) => coat))
  return coats.size === 1 ? ([...coats][0] ?? null) : null
}

const inRange = (value: number | null, from: number, to: number): number | null =>
  value !== null && value >= from && value <= to ? value : null
const notAfter = (day: string | null, today: string): string | null => (day !== null && day <= today ? day : null)
