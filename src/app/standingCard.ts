import { coatToday } from '@/core/plan'
import { patternEntries, patternLabel } from '@/core/patterns'
import type { LastEntry } from '@/core/request'
import type { ZoneId } from '@/core/zones'
import { readCard, readVersion, readVersions, type TrimCard } from '@/data/cards'
import type { Dog } from '@/data/dogs'
import { readGrowth } from '@/data/growth'
import { readVisitsOfDog } from '@/data/visits'
import { ratesOf } from '@/core/coat'
import type { OpenHouse } from './house'

export interface StandingCard {
  /** The version asked for, else the newest that was cut or saved; null before the first groom. */
  card: TrimCard | null
  versions: Awaited<ReturnType<typeof readVersions>>
  lastCut: LastEntry[]
  pattern: { label: string; entries: LastEntry[] } | null
  presentMm: Partial<Record<ZoneId, number>>
}

/** A dog's card as it stands, with what it is compared against. */
export async function readStandingCard(dog: Dog, house: OpenHouse, version?: number): Promise<StandingCard> {
  const { time, nowMs } = house
  const [versions, [visit], growth] = await Promise.all([
    readVersions(dog.id),
    readVisitsOfDog(dog.id, 1, nowMs),
    readGrowth(dog, nowMs, time.day),
  ])
  const standing = versions.find(({ kind }) => kind !== 'planned')
  const wanted = version ?? standing?.version
  const [card, cut] = await Promise.all([
    wanted === undefined ? null : readVersion(dog.id, wanted),
    visit?.cutCardId ? readCard(visit.cutCardId) : null,
  ])
  const last = visit && cut ? { last: { date: time.day(visit.startedMs), card: cut.zones } } : {}
  const ofCoat = { coat: dog.coat, growthMmPerWeek: ratesOf(growth) }
  return {
    card,
    versions,
    lastCut: cut?.zones ?? [],
    pattern: patternOf(visit?.plannedCase.request.pattern, dog),
    presentMm: Object.fromEntries(coatToday({ coatNowMm: {}, date: time.day(nowMs), dog: ofCoat, ...last })),
  }
}

function patternOf(id: Parameters<typeof patternEntries>[0] | undefined, { coat }: Dog): StandingCard['pattern'] {
  if (id === undefined) return null
  const entries = patternEntries(id, { coat }).flatMap(({ zone, cut }) => (cut === null ? [] : [{ zone, ...cut }]))
  return { label: patternLabel(id), entries }
}
