import { Op, QueryTypes } from 'sequelize'
import { learnRates, naturalMm, type CoatId, type GrowthPair, type LearnedRate } from '@/core/coat'
import { weeksBetween } from '@/core/units'
import { ZoneId, groupOf, type GroupId } from '@/core/zones'
import { database } from './connection'

/** Pairs further back than this say little about the dog of today. */
const MOST_VISITS = 50

interface VisitRow {
  startedAt: Date
  cutCardId: number
  coatNow: string
}

/** Nearer than this to where a coat stays short by itself, growth no longer shows its pace. Source: from memory. */
const STILL_GROWING = 0.9

/**
 * What each visit left and the next one found, by zone: only zones measured one by one count, and only coat that was
 * really cut at the last visit, so that its length was known.
 */
export async function readGrowthPairs(dog: GrowingDog, beforeMs: number, dayOf: DayOf): Promise<GrowthPair[]> {
  const visits = await database().sequelize.query<VisitRow>(
    `SELECT visit.started_at AS startedAt, visit.cut_card_id AS cutCardId, booking.coat_now AS coatNow
     FROM visits AS visit JOIN bookings AS booking ON booking.id = visit.booking_id
     WHERE visit.dog_id = :dogId AND visit.cut_card_id IS NOT NULL AND visit.started_at < :before
     ORDER BY visit.started_at DESC LIMIT ${MOST_VISITS}`,
    { type: QueryTypes.SELECT, replacements: { dogId: dog.id, before: new Date(beforeMs) } },
  )
  const found = visits.map((visit) => ({
    ...visit,
    day: dayOf(new Date(visit.startedAt).getTime()),
    measured: measuredZones(visit.coatNow),
  }))
  const zones = [...new Set(found.flatMap(({ measured }) => [...measured.keys()]))]
  if (zones.length === 0) return []
  const left = await readLeft(
    visits.map(({ cutCardId }) => cutCardId),
    zones,
  )
  return found.slice(0, -1).flatMap(({ day, measured }, at) => {
    const before = found[at + 1] as (typeof found)[number]
    const weeks = weeksBetween(before.day, day)
    return [...measured].flatMap(([zone, foundMm]) => {
      const leftMm = left.get(`${before.cutCardId} ${zone}`)
      const most = naturalMm(dog.coat, zone)
      const stopped = most !== null && foundMm >= most * STILL_GROWING
      return leftMm === undefined || stopped ? [] : [{ group: groupOf(zone), leftMm, foundMm, weeks }]
    })
  })
}

type DayOf = (ms: number) => string
type GrowingDog = { id: number; coat: CoatId }

/** Zones measured by themselves; `tail` as a key is a group. */
function measuredZones(coatNow: string): Map<ZoneId, number> {
  const entries = Object.entries(JSON.parse(coatNow) as Record<string, number>)
  return new Map(
    entries.flatMap(([key, mm]) => {
      const zone = ZoneId.safeParse(key)
      return zone.success && zone.data !== 'tail' ? [[zone.data, mm] as const] : []
    }),
  )
}

/** Lengths that were cut, by card and zone; the shorter side where two differ. */
async function readLeft(cardIds: readonly number[], zones: readonly ZoneId[]): Promise<Map<string, number>> {
  const rows = await database().models.cardZone.findAll({
    attributes: ['cardId', 'zone', 'lengthMm'],
    where: { cardId: [...cardIds], zone: [...zones], method: { [Op.ne]: 'leave' } },
    raw: true,
  })
  const left = new Map<string, number>()
  for (const { cardId, zone, lengthMm } of rows) {
    const key = `${cardId} ${zone}`
    left.set(key, Math.min(left.get(key) ?? Infinity, Number(lengthMm)))
  }
  return left
}

/** A dog's own growth by zone group, with its uncertainty. */
export const readGrowth = async (
  dog: GrowingDog,
  beforeMs: number,
  dayOf: DayOf,
): Promise<Record<GroupId, LearnedRate>> => learnRates(dog.coat, await readGrowthPairs(dog, beforeMs, dayOf))
