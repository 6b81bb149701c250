import type { StageId } from '../stages'
import type { ZoneId } from '../zones'

export type Level = 'must' | 'should' | 'info'

export interface Caution {
  id: string
  level: Level
  stage: StageId
  zone: ZoneId | null
  why: string
}

/** What the cautions look at. Age in months; behaviour 0 to 4. */
export interface CareFacts {
  stages: readonly { id: StageId; zones: readonly ZoneId[] }[]
  clipped: ReadonlySet<ZoneId>
  behaviourAt: (stage: StageId) => number
  dryer: number
  ageMonths: number | null
  visits: number | null
  kinds: ReadonlySet<string>
  cabinetAllowed: boolean
}

/** One line where the hand is: at which stage, on which zones it calls, and the sentence. Source: common practice. */
interface ZoneCaution {
  id: string
  level: Level
  zones: readonly ZoneId[]
  clippedOnly?: true
  why: string
}

const AT_ZONES: readonly ZoneCaution[] = [
  { id: 'mouth-shut', level: 'must', zones: ['lips', 'chin', 'muzzle'], why: 'Hold the jaw shut at lips and chin: the tongue comes out between the teeth of the blade.' },
  { id: 'ear-pocket', level: 'must', zones: ['ear-edge', 'ear-out', 'ear-in'], why: 'Thumb over the ear pocket: the fold at the outer edge is easily cut.' },
  { id: 'leather-flat', level: 'must', zones: ['ear-out', 'ear-in'], clippedOnly: true, why: 'Hold the leather flat, slowly, out toward the edge.' },
  { id: 'no-open-shear-under-foot', level: 'must', zones: ['forefoot', 'hindfoot', 'pads'], why: 'Foot low, tips only, never scissor blind under a lifted foot.' },
  { id: 'skin-fold', level: 'must', zones: ['armpit', 'tuck', 'belly'], why: 'Stretch the fold, clip across it, not along.' },
  { id: 'sanitary-outward', level: 'must', zones: ['sanitary'], why: 'Away from the anus in all directions, not to the skin.' },
  { id: 'mind-genitals', level: 'must', zones: ['belly', 'sanitary'], why: 'Cover with a hand: genitals on a male, nipples on a female.' },
  { id: 'eye-points', level: 'must', zones: ['eye-corner', 'visor', 'lashes'], why: 'Points never toward the eye, hold the muzzle.' },
] // prettier-ignore

const AT_STAGES: Partial<Record<StageId, readonly { id: string; level: Level; why: string }[]>> = {
  'look-over': [{ id: 'loop-watch', level: 'must', why: 'Never leave a dog in a loop; blue tongue, drool, choking: release now.' }],
  nails: [{ id: 'quick', level: 'must', why: 'Thin slices, stop short of the quick, styptic to hand.' }],
  wash: [
    { id: 'lukewarm', level: 'must', why: 'Lukewarm water, never above 38 °C.' },
    { id: 'tether-in-tub', level: 'must', why: 'A lead on before you turn round.' },
    { id: 'no-water-in-nose', level: 'must', why: 'Head last, nose pointed down.' },
  ],
  rinse: [{ id: 'rinse-clear', level: 'should', why: 'Until the water runs clear: what stays in the coat itches.' }],
  dry: [{ id: 'dryer-heat', level: 'must', why: 'Warm, never hot; stay with the dog.' }],
  handover: [{ id: 'clean-between', level: 'must', why: 'Tools, towels and table disinfected before the next dog.' }],
} // prettier-ignore

const BLADE_STAGES: readonly StageId[] = ['rough-in', 'pre-clip', 'sanitary', 'pads', 'body', 'flat-work']

/** The cautions of a groom, each at the stage where the hand is, in the order of the stages. */
export function cautionsFor(facts: CareFacts): Caution[] {
  return facts.stages.flatMap(({ id: stage, zones }) => [
    ...AT_ZONES.flatMap(({ zones: called, clippedOnly, id, level, why }) => {
      const zone = zones.find((each) => called.includes(each) && (!clippedOnly || facts.clipped.has(each)))
      return zone === undefined ? [] : [{ id, level, stage, zone, why }]
    }),
    ...(AT_STAGES[stage] ?? []).map((each) => ({ ...each, stage, zone: null })),
    ...ofTheDog(stage, facts),
  ])
}

type Finding = Omit<Caution, 'stage' | 'zone'> & { when: (stage: StageId, facts: CareFacts) => boolean }

const bladeWork = (stage: StageId) => BLADE_STAGES.includes(stage)
const frail = ({ ageMonths, kinds }: CareFacts) =>
  (ageMonths ?? 0) >= 120 || kinds.has('unsteady') || kinds.has('blind')
const isNew = ({ ageMonths, visits }: CareFacts) => (ageMonths ?? 99) < 12 || (visits ?? 9) < 3
const mindsIt = (stage: StageId, facts: CareFacts) => facts.behaviourAt(stage)

/** What this dog adds to a stage. Ages in months. Source: common practice. */
const OF_THE_DOG: readonly Finding[] = [
  { id: 'blade-heat', level: 'must', when: bladeWork, why: 'Check the blade at the inner wrist every few minutes.' },
  { id: 'finish-teeth-only', level: 'must', when: (stage, facts) => bladeWork(stage) && mindsIt(stage, facts) >= 3, why: 'No skip-tooth blade on a dog that jumps.' },
  { id: 'two-handlers', level: 'must', when: (stage, facts) => mindsIt(stage, facts) === 4, why: 'Two handlers: one holds, one works.' },
  { id: 'hold-steady', level: 'should', when: (stage, facts) => mindsIt(stage, facts) >= 3, why: 'Stop the tool, keep the hold, let it think. If it goes on: stop the groom.' },
  { id: 'dryer-fear', level: 'should', when: (stage, { dryer }) => stage === 'dry' && dryer >= 3, why: 'Towel and hood, hand dryer, the face air-dries.' },
  { id: 'no-cabinet', level: 'must', when: (stage, { cabinetAllowed }) => stage === 'dry' && !cabinetAllowed, why: 'No cabinet for this dog: dry by hand.' },
  { id: 'brace-old', level: 'should', when: (stage, facts) => stage === 'legs' && frail(facts), why: 'An arm between the legs as a support; short bouts, let it lie or sit.' },
  { id: 'puppy-first', level: 'should', when: (stage, facts) => stage === 'look-over' && isNew(facts), why: 'Let it sniff, tool handle first, short, praise calm.' },
  { id: 'blind-deaf', level: 'should', when: (stage, { kinds }) => stage === 'look-over' && (kinds.has('blind') || kinds.has('deaf')), why: 'Touch before tool; voice or hand always on.' },
] // prettier-ignore

const ofTheDog = (stage: StageId, facts: CareFacts): Caution[] =>
  OF_THE_DOG.filter(({ when }) => when(stage, facts)).map(({ id, level, why }) => ({
    id,
    level,
    stage,
    zone: null,
    why,
  }))
