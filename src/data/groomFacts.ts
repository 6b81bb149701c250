import { Op } from 'sequelize'
import { GroomFacts } from '@/core/insight'
import { database } from './connection'
import { jsonOf } from './jsonOf'

const FACTS_FORMAT = 1

export interface StoredFacts {
  visitId: number
  dogId: number
  staffId: number
  startedMs: number
  facts: GroomFacts
}

/** Writes what the house learns from a groom; written again after an amendment. */
export async function keepFacts({ startedMs, facts, ...ids }: StoredFacts): Promise<void> {
  await database().models.groomFacts.upsert({
    ...ids,
    startedAt: new Date(startedMs),
    format: FACTS_FORMAT,
    facts: JSON.stringify(facts),
  })
}

/** The facts of every groom begun since a moment, oldest first. */
export async function readFacts(sinceMs: number): Promise<StoredFacts[]> {
  const rows = await database().models.groomFacts.findAll({
    where: { startedAt: { [Op.gte]: new Date(sinceMs) } },
    order: [['startedAt', 'ASC']],
  })
  return rows.map(({ visitId, dogId, staffId, startedAt, facts }) => ({
    visitId,
    dogId,
    staffId,
    startedMs: startedAt.getTime(),
    facts: jsonOf(GroomFacts, facts),
  }))
}

/** Of a dog's grooms the hands-on minutes, by visit. */
export async function readMinutesOf(dogId: number): Promise<Map<number, number>> {
  const rows = await database().models.groomFacts.findAll({ where: { dogId } })
  return new Map(rows.map(({ visitId, facts }) => [visitId, sumOf(jsonOf(GroomFacts, facts).done)]))
}

const sumOf = (minutes: GroomFacts['done']): number => Object.values(minutes).reduce((sum, each) => sum + each, 0)
