import { isVeryOld, isVeryYoung } from '../health'
import { DIFFICULT_GRADE } from '../people'
import { makePlan, type Behaviour } from '../plan'
import { STAGE_FACTS, type StageId } from '../stages'
import { STAGE_SIGMA } from '../time'
import type { DayDog, DayStage, HouseDay } from './day'
import { MINDS_GRADE, PANIC_GRADE } from './facts'

/** A dog as a day sees it: its stages, and what it needs of people and of the room. */
export interface DogToday {
  id: string
  household: string | null
  bring: string
  promise: string
  groomer: string | null
  stages: readonly Required<DayStage>[]
  waterLitres: number
  /** Wants somebody with the skill for difficult dogs. */
  difficult: boolean
  /** Minds other dogs or people: it is best alone in the room. */
  minds: boolean
  /** Old, very young or panicking: no long waits. */
  frail: boolean
  contagious: boolean
  /** Stages at which a second one holds it. */
  heldAt: ReadonlySet<StageId>
  /** Who does a stage, and from when, where somebody has fixed it. */
  locks: DayDog['locks']
  noBay: boolean
}

/** The dogs that come, each planned from its case where it has one. */
export const dogsToday = (day: HouseDay): DogToday[] =>
  day.dogs.filter(({ noShow }) => !noShow).map((dog) => dogToday(day, dog))

function dogToday({ setting, stations }: HouseDay, dog: DayDog): DogToday {
  const behaviour: Behaviour = dog.behaviour ?? dog.case?.behaviour ?? {}
  const worst = Math.max(0, ...Object.values(behaviour).map((grade) => grade ?? 0))
  const { stages, litres, heldAt } = workOf(dog, setting === 'salon' && stations.cabinet > 0)
  return {
    id: dog.id,
    household: dog.household ?? null,
    bring: dog.bring,
    promise: dog.promise,
    groomer: dog.groomer ?? null,
    stages,
    waterLitres: dog.waterLitres ?? litres,
    difficult: worst >= DIFFICULT_GRADE,
    minds: Math.max(behaviour.dogs ?? 0, behaviour.people ?? 0) >= MINDS_GRADE,
    frail:
      dog.frail ||
      worst >= PANIC_GRADE ||
      (dog.case !== undefined && (isVeryOld(dog.case.dog) || isVeryYoung(dog.case.dog))),
    contagious: dog.contagious || (dog.case?.health ?? []).some(({ kind }) => kind === 'parasites'),
    heldAt: dog.handlers === 2 ? new Set(stages.map(({ id }) => id).filter(isAtTable)) : heldAt,
    locks: dog.locks,
    noBay: dog.noBay,
  }
}

function workOf(dog: DayDog, cabinet: boolean) {
  if (!dog.case) return { stages: (dog.stages ?? []).map(withSigma), litres: 0, heldAt: new Set<StageId>() }
  // A house without a cabinet dries by hand, as a van does.
  const plan = makePlan(cabinet ? dog.case : { ...dog.case, setting: 'mobile' })
  const stages = plan.stages.map(({ id, p50, waitMin }) =>
    withSigma({ id, handsMin: p50, waitMin, sigma: dog.case?.pace?.stages[id]?.sigma }),
  )
  return {
    stages,
    litres: plan.bath.waterLitres,
    heldAt: new Set(plan.cautions.filter(({ id }) => id === 'two-handlers').map(({ stage }) => stage)),
  }
}

const withSigma = ({ id, handsMin, waitMin, sigma }: Omit<DayStage, 'sigma'> & { sigma?: number | undefined }) => ({
  id,
  handsMin,
  waitMin,
  sigma: sigma ?? STAGE_SIGMA,
})

const isAtTable = (stage: StageId): boolean => STAGE_FACTS[stage].needs === 'table'
