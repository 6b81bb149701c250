import { STAGE_FACTS, type StageId } from '../stages'
import { FLOOR_TO_TABLE, needsTwoToLift, recommendedWeightKg } from './lift'
import { OLD_MONTHS, refers } from './refer'
import type { CareFacts, CautionRule, Here } from './facts'

type When = (here: Here) => boolean
const when =
  (holds: When) =>
  (here: Here): null | undefined =>
    holds(here) ? null : undefined
const on =
  (...stages: readonly StageId[]): When =>
  ({ stage }) =>
    stages.includes(stage)
const both =
  (a: When, b: When): When =>
  (here) =>
    a(here) && b(here)
const minds =
  (grade: number): When =>
  ({ stage, facts }) =>
    facts.behaviourAt(stage) >= grade
const has =
  (...kinds: readonly string[]): When =>
  ({ facts }) =>
    facts.findings.some(({ kind }) => kinds.includes(kind))

const onTable: When = ({ stage }) => STAGE_FACTS[stage].needs === 'table'
const inTub: When = ({ stage }) => STAGE_FACTS[stage].needs === 'tub'
const byClipper: When = ({ stage, zones, facts }) =>
  stage === 'rough-in' || zones.some((zone) => ['clip', 'comb'].includes(facts.cuts.get(zone)?.method ?? ''))
/** Ages in months. Source: common practice. */
const STIFF_MONTHS = 120
const PUPPY_MONTHS = 12
const KNOWN_VISITS = 3
const isStiff: When = ({ facts }) =>
  (facts.ageMonths ?? 0) >= STIFF_MONTHS || has('unsteady', 'blind', 'arthritis')({ facts } as Here)
const isNew: When = ({ facts }) =>
  (facts.ageMonths ?? Infinity) < PUPPY_MONTHS || (facts.visits ?? Infinity) < KNOWN_VISITS
const tooHeavy: When = ({ facts }) => facts.liftedByHand && needsTwoToLift(facts.weightKg)
const intact: When = ({ facts }) => facts.neutered === false
/** Zones that itch for a day after a close cut, and how close a face is cut for that, mm. Source: common practice; mm from memory. */
const shavedClose: When = ({ facts }) =>
  facts.cuts.has('sanitary') || facts.cuts.has('armpit') || (facts.cuts.get('muzzle')?.lengthMm ?? 99) <= 3.2

const dryerWords = ({ cabinetAllowed, ageMonths }: CareFacts): string =>
  cabinetAllowed
    ? 'Never hot, only warm; stay with the dog.'
    : `Never hot, only warm; stay with the dog. No cabinet for this one${(ageMonths ?? 0) >= OLD_MONTHS ? ': too old' : ''}, dry by hand.`

const liftWords = ({ weightKg }: CareFacts): string =>
  `${weightKg} kg is more than one person should lift to the table (${recommendedWeightKg(FLOOR_TO_TABLE).toFixed(1)} kg): two people, a ramp or an electric table.`

/** Cautions of a stage, of this dog or of every dog. Source where none is named: common practice. */
export const STAGE_RULES: readonly CautionRule[] = [
  {
    id: 'stop-and-refer',
    level: 'must',
    fires: when(({ stage, facts }) => stage === 'look-over' && facts.findings.some(({ kind }) => refers(kind))),
    why: 'Stop, note, photo, tell the owner; a vet decides.',
  },
  {
    id: 'contagious',
    level: 'must',
    fires: when(both(on('look-over'), has('parasites'))),
    why: 'Isolate, disinfect; last dog of the day, or another day.',
  },
  { id: 'lift', level: 'must', fires: when(both(on('look-over'), tooHeavy)), why: liftWords },
  {
    id: 'loop-watch',
    level: 'must',
    fires: when(onTable),
    why: 'Never leave a dog in a loop; blue tongue, drool, choking: release now.',
  },
  {
    id: 'lukewarm',
    level: 'must',
    fires: when(inTub),
    why: ({ waterMaxC }) => `Lukewarm water, never above ${waterMaxC} °C.`,
  },
  { id: 'tether-in-tub', level: 'must', fires: when(inTub), why: 'A lead on before you turn round.' },
  {
    id: 'no-water-in-nose',
    level: 'must',
    fires: when(on('wash', 'second-wash', 'rinse')),
    why: 'Head last, nose pointed down.',
  },
  {
    id: 'rinse-clear',
    level: 'should',
    fires: when(on('rinse')),
    why: 'Until wet hair grips the fingers and the water runs clear: what stays in the coat itches.',
  },
  {
    id: 'quick',
    level: 'must',
    fires: when(on('nails')),
    why: 'Thin slices, stop short of the quick, styptic to hand.',
  },
  { id: 'dryer-heat', level: 'must', fires: when(on('dry')), why: dryerWords },
  {
    id: 'dryer-fear',
    level: 'should',
    fires: when(({ stage, facts }) => stage === 'dry' && facts.behaviour.dryer >= 3),
    why: 'More off before the bath, towel and hood, hand dryer; the face air-dries.',
  },
  {
    id: 'blade-heat',
    level: 'must',
    fires: when(byClipper),
    why: 'Check the blade at the inner wrist every few minutes.',
  },
  {
    id: 'two-handlers',
    level: 'must',
    fires: when((here) => minds(4)(here) || (here.stage === 'look-over' && tooHeavy(here))),
    why: 'Two handlers: one holds, one works.',
  },
  {
    id: 'hold-steady',
    level: 'should',
    fires: when(minds(3)),
    why: 'Stop the tool, keep the hold, let it think; no fuss, no anger. If it goes on: stop the groom.',
  },
  {
    id: 'feel-the-muscle',
    level: 'should',
    fires: when(({ stage, facts }) => ['feet', 'pads', 'nails'].includes(stage) && facts.behaviour.feet >= 2),
    why: 'A hand on stifle or elbow feels the kick before it comes.',
  },
  {
    id: 'in-season',
    level: 'should',
    fires: when(both(on('sanitary', 'underline', 'wash'), has('in-season'))),
    why: 'In season: belly and rear are sore. Hold from below, gently.',
  },
  {
    id: 'intact-rear',
    level: 'should',
    fires: when(both(on('sanitary'), intact)),
    why: 'Not neutered: the rear is sensitive. Hold from below, gently.',
  },
  {
    id: 'brace-old',
    level: 'should',
    fires: when(both(onTable, isStiff)),
    why: 'An arm between the legs as a support; let it lie or sit, short bouts, one style fewer.',
  },
  {
    id: 'blind-deaf',
    level: 'should',
    fires: when(both(on('look-over', 'wash', 'head'), has('blind', 'deaf'))),
    why: 'Touch before tool; voice or hand always on.',
  },
  {
    id: 'puppy-first',
    level: 'should',
    fires: when(both(on('look-over'), isNew)),
    why: 'Let it sniff, tool handle first, short, praise calm.',
  },
  {
    id: 'aftercare-itch',
    level: 'info',
    fires: when(both(on('handover'), shavedClose)),
    why: 'It may lick or scoot for a day where it was cut close.',
  },
  {
    id: 'clean-between',
    level: 'must',
    fires: when(on('handover')),
    why: 'Disinfect tools and table before the next dog, fresh towels.',
  },
]
