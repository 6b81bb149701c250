import { z } from 'zod'
import { BuildId, Measured, measuresProblem } from '@/core/build'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { fileOf, holdDog, type Dog } from '@/data/dogs'
import { stale } from '../stale'
import { By } from '../trail/noteSaid'
import { keepFile } from './changeDogFile'

export const MeasuresAsked = z.strictObject({
  dogId: z.number().int().positive(),
  build: BuildId,
  measured: Measured,
  /** The version of the dog that was measured; left out by who has not seen one. */
  version: z.number().int().positive().optional(),
  by: By,
})

/** Keeps what was measured on a dog; a measure left out is a usual dog's again. Refused from a stale sheet. */
export function saveMeasures(asked: z.input<typeof MeasuresAsked>, nowMs: number): Promise<Result<null>> {
  const { dogId, build, measured, version, by } = MeasuresAsked.parse(asked)
  return inTransaction(async () => {
    const problem = measuresProblem({ build, ...measured })
    if (problem) return refuse(problem.field, problem.sentence)
    const dog = await holdDog(dogId)
    if (!dog) return refuse('dogId', 'This dog is not in the book.')
    if (version !== undefined && version !== dog.version) return stale(dog.name, measuresIn(dog, build, measured))
    const { heightCm = null, lengthCm = null, ...measures } = measured
    await keepFile(dog, { ...fileOf(dog), build, heightCm, lengthCm, measures }, by, nowMs)
    return { ok: true, value: null }
  })
}

/** Which measures the other one left otherwise: `heightCm 54`. */
function measuresIn(dog: Dog, build: BuildId, measured: Measured): string[] {
  const keys = Object.keys(Measured.shape) as (keyof Measured)[]
  const other = keys.filter((key) => (dog[key] ?? null) !== (measured[key] ?? null))
  return [
    ...(dog.build === build ? [] : [`build ${dog.build}`]),
    ...other.map((key) => `${key} ${dog[key] ?? 'usual'}`),
  ]
}
