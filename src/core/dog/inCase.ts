import type { Case } from '../plan'
import { monthsBetween } from '../units'
import type { DogFile } from './file'

/** The dog of a case as its file tells it; what nobody has said is left out. @param date the day of the groom */
export function dogOfFile(file: DogFile, date: string): Case['dog'] {
  const { name, coat, build, weightKg, heightCm, lengthCm, measures, sex, neutered, lightSkin, faceShape } = file
  return {
    name,
    coat,
    build,
    weightKg,
    ...(heightCm === null ? {} : { heightCm }),
    ...(lengthCm === null ? {} : { lengthCm }),
    ...measures,
    ...(file.bornOn === null ? {} : { ageMonths: monthsBetween(file.bornOn, date) }),
    ...(sex === null ? {} : { sex }),
    ...(neutered === null ? {} : { neutered }),
    lightSkin,
    faceShape,
  }
}

/** A case with the dog as its file tells it now: what a change of the file means for the next groom. */
export const withFile = (planned: Case, file: DogFile): Case => ({
  ...planned,
  dog: {
    ...dogOfFile(file, planned.date),
    ...(planned.dog.visits === undefined ? {} : { visits: planned.dog.visits }),
    ...(planned.dog.growthMmPerWeek ? { growthMmPerWeek: planned.dog.growthMmPerWeek } : {}),
  },
  behaviour: file.behaviour,
  health: file.health,
})
