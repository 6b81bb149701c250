import { byHand, cutIn } from '@/core/lengths'
import type { CardEntry } from '@/core/request'
import { dogStanding } from '@/service/dog/dogStanding'
import { saveCard } from '@/service/dog/saveCard'
import type { OpenHouse } from '@/service/house/openHouse'
import { savePattern } from '@/service/patterns/housePatterns'
import { DEMO_PATTERN, DEMO_SAVED, type DemoDog } from './cast'
import { DAY_MS } from './clock'
import { done } from './groom'

/** Legs are shortened by so much at the desk, mm. Demo. */
const SHORTER_MM = 5

/** What was done at the desk between visits: a card changed, and a pattern of the house kept. */
export async function makeDesk(dogs: { id: number; dog: DemoDog }[], by: string, house: OpenHouse): Promise<void> {
  const cardOf = async (name: string) => {
    const dogId = dogs.find(({ dog }) => dog.name === name)?.id ?? 0
    const standing = await dogStanding(dogId, house.nowMs, house.time)
    return { dogId, zones: standing?.lastCut?.card.zones ?? [] }
  }
  const pattern = await cardOf(DEMO_PATTERN.dog)
  const { name, words } = DEMO_PATTERN
  done(await savePattern({ name, words, by, card: pattern.zones }, house.nowMs - 9 * DAY_MS))
  const { dogId, zones } = await cardOf(DEMO_SAVED.dog)
  const shorter = (entry: CardEntry): CardEntry =>
    entry.zone === 'thigh' || entry.zone === 'foreleg'
      ? { ...entry, ...byHand('scissor', cutIn(entry).lengthMm - SHORTER_MM), why: DEMO_SAVED.why }
      : entry
  const saved = { dogId, by, why: DEMO_SAVED.why, zones: zones.map(shorter) }
  done(await saveCard(saved, { ...house, nowMs: house.nowMs - 3 * DAY_MS }))
}
