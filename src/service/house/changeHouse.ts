import { z } from 'zod'
import { HouseFacts, SET_UP_STEPS, Van, type SetUpStep } from '@/core/house'
import { Opening } from '@/core/people'
import { RestMin } from '@/core/rights'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { changeHouse, holdHouse, type StoredHouse } from '@/data/house'
import { stale } from '../stale'
import { noteSaid } from '../trail/noteSaid'

export const HouseChange = z.strictObject({
  facts: HouseFacts.partial().optional(),
  opening: Opening.optional(),
  van: Van.optional(),
  restMin: RestMin.optional(),
  /** The version of the house that was changed; left out by who has not seen one. */
  version: z.number().int().positive().optional(),
})

/** Changes what the house is called, when it is open, or its van. Refused from a stale page. */
export function saveHouse(
  { facts, opening, van, restMin, version }: z.infer<typeof HouseChange>,
  by: string,
  nowMs = Date.now(),
): Promise<Result<{ version: number }>> {
  return inTransaction(async () => {
    const house = await holdHouse()
    if (!house) return refuse('name', 'This house is not set up yet.')
    if (version !== undefined && version !== house.version) return stale(house.name, changesIn(house))
    const parts = { ...(opening ? { opening } : {}), ...(van ? { van } : {}), ...(restMin ? { restMin } : {}) }
    await changeHouse({ ...defined(facts), ...parts })
    const said = (Object.keys(defined(facts)) as (keyof HouseFacts)[]).map((key) => FACT_WORDS[key])
    const words = [...said, ...(Object.keys(parts) as (keyof typeof parts)[]).map((key) => PART_WORDS[key])]
    if (words.length > 0) await noteSaid({ kind: 'house', id: 1 }, `Changed: ${words.join(', ')}`, by, nowMs)
    return { ok: true, value: { version: house.version + 1 } }
  })
}

const PART_WORDS = { opening: 'opening hours', van: 'the van', restMin: 'rest before signing in again' }
const FACT_WORDS: Record<keyof HouseFacts, string> = {
  name: 'name',
  place: 'place',
  timeZone: 'time zone',
  unit: 'unit of length',
  works: 'salon or van',
}

const changesIn = ({ name, place, timeZone, unit, opening }: StoredHouse): string[] => [
  `it is ${name}, ${place || 'no place'}, ${timeZone}, ${unit}`,
  `open on ${Object.keys(opening.days ?? {}).join(', ') || 'any day'}`,
]

const defined = (facts: Partial<HouseFacts> = {}): Partial<HouseFacts> =>
  Object.fromEntries(Object.entries(facts).filter(([, value]) => value !== undefined))

/** Which steps of the set-up nobody has gone through yet, in order. */
export const stepsLeft = ({ seen }: Pick<StoredHouse, 'seen'>): SetUpStep[] =>
  (Object.keys(SET_UP_STEPS) as SetUpStep[]).filter((step) => !seen.includes(step))
