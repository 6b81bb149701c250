import { z } from 'zod'
import { numberTail } from '../household'
import type { BroughtRow } from './rows'

/** A household as it is kept, by what it is known again. */
export interface KnownHome {
  id: number
  /** Its people. */
  names: readonly string[]
  tails: readonly string[]
  place: string
  dogs: readonly string[]
}

/** How somebody decided about who is there already. */
export const BringRules = z.strictObject({
  /** A household that is known: its new dogs go to it, or everybody is taken in as new. */
  known: z.enum(['join', 'new']),
  /** Lines that are left out, and lines that are new whatever they look like. */
  leftOut: z.array(z.int()),
  asNew: z.array(z.int()),
})
export type BringRules = z.infer<typeof BringRules>

/** A household that is made, or is known, with who and what comes to it. */
export interface BroughtHome {
  known: number | null
  people: BroughtRow[]
  dogs: BroughtRow[]
}

/** Why a line looks like one that is there. */
export interface Alike {
  line: number
  householdId: number
  by: 'number' | 'name'
  /** Its dog is there as well, and is left as it is. */
  sameDog: boolean
}

export interface BringPlan {
  homes: BroughtHome[]
  alike: Alike[]
  /** Lines that say again what an earlier line of the list said. */
  twice: { line: number; of: number }[]
}

const plain = (text: string): string => text.trim().toLowerCase().replaceAll(/\s+/g, ' ')

/** What would be made of a list: households by number or by name with place, each dog once. Pure, in the order of the list. */
export function planBringIn(rows: readonly BroughtRow[], known: readonly KnownHome[], rules: BringRules): BringPlan {
  const there = new Known(known)
  const homes = new Map<string, BroughtHome & { lines: Map<string, number> }>()
  const plan: BringPlan = { homes: [], alike: [], twice: [] }
  const [leftOut, asNew] = [new Set(rules.leftOut), new Set(rules.asNew)]
  for (const row of rows) {
    if (leftOut.has(row.line)) continue
    const found = asNew.has(row.line) ? null : there.like(row)
    if (found) plan.alike.push(found)
    if (found?.sameDog) continue
    const joins = found !== null && rules.known === 'join' ? found.householdId : null
    const key = joins !== null ? `known ${joins}` : asNew.has(row.line) ? `line ${row.line}` : keyOf(row)
    const home = homes.get(key) ?? { known: joins, people: [], dogs: [], lines: new Map<string, number>() }
    homes.set(key, home)
    const dog = row.dog ? plain(row.dog.name) : ''
    const before = home.lines.get(dog)
    const isKnown = home.people.some(({ name }) => plain(name) === plain(row.name))
    if (!isKnown) home.people.push(row)
    if (before === undefined) {
      home.lines.set(dog, row.line)
      if (row.dog) home.dogs.push(row)
    } else if (isKnown) plan.twice.push({ line: row.line, of: before })
  }
  plan.homes = [...homes.values()].map(({ lines: _, ...home }) => home)
  return plan
}

/** Rows of one household: the same number; without one the same name at the same place. */
const keyOf = ({ phone, name, place }: BroughtRow): string =>
  phone !== null ? `tail ${numberTail(phone)}` : `name ${plain(name)} at ${plain(place)}`

class Known {
  private readonly byTail = new Map<string, KnownHome>()
  private readonly byName = new Map<string, KnownHome[]>()

  constructor(homes: readonly KnownHome[]) {
    for (const home of homes) {
      for (const tail of home.tails) if (tail !== '' && !this.byTail.has(tail)) this.byTail.set(tail, home)
      for (const name of home.names) this.byName.set(plain(name), [...(this.byName.get(plain(name)) ?? []), home])
    }
  }

  /** A name alone is nobody: its dog or its place has to be the same as well. */
  like(row: BroughtRow): Alike | null {
    const dog = row.dog && plain(row.dog.name)
    const hasDog = ({ dogs }: KnownHome) => dog !== null && dogs.some((name) => plain(name) === dog)
    const byTail = row.phone === null ? undefined : this.byTail.get(numberTail(row.phone))
    const isAt = ({ place }: KnownHome) => row.place !== '' && plain(place) === plain(row.place)
    const byName = (this.byName.get(plain(row.name)) ?? []).find((home) => hasDog(home) || isAt(home))
    const home = byTail ?? byName
    if (!home) return null
    const sameDog = row.dog === null ? home.names.some((name) => plain(name) === plain(row.name)) : hasDog(home)
    return { line: row.line, householdId: home.id, by: byTail ? 'number' : 'name', sameDog }
  }
}
