import { makePlan, type Case, type Plan } from '../plan'

/** A dog of which nothing has to be minded: grown up, known here, calm, well, combed. */
const easy = (planned: Case): Case => ({
  ...planned,
  behaviour: {},
  health: [],
  mats: {},
  dog: { ...planned.dog, visits: 10, ageMonths: 48, neutered: true, lightSkin: false, faceShape: 'normal' },
})

/** What this dog asks to be minded besides what every dog of its kind does: said before it comes. */
export function mindFirst(planned: Case): Plan['cautions'] {
  const usual = new Set(makePlan(easy(planned)).cautions.map(keyOf))
  return makePlan(planned).cautions.filter((caution) => !usual.has(keyOf(caution)))
}

const keyOf = ({ id, stage }: Plan['cautions'][number]) => `${id} ${stage}`
