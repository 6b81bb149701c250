import type { CardEntry } from '@/core/request'
import { readCard, saveCard } from '../cards'
import { database } from '../connection'
import { addHousePattern } from '../housePatterns'
import { readLastCuts } from '../visits'
import { DEMO_PATTERN, DEMO_SAVED, type DemoDog } from './cast'

const DAY_MS = 86_400_000

/** What was done at the desk between visits: a card changed, and a pattern of the house kept. */
export async function makeDesk(dogs: { id: number; dog: DemoDog }[], by: string, nowMs: number): Promise<void> {
  const cuts = await readLastCuts()
  const cardOf = async (name: string) => {
    const id = dogs.find(({ dog }) => dog.name === name)?.id ?? 0
    return { id, card: await readCard(cuts.get(id)?.cutCardId ?? 0) }
  }
  const { card } = await cardOf(DEMO_PATTERN.dog)
  if (card)
    await addHousePattern({
      name: DEMO_PATTERN.name,
      words: DEMO_PATTERN.words,
      card: card.zones,
      madeBy: by,
      madeMs: nowMs - 9 * DAY_MS,
    })
  const changed = await cardOf(DEMO_SAVED.dog)
  const shorter = (entry: CardEntry): CardEntry =>
    entry.zone === 'thigh' || entry.zone === 'foreleg'
      ? { ...entry, lengthMm: entry.lengthMm - 5, why: DEMO_SAVED.why }
      : entry
  if (changed.card)
    await saveCard({
      dogId: changed.id,
      madeMs: nowMs - 3 * DAY_MS,
      madeBy: by,
      why: DEMO_SAVED.why,
      zones: changed.card.zones.map(shorter),
    })
  const ten = await database().models.tool.findOne({ where: { name: '10' } })
  await ten?.update({ sharpenedAt: new Date(nowMs - 90 * DAY_MS), label: 'face and feet' })
}
