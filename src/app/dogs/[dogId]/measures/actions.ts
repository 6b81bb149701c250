'use server'

import type { Result } from '@/core/result'
import { MeasuresAsked, saveMeasures as keep } from '@/service/dog/saveMeasures'
import { answered } from '../../../answered'

/** Keeps what was measured on a dog; a measure left out is a usual dog's again. */
export async function saveMeasures(input: unknown): Promise<Result<null>> {
  return answered('measure', MeasuresAsked, input, (asked) => keep(asked, Date.now()), '/dogs')
}
