import { referWords } from '../health'
import type { CareFacts, Caution } from './facts'
import { STAGE_RULES } from './stageRules'
import { ZONE_RULES } from './zoneRules'

/** The cautions of a groom, each at the stage where the hand is, in the order of the stages. */
export function cautionsFor(facts: CareFacts): Caution[] {
  return facts.stages.flatMap(({ id: stage, zones }) => [
    ...(stage === 'look-over' ? referrals(facts) : []),
    ...[...ZONE_RULES, ...STAGE_RULES].flatMap(({ id, level, fires, why }) => {
      const zone = fires({ stage, zones, facts })
      if (zone === undefined) return []
      return [{ id, level, stage, zone, why: typeof why === 'string' ? why : why(facts) }]
    }),
  ])
}

/** Each finding that a vet has to see, with its place. */
const referrals = ({ health }: CareFacts): Caution[] =>
  health.flatMap((fact) => {
    const words = referWords(fact)
    if (words === null) return []
    return [{ id: 'stop-and-refer', level: 'must', stage: 'look-over', zone: fact.zone ?? null, why: words }]
  })
