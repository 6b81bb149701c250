import { STAGE_FACTS, type StageId } from '../stages'
import { FLOOR_TO_TABLE, needsTwoToLift, recommendedWeightKg } from './lift'
import { isPuppyOrNew, isStiff, isVeryOld } from '../health'
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
    facts.health.some(({ kind }) => kinds.includes(kind))

const onTable: When = ({ stage }) => STAGE_FACTS[stage].needs === 'table'
const inTub: When = ({ stage }) => STAGE_FACTS[stage].needs === 'tub'
const byClipper: When = ({ stage, zones, facts }) =>
  stage === 'rough-in' ||
  zones.some((zone) => facts.cutsAt(zone).some(({ method }) => method === 'clip' || method === 'comb'))
const standsBadly: When = ({ facts }) => isStiff(facts.dog, facts.health)
const isNew: When = ({ facts }) => isPuppyOrNew(facts.dog)
const tooHeavy: When = ({ facts }) => facts.liftedByHand && needsTwoToLift(facts.weightKg)
const intact: When = ({ facts }) => facts.neutered === false
/** A face cut closer than this itches for a day, as sanitary and armpits do, mm. Source: from memory. */
const CLOSE_FACE_MM = 3.2
const shavedClose: When = ({ facts }) =>
  facts.cutsAt('sanitary').length > 0 ||
  facts.cutsAt('armpit').length > 0 ||
  facts.cutsAt('muzzle').some(({ lengthMm }) => lengthMm <= CLOSE_FACE_MM)

const dryerWords = ({ cabinetAllowed, dog }: CareFacts): string =>
  cabinetAllowed
    ? 'Never hot, only warm; stay with the dog.'
    : `Never hot, only warm; stay with the dog. No cabinet for this one${isVeryOld(dog) ? ': too old' : ''}, dry by hand.`

const liftWords = ({ weightKg }: CareFacts): string =>
  `${weightKg} kg is more than one person should lift to the table (${recommendedWeightKg(FLOOR_TO_TABLE).toFixed(1)} kg): two people, a ramp or an electric table.`

/** Cautions of a stage, of this dog or of every dog. Source where none is named: common practice. */
export const STAGE_RULES: readonly CautionRule[] = [
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
    fires: when(both(onTable, standsBadly)),
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
