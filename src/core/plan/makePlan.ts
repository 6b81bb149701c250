import { WATER_MAX_C, bathFor } from '../bath'
import { catchUps } from '../catch-up'
import { differences } from '../card'
import { planKind, referWords } from '../health'
import { breaks } from '../order'
import { fitSlot } from '../time'
import type { Case } from './case'
import { matWork } from './mats'
import { meansOf } from './means'
import { careOf } from './careOf'
import type { Plan } from './plan'
import { planCard } from './planCard'
import { slotPromise } from './promise'
import { returnOf, termsOf } from './returnOf'
import { planStages } from './planStages'

/** The whole plan of one dog. Pure: the same case gives the same plan. */
export function makePlan(input: Case): Plan {
  const mats = matWork(input)
  const planned = planCard(input, mats)
  const staged = planStages(input, planned, mats)
  const promise = slotPromise(input)
  const daySigma = input.pace?.daySigma ?? 0
  const terms = termsOf(input, staged.stages)
  const { cautions, consents } = careOf(input, planned.card, staged.stages, mats)
  const bodyMm = planned.presentOn('back', null)
  return {
    kovit: 'plan/1',
    ...planned.words,
    card: planned.card,
    growing: planned.growing,
    changes: differences(input.last?.card ?? [], planned.card),
    stages: staged.stages,
    left: staged.left,
    breaks: breaks(staged.stages.map(({ id }) => id)),
    cautions,
    refer: referrals(input),
    consents,
    bath: {
      ...bathFor(
        staged.stages.map(({ id }) => id),
        input.dog.weightKg,
        bodyMm,
        mats.grades.size > 0,
      ),
      waterMaxC: input.house?.waterMaxC ?? WATER_MAX_C,
    },
    fit: {
      ...fitSlot(terms, staged.openWaitMin, input.slotMin, promise, daySigma),
      catchUp: catchUps(staged.stages, planned.card, meansOf(input, planned.presentOn)),
    },
    return: returnOf(input, staged.stages, staged.openWaitMin, planned.card),
  }
}

/** The findings that a vet has to see, each with its place. */
export const referrals = ({ health = [] }: Case): Plan['refer'] =>
  health.flatMap((fact) => {
    const why = referWords(fact)
    return why === null ? [] : [{ kind: planKind(fact), zone: fact.zone ?? null, why }]
  })
