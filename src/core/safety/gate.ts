import { isRed, isTender, placeWords, refers, isAt, type DogHealth, type HealthFact } from '../health'
import {
  byHand,
  clippedLengthMm,
  cutWith,
  isSameCut,
  isSkipTooth,
  takesUpSkin,
  toolWords,
  type BladeId,
  type Cut,
} from '../lengths'
import { zonesOf, type Side, type ZoneId } from '../zones'

/** What of a dog decides which cut is safe. */
export interface GateFacts {
  dog: DogHealth
  health: readonly HealthFact[]
  /** How it takes the clipper, 0 to 4. */
  clipperGrade: number
}

/** A cut on its way through the gate. */
export interface AskedCut {
  zone: ZoneId
  /** Null when both sides are asked the same. */
  side: Side | null
  cut: Cut
  /** Coat there today, mm. */
  presentMm: number
  /** Somebody asked for it; a pattern's own default gives way sooner. */
  explicit: boolean
}

interface GateRule {
  id: string
  /** The cut to make instead; null where the rule has nothing to say. */
  instead: (asked: AskedCut, facts: GateFacts) => Cut | null
  why: (asked: AskedCut, facts: GateFacts) => string
}

const FACE_AND_FEET: readonly ZoneId[] = [...zonesOf('face'), 'forefoot', 'hindfoot']
const FINISH: Partial<Record<BladeId, BladeId>> = { '7': '7F', '5': '5F', '4': '4F' }
/** A dog that struggles this much at the clipper jumps. Source: common practice. */
const JUMPS = 3

const left = ({ presentMm }: AskedCut): Cut => byHand('leave', presentMm)
const isCut = ({ cut }: AskedCut): boolean => cut.method !== 'leave'
const bare = ({ cut }: AskedCut): BladeId | null => (cut.method === 'clip' ? cut.blade : null)
const withBlade = ({ cut }: AskedCut, blade: BladeId): Cut | null => cutWith({ blade }, cut.lay ?? 'with')

const referredAt = ({ zone, side }: AskedCut, { health }: GateFacts): HealthFact | undefined =>
  health.find((fact) => fact.zone !== undefined && refers(fact) && isAt(fact, zone, side))
const hasSoreEar = ({ health }: GateFacts): boolean =>
  health.some((fact) => (fact.kind === 'ear-smell' || fact.kind === 'ear-discharge') && refers(fact))

/** What no wish may do, in the order in which it is asked. Source of all: common practice. */
const GATE_RULES: readonly GateRule[] = [
  {
    id: 'referred',
    instead: (asked, facts) => (isCut(asked) && referredAt(asked, facts) ? left(asked) : null),
    why: (asked, facts) => {
      const fact = referredAt(asked, facts)
      return fact ? `Left alone: ${fact.kind} at the ${placeWords(fact)}.` : ''
    },
  },
  {
    id: 'sore-ear',
    instead: (asked, facts) => (isCut(asked) && asked.zone === 'ear-canal' && hasSoreEar(facts) ? left(asked) : null),
    why: () => 'A sore ear is never plucked or cleaned deep.',
  },
  {
    id: 'finish-teeth-only',
    instead: (asked, facts) => {
      const blade = bare(asked)
      const finish = blade === null ? undefined : FINISH[blade]
      const jumps = facts.clipperGrade >= JUMPS && blade !== null && isSkipTooth(blade)
      return blade && finish && (takesUpSkin(blade, asked.zone) || jumps) ? withBlade(asked, finish) : null
    },
    why: () => 'no skip-tooth blade on thin skin or a dog that jumps.',
  },
  {
    id: 'no-bare-fine-blade',
    instead: (asked, { dog, health }) => {
      const blade = bare(asked)
      const fine = blade !== null && clippedLengthMm(blade, 'with') < clippedLengthMm('15', 'with')
      const tender = FACE_AND_FEET.includes(asked.zone) && isTender(dog, health, asked.zone, asked.side)
      return fine && tender ? withBlade(asked, '10') : null
    },
    why: () => 'no bare 30 or 40 on this skin.',
  },
  {
    id: 'red-skin',
    instead: (asked, { health }) =>
      bare(asked) === '15' && isRed(health, asked.zone, asked.side) ? withBlade(asked, '10') : null,
    why: () => 'the skin is red.',
  },
  {
    id: 'gentler-by-default',
    instead: (asked, { dog, health }) =>
      bare(asked) === '15' && !asked.explicit && isTender(dog, health, asked.zone, asked.side)
        ? withBlade(asked, '10')
        : null,
    why: () => 'this skin marks easily.',
  },
]

/** What came through: the cut to make, and what was asked and done where that is another one. */
export interface Passed {
  cut: Cut
  why: string | null
}

/** The one gate: every cut of every plan passes here, whichever wish it came from. Safety stands above every wish. */
export function safeCut(asked: AskedCut, facts: GateFacts): Passed {
  for (const rule of GATE_RULES) {
    const cut = rule.instead(asked, facts)
    if (cut === null) continue
    const why = rule.why(asked, facts)
    const words = cut.method === 'leave' ? why : `${askedWords(asked.cut)} asked, ${askedWords(cut)} taken: ${why}`
    return { cut, why: words }
  }
  return { cut: asked.cut, why: null }
}

/** Blades are named by their number, with the lay only where it is against the coat. */
const askedWords = (cut: Cut): string => (cut.method === 'clip' && cut.lay === 'with' ? cut.blade : toolWords(cut))

/** Whether a cut may be made as it is. */
export const isSafe = (asked: AskedCut, facts: GateFacts): boolean => isSameCut(safeCut(asked, facts).cut, asked.cut)
