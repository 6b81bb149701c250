import { z } from 'zod'
import { CoatId } from '../coat'
import { StageId } from '../stages'

/** The name under which grooms stand for which no pattern was ever named. */
export const NO_PATTERN = 'none named'

const minutes = z.number().nonnegative()

/** What the house learns from one groom that was wrapped up, as it is written at the close. Minutes throughout. */
export const GroomFacts = z.strictObject({
  coat: CoatId,
  /** The pattern that was asked for, or had been when it was asked for as last time; null: none was ever named. */
  pattern: z.string().max(80).nullable().default(null),
  /** Planned hands-on minutes. */
  stages: z.array(z.strictObject({ id: StageId, p50: minutes })),
  /** Hands-on minutes as they were. */
  done: z.partialRecord(StageId, minutes),
  /** From the first stage to the end, waits and pauses with it. */
  doneMin: minutes,
  slotMin: minutes,
  /** What was promised before it began. */
  promised: z.strictObject({ p90: minutes, chance: z.number() }),
  /** 0 to 100; null where nothing was cut. */
  repeat: z.number().nullable(),
  /** The worst grade of the day; null when none was noted. */
  worstGrade: z.number().nullable(),
})
export type GroomFacts = z.infer<typeof GroomFacts>
