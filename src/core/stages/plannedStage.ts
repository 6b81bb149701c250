import { z } from 'zod'
import { ZoneId } from '../zones'
import { StageId } from './stages'

const minutes = z.number().nonnegative()

/** One stage of a plan: hands-on minutes at the median and at 90 %, the wait after them, and the zones that are cut. */
export const PlannedStage = z.strictObject({
  id: StageId,
  p50: minutes,
  p90: minutes,
  waitMin: minutes,
  zones: z.array(ZoneId),
  why: z.string(),
})
export type PlannedStage = z.infer<typeof PlannedStage>
