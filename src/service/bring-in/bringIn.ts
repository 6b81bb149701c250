import { z } from 'zod'
import { BringRules, BroughtRow, planBringIn, type BringPlan } from '@/core/bring-in'
import { refuse, type Result } from '@/core/result'
import {
  addBroughtIn,
  dropPieces,
  holdBroughtIn,
  keepPiece,
  markTakenBack,
  readBroughtIn,
  readKnownHomes,
  readPieces,
  takeAwayMade,
  type BroughtList,
  type Made,
} from '@/data/broughtIn'
import { inTransaction } from '@/data/connection'
import { addDogs } from '@/data/dogs'
import { addFileChanges } from '@/data/fileChanges'
import { holdHouse } from '@/data/house'
import { addHouseholds, addOwners } from '@/data/households'
import { callOffBooking } from '../booking/callOff'
import { DAY_MS } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { noteSaid } from '../trail/noteSaid'

/** Rows of a list that go over at once, and the longest list. */
export const MOST_IN_PIECE = 1000
const MOST_PIECES = 100

export const PieceAsked = z.strictObject({
  listId: z.uuid(),
  no: z.int().min(0).max(MOST_PIECES),
  rows: z.array(BroughtRow).max(MOST_IN_PIECE),
})

/** Takes a piece of a list; nothing of it is in the book yet. */
export async function takePiece(
  { listId, no, rows }: z.infer<typeof PieceAsked>,
  { nowMs }: OpenHouse,
): Promise<Result<null>> {
  await keepPiece(listId, no, rows, nowMs)
  return { ok: true, value: null }
}

export const ListAsked = z.strictObject({ listId: z.uuid(), rules: BringRules })

/** What would be made of a list, and who looks like somebody that is there. */
export interface BringLook {
  households: number
  people: number
  dogs: number
  joined: number
  alike: (BringPlan['alike'][number] & { name: string; dog: string; home: string })[]
  twice: BringPlan['twice']
}

export async function lookBringIn({ listId, rules }: z.infer<typeof ListAsked>): Promise<Result<BringLook>> {
  const [rows, known] = await Promise.all([readPieces(listId), readKnownHomes()])
  const { homes, alike, twice } = planBringIn(rows, known, rules)
  const byLine = new Map(rows.map((row) => [row.line, row]))
  const names = new Map(known.map(({ id, names: people }) => [id, people.join(', ')]))
  return {
    ok: true,
    value: {
      households: homes.filter((home) => home.known === null).length,
      joined: homes.filter((home) => home.known !== null).length,
      people: homes.reduce((sum, { people }) => sum + people.length, 0),
      dogs: homes.reduce((sum, { dogs }) => sum + dogs.length, 0),
      alike: alike.map((each) => ({
        ...each,
        name: byLine.get(each.line)?.name ?? '',
        dog: byLine.get(each.line)?.dog?.name ?? '',
        home: names.get(each.householdId) ?? '',
      })),
      twice,
    },
  }
}

export const BringAsked = ListAsked.extend({ file: z.string().trim().max(200) })

/** Brings a list in: all of it, or nothing; sent again it changes nothing more. */
export function bringIn(
  { listId, rules, file }: z.infer<typeof BringAsked>,
  { nowMs }: OpenHouse,
  by: string,
): Promise<Result<{ dogs: number }>> {
  return inTransaction(async () => {
    // Whoever takes a dog in holds the house as well: who is there already does not change meanwhile.
    await holdHouse()
    const there = await holdBroughtIn(listId)
    if (there) return { ok: true, value: { dogs: there.made.dogs.length } }
    const rows = await readPieces(listId)
    if (rows.length === 0) return refuse('listId', 'Nothing of this list is here any more. Open the file once more.')
    const made = await makeAll(planBringIn(rows, await readKnownHomes(), rules).homes)
    await addBroughtIn({ id: listId, file, madeMs: nowMs, madeBy: by, made })
    await addFileChanges('taken-in', made.dogs, {
      madeMs: nowMs,
      madeBy: by,
      before: {},
      after: { said: `Brought in from ${file}` },
    })
    await noteSaid(
      { kind: 'house', id: 1 },
      `Brought in ${made.dogs.length} dogs and ${made.owners.length} people from ${file}`,
      by,
      nowMs,
    )
    await dropPieces(listId, nowMs - DAY_MS)
    return { ok: true, value: { dogs: made.dogs.length } }
  })
}

