'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { BuildId, Measured, measuresProblem } from '@/core/build'
import { problemsOf, refuse, type Result } from '@/core/result'
import { keepMeasures } from '@/data/dogs'

const NewMeasures = z.strictObject({ dogId: z.number().int().positive(), build: BuildId, measured: Measured })

/** Keeps what was measured on a dog; a measure left out is a usual dog's again. */
export async function saveMeasures(input: unknown): Promise<Result<null>> {
  const asked = NewMeasures.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  const { dogId, build, measured } = asked.data
  const problem = measuresProblem({ build, ...measured })
  if (problem) return refuse(problem.field, problem.sentence)
  if (!(await keepMeasures(dogId, build, measured))) return refuse('dogId', 'This dog is not in the book.')
  revalidatePath(`/dogs/${dogId}`)
  return { ok: true, value: null }
}
