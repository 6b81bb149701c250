import { figureOf } from '@/core/figure'
import { kitOrAll } from '@/core/lengths'
import { patternEntries, patternLabel, type PatternId } from '@/core/patterns'
import { readVersion, readVersions } from '@/data/cards'
import { readKit } from '@/data/kit'
import type { OpenHouse } from '../house/openHouse'
import { papersOf } from './papers'
import { dogStanding, type DogStanding } from './dogStanding'

/** The card on its desk with what it is compared against. @param version another one than the card that stands */
export async function cardView(dogId: number, house: OpenHouse, version?: number) {
  const standing = await dogStanding(dogId, house.nowMs, house.time)
  if (!standing) return null
  const { dog, lastVisit } = standing
  const [versions, kit, asked, papers] = await Promise.all([
    readVersions(dogId),
    readKit(),
    cardAsked(standing, version),
    papersOf(dogId, house),
  ])
  return {
    dogId,
    dog: { name: dog.name, ...figureOf(dog) },
    unit: house.unit,
    kit: kitOrAll(kit),
    asked,
    papers,
    lastCut: standing.lastCut?.card.zones ?? [],
    pattern: patternOf(lastVisit?.pattern ?? null, standing),
    presentMm: Object.fromEntries(standing.coatMm),
    versions: versions.map((each) => ({
      version: each.version,
      kind: each.kind,
      by: each.madeBy,
      why: each.why,
      when: house.time.longDay(each.madeMs),
    })),
  }
}

/** The version asked for, else the card that stands; null when there is none. */
const cardAsked = ({ dog, card }: DogStanding, version: number | undefined) =>
  version === undefined ? card : readVersion(dog.id, version)

function patternOf(id: PatternId | null, { dog: { coat } }: DogStanding) {
  if (id === null) return null
  const entries = patternEntries(id, { coat }).flatMap(({ zone, cut }) => (cut === null ? [] : [{ zone, ...cut }]))
  return { label: patternLabel(id), entries }
}

const KINDS = { planned: 'planned', cut: 'as cut', saved: 'saved' }

/** A card to print: the one that stands, or another version. Null when there is none. */
export async function printView(dogId: number, house: OpenHouse, version?: number) {
  const standing = await dogStanding(dogId, house.nowMs, house.time)
  const card = standing && (await cardAsked(standing, version))
  if (!standing || !card) return null
  const { dog } = standing
  return {
    dog,
    facts: `${dog.breed}, ${dog.coat} coat, ${dog.weightKg} kg`,
    which: `Version ${card.version}, ${KINDS[card.kind]} on ${house.time.longDay(card.madeMs)} by ${card.madeBy}. ${card.why}.`,
    card: card.zones,
    unit: house.unit,
  }
}

/** A dog's measures with the coat that its figure wears. */
export async function measuresView(dogId: number, house: OpenHouse) {
  const standing = await dogStanding(dogId, house.nowMs, house.time)
  if (!standing) return null
  const { dog } = standing
  return {
    dog: { id: dog.id, name: dog.name, weightKg: dog.weightKg, ...figureOf(dog) },
    version: dog.version,
    coatMm: Object.fromEntries(standing.coatMm),
    unit: house.unit,
  }
}
