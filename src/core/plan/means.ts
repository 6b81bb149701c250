import type { Means } from '../catch-up'
import { FULL_KIT, type Lay } from '../lengths'
import { isSafe, type GateFacts } from '../safety'
import type { Case } from './case'
import { coatOn, type CoatOn } from './coatToday'

/** Hanging coat is clipped against the lay: a comb keeps its own length and leaves it more even. */
export const laysFor = (input: Case): readonly Lay[] => (input.dog.coat === 'drop' ? ['against'] : ['with', 'against'])

/** The lay in which a guard comb is run on this coat. */
export const combLay = (input: Case): Lay => laysFor(input)[0] ?? 'with'

/** What this groom can be done with: the kit, the lays that suit the coat, the coat itself, and what safety allows. */
export function meansOf(input: Case, presentOn: CoatOn = coatOn(input)): Means {
  const facts = gateFacts(input)
  return {
    kit: input.kit ?? FULL_KIT,
    lays: laysFor(input),
    presentOn,
    allows: ({ zone, side }, cut) =>
      isSafe({ zone, side, cut, presentMm: presentOn(zone, side), explicit: true }, facts),
  }
}

/** What the gate looks at, of a case. */
export const gateFacts = ({ dog, health = [], behaviour }: Case): GateFacts => ({
  dog,
  health,
  clipperGrade: behaviour?.clipper ?? 0,
})
