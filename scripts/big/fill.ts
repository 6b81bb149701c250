import { QueryTypes } from 'sequelize'
import { setImmediate as turn } from 'node:timers/promises'
import sharp from 'sharp'
import { TABLES } from '@/core/archive'
import type { Cells } from '@/core/pace'
import { openLoading, type Loading } from '@/data/archive/load'
import { database } from '@/data/connection'
import { hasMark, setMark } from '@/data/marks'
import { keepCells } from '@/data/pace'
import { DEMO_MADE, openHouse } from '@/service/house/openHouse'
import { addPerson, changePerson } from '@/service/house/people'
import { passStep, setUpHouse } from '@/service/house/setUpHouse'
import { SET_UP_STEPS, type SetUpStep } from '@/core/house'
import { done } from '@/demo/groom'
import { PEOPLE } from './cast'
import { bigDog } from './dog'
import { Rows, type Numbers } from './rows'

const SEED = 2021
const DAY_MS = 86_400_000
/** Dogs that are written together; a filling that is cut off goes on behind the last whole stretch. */
const AT_ONCE = 40
/** About how long a row is, where it is long. */
const CHARS: Partial<Record<string, number>> = { visits: 20_000 }

/**
 * Fills an empty book with ten years of a house, or goes on where that was cut off. The same for the same day and number.
 * @param visits so many at the least; `young`: of a house that was opened weeks ago
 * @param tell how far it is, 0 to 1
 */
export async function fillBigHouse(
  { visits, young = false }: { visits: number; young?: boolean },
  nowMs: number,
  tell: (share: number) => void,
): Promise<string> {
  const people = await whoWorks()
  const todayMs = Math.floor(nowMs / DAY_MS) * DAY_MS
  const numbers = await cutBack()
  const cells: Cells = await allCells()
  const jpeg = await sharp({ create: { width: 320, height: 240, channels: 3, background: '#c9a27a' } })
    .jpeg()
    .toBuffer()
  let dogs = numbers.dogs ?? 0
  let made = numbers.visits ?? 0
  // While the server writes one stretch the next is made.
  let writing = Promise.resolve()
  const loading = await openLoading()
  while (made < visits) {
    const rows = new Rows(numbers)
    const learned = new Map(cells)
    for (let nth = 0; nth < AT_ONCE; nth++) {
      bigDog(++dogs, { seed: SEED, todayMs, people, young }, rows, cells)
      await turn()
    }
    await writing
    const moved = new Map([...cells].filter(([id, cell]) => learned.get(id) !== cell))
    writing = write(rows, moved, loading, jpeg)
    // Whoever waits for it next hears of a fault.
    writing.catch(() => {})
    made += rows.visits
    tell(made / visits)
  }
  await writing
  await loading.count()
  await loading.close()
  // Made up from end to end: whoever opens it is let in, as into the demo.
  await setMark(DEMO_MADE, nowMs)
  return `${dogs} dogs, ${made} visits`
}

async function whoWorks() {
  if (await hasMark(DEMO_MADE)) throw new Error('This home holds a big house already. Name another in KOVIT_HOME.')
  const { models } = database()
  if ((await models.house.count()) === 0) {
    done(await setUpHouse({ name: 'Ten years', place: 'Gull Quay', unit: 'mm', works: 'salon', timeZone: 'Etc/UTC' }))
    for (const step of Object.keys(SET_UP_STEPS) as SetUpStep[]) done(await passStep(step))
  }
  const { everybody } = await openHouse()
  const known = new Map(everybody.map(({ name, id }) => [name, id]))
  const people: { id: number; name: string }[] = []
  for (const person of PEOPLE)
    people.push({
      name: person.name,
      id: known.get(person.name) ?? done(await addPerson({ ...person, work: {} }, 'the house')).id,
    })
  done(await changePerson({ id: people[0]?.id ?? 0, owner: true }, 'the house'))
  return people
}

/** The dog is written last of its rows: what lies behind the last dog was cut off, and goes. */
async function cutBack(): Promise<Numbers> {
  const { sequelize } = database()
  const last = await highest('dogs', 'id')
  const visits = `(SELECT id FROM visits WHERE dog_id > ${last})`
  for (const sql of [
    ...['visit_events', 'visit_folds', 'groom_facts', 'growth_pairs', 'blade_use', 'photos'].map(
      (table) => `DELETE FROM ${table} WHERE visit_id IN ${visits}`,
    ),
    `DELETE FROM visits WHERE dog_id > ${last}`,
    ...['trim_cards', 'bookings'].map((table) => `DELETE FROM ${table} WHERE dog_id > ${last}`),
    `DELETE FROM owners WHERE household_id > ${last}`,
    `DELETE FROM households WHERE id > ${last}`,
    `DELETE FROM file_changes WHERE of_kind = 'card' AND of_id > ${last}`,
  ])
    await sequelize.query(sql)
  const numbers: Numbers = { dogs: last }
  const counted = ['owners', 'bookings', 'visits', 'trim_cards', 'growth_pairs', 'file_changes'] as const
  for (const table of counted) numbers[table] = await highest(table, 'id')
  numbers.visit_events = await highest('visit_events', 'no')
  return numbers
}

async function highest(table: string, column: string): Promise<number> {
  const sql = `SELECT COALESCE(MAX(${column}), 0) AS last FROM ${table}`
  const [found] = await database().sequelize.query<{ last: number }>(sql, { type: QueryTypes.SELECT })
  return Number(found?.last ?? 0)
}

async function allCells(): Promise<Cells> {
  const rows = await database().models.paceCell.findAll({ raw: true })
  return new Map(rows.map(({ id, n, total, day }) => [id, { n, sum: total, day }]))
}

/** Its dogs last of all, and they are what says that a stretch is whole. */
async function write(rows: Rows, moved: Cells, loading: Loading, jpeg: Buffer): Promise<void> {
  for (const table of TABLES)
    if (table !== 'dogs')
      for (const row of rows.tables.get(table) ?? []) await loading.add(table, row, CHARS[table] ?? 400)
  for (const { id } of rows.tables.get('photos') ?? []) await loading.addPhoto(String(id), jpeg)
  await loading.end()
  await database().models.visitFold.bulkCreate(rows.folds)
  await keepCells(moved)
  for (const dog of rows.tables.get('dogs') ?? []) await loading.add('dogs', dog, 400)
  await loading.end()
}
