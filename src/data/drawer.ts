import { QueryTypes } from 'sequelize'
import { isHere, Standing, type Standing as StandingId } from '@/core/household'
import type { DogFilter, DogSort } from '@/core/find'
import { database } from './connection'

/** What can be found of a dog (`d12`) or a household (`h7`). */
export interface DrawerLine {
  key: string
  name: string
  breed: string
  people: string
  home: string
  /** Its people's numbers, figures only, a space between. */
  phones: string
  seenOn: string
  /** Of a household, the ids of its dogs. */
  dogs: number[]
}

interface DogRow {
  id: number
  name: string
  breed: string
  householdId: number
  groomedOn: string | null
}
interface HomeRow {
  id: number
  name: string
  place: string
  people: string | null
  phones: string | null
}

const select = <T extends object>(sql: string, replacements: Record<string, unknown> = {}): Promise<T[]> =>
  database().sequelize.query<T>(sql, { type: QueryTypes.SELECT, replacements })

/**
 * Another one whenever something of a dog or a household was changed, in this process or in another: rows are only added,
 * and each change of one counts its version on. It begins with the key of the house.
 */
export async function readDrawerStamp(): Promise<string> {
  const rows = await select<{ stamp: string }>(
    `SELECT CONCAT_WS(' ', (SELECT house_key FROM house LIMIT 1), (SELECT COUNT(*) FROM dogs), (SELECT SUM(row_version) FROM dogs),
       (SELECT COUNT(*) FROM households), (SELECT SUM(row_version) FROM households)) AS stamp`,
  )
  return rows[0]?.stamp ?? ''
}

/** Everything that can be found. */
export async function readDrawer(): Promise<DrawerLine[]> {
  const [dogs, homes] = await Promise.all([
    select<DogRow>('SELECT id, name, breed, household_id AS householdId, groomed_on AS groomedOn FROM dogs'),
    select<HomeRow>(
      `SELECT home.id, home.name, home.place, GROUP_CONCAT(owner.name SEPARATOR ' ') AS people,
         GROUP_CONCAT(owner.phone SEPARATOR '/') AS phones
       FROM households AS home LEFT JOIN owners AS owner ON owner.household_id = home.id AND NOT owner.gone
       WHERE home.joined_into IS NULL GROUP BY home.id`,
    ),
  ])
  const homeOf = new Map(homes.map((home) => [home.id, home]))
  const dogsOf = new Map<number, number[]>()
  for (const { id, householdId } of dogs) dogsOf.set(householdId, [...(dogsOf.get(householdId) ?? []), id])
  const dogLines = dogs.map(({ id, name, breed, householdId, groomedOn }) => {
    const home = homeOf.get(householdId)
    return {
      key: `d${id}`,
      name,
      breed,
      people: home?.people ?? '',
      home: home?.name ?? '',
      phones: '',
      seenOn: groomedOn ?? '',
      dogs: [],
    }
  })
  const homeLines = homes.map(({ id, name, place, people, phones }) => {
    const figures = (phones ?? '').split('/').map((phone) => phone.replace(/\D/g, ''))
    return {
      key: `h${id}`,
      name,
      breed: '',
      people: people ?? '',
      home: place,
      phones: figures.join(' '),
      seenOn: '',
      dogs: dogsOf.get(id) ?? [],
    }
  })
  return [...dogLines, ...homeLines]
}

/** Where an answer to a filter stands in the rows; null is every dog that comes. */
const WHERE: Record<DogFilter, string> = {
  due: `standing = 'here' AND due_on BETWEEN :today AND :soon`,
  overdue: `standing = 'here' AND due_on < :today AND NOT EXISTS (
     SELECT 1 FROM bookings AS booked WHERE booked.dog_id = dogs.id AND booked.start_at >= :now AND booked.called_off_at IS NULL)`,
  wish: `standing = 'here' AND wish_on <= :today`,
  vaccination: `standing = 'here' AND (vaccinated_on IS NULL OR vaccinated_on < :yearAgo)`,
  blade: `standing = 'here' AND EXISTS (
     SELECT 1 FROM trim_cards AS card WHERE CONCAT(',', card.blades, ',') REGEXP :blades AND card.id = (
       SELECT MAX(last.id) FROM trim_cards AS last WHERE last.dog_id = dogs.id AND last.kind IN ('cut', 'saved')))`,
  away: `standing <> 'here'`,
}

const ORDER: Record<DogSort, string> = {
  name: 'dogs.name, dogs.id',
  due: 'dogs.due_on IS NULL, dogs.due_on, dogs.name, dogs.id',
  recent: 'dogs.groomed_on DESC, dogs.name, dogs.id',
  home: 'home.name, home.id, dogs.name',
}

export interface DogsAsked {
  filter: DogFilter | null
  sort: DogSort
  today: string
  /** Until when a dog is due soon, and before when a vaccination is asked for again. */
  soon: string
  yearAgo: string
  now: Date
  /** Blades that are due for sharpening. */
  blades: readonly string[]
}

/** The ids of the dogs that answer a question, in order; all of them, for a thousand ids are little. */
export async function readDogIds({ filter, sort, blades, ...values }: DogsAsked): Promise<number[]> {
  const where = filter === null ? `standing = 'here'` : WHERE[filter]
  const rows = await select<{ id: number }>(
    `SELECT dogs.id FROM dogs JOIN households AS home ON home.id = dogs.household_id WHERE ${where} ORDER BY ${ORDER[sort]}`,
    { ...values, blades: blades.length > 0 ? `,(${blades.join('|')}),` : '^$' },
  )
  return rows.map(({ id }) => id)
}

/** The ids of dogs that come between two moments, the first ones first, then of those that were here last. */
export async function readRecentDogIds(fromMs: number, toMs: number, most: number): Promise<number[]> {
  const coming = await select<{ id: number }>(
    `SELECT dogs.id FROM bookings JOIN dogs ON dogs.id = dog_id
     WHERE start_at >= :from AND start_at < :to AND called_off_at IS NULL AND dogs.standing = 'here'
     GROUP BY dogs.id ORDER BY MIN(start_at), dogs.id LIMIT :most`,
    { from: new Date(fromMs), to: new Date(toMs), most },
  )
  const last = await select<{ id: number }>(
    `SELECT id FROM dogs WHERE standing = 'here' ORDER BY groomed_on DESC, id DESC LIMIT :most`,
    { most },
  )
  return [...new Set([...coming, ...last].map(({ id }) => id))].slice(0, most)
}

/** How many dogs there are by how they stand to the house. */
export async function countDogs(): Promise<{ here: number; all: number }> {
  const rows = await select<{ standing: string; n: number }>(
    'SELECT standing, COUNT(*) AS n FROM dogs GROUP BY standing',
  )
  const sum = (of: (standing: StandingId) => boolean) =>
    rows.reduce((total, { standing, n }) => total + (of(Standing.parse(standing)) ? Number(n) : 0), 0)
  return { here: sum(isHere), all: sum(() => true) }
}