async function makeAll(homes: BringPlan['homes']): Promise<Made> {
  const fresh = homes.filter(({ known }) => known === null)
  const households = await addHouseholds(fresh.map(householdOf))
  const idOf = new Map(fresh.map((home, at) => [home, households[at]]))
  const at = homes.map((home) => ({ ...home, householdId: home.known ?? idOf.get(home) ?? 0 }))
  const owners = await addOwners(
    at.flatMap(({ householdId, known, people }) =>
      people.map(({ name, phone, email }, place) => {
        const first = known === null && place === 0
        return { householdId, name, phone, email, agreed: {}, first }
      }),
    ),
  )
  const dogs = await addDogs(
    at.flatMap(({ householdId, dogs: rows }) => rows.flatMap(({ dog }) => (dog ? [{ householdId, file: dog }] : []))),
  )
  return { households, owners, dogs, bookings: [] }
}

/** A household is called as the first of it, by the last word of the name. */
const householdOf = ({ people: [first] }: BringPlan['homes'][number]): { name: string; place: string } => ({
  name: first?.name.split(/\s+/).at(-1)?.slice(0, 80) ?? 'Household',
  place: first?.place ?? '',
})

export const TakeBackAsked = z.strictObject({ listId: z.uuid() })

/** Takes back what a list made, as far as nobody has worked with it since; what stays is said. */
export function takeBackList(
  { listId }: z.infer<typeof TakeBackAsked>,
  { nowMs }: OpenHouse,
  by: string,
): Promise<Result<{ stays: number }>> {
  return inTransaction(async () => {
    await holdHouse()
    const list = await holdBroughtIn(listId)
    if (!list) return refuse('listId', 'This list was never brought in.')
    if (list.takenBackMs !== null) return refuse('listId', `${list.file} was taken back already.`)
    const grooms = await callOffAll(list, by, nowMs)
    const stays = await takeAwayMade(list.made)
    await markTakenBack(listId, by, nowMs)
    await noteSaid(
      { kind: 'house', id: 1 },
      `Took back what ${list.file} brought in; ${stays.dogs + grooms} dogs and grooms stay, since somebody has worked with them`,
      by,
      nowMs,
    )
    return { ok: true, value: { stays: stays.dogs + grooms } }
  })
}

/** Calls off the appointments of a list. @returns how many stay, since their groom has begun */
async function callOffAll({ file, made }: BroughtList, by: string, nowMs: number): Promise<number> {
  let stays = 0
  for (const bookingId of made.bookings) {
    const off = await callOffBooking({ bookingId, why: `Taken back: ${file}`.slice(0, 200), by }, nowMs)
    if (!off.ok) stays++
  }
  return stays
}

/** The lists that were brought in, for the page, with who may groom what a calendar brings. */
export async function broughtInView({ time, nowMs, hands }: OpenHouse) {
  const lists = await readBroughtIn()
  return {
    today: time.day(nowMs),
    hands: hands.filter(({ role }) => role === 'groomer').map(({ id, name }) => ({ id, name })),
    lists: lists.map(({ id, file, madeMs, madeBy, made, takenBackMs }) => ({
      id,
      file,
      by: madeBy,
      when: `${time.shortDay(madeMs)}, ${time.clock(madeMs)}`,
      dogs: made.dogs.length,
      people: made.owners.length,
      bookings: made.bookings.length,
      takenBack: takenBackMs === null ? null : time.shortDay(takenBackMs),
    })),
  }
}
