import { z } from 'zod'
import type { TrailKind } from '@/core/trail'
import { addFileChange } from '@/data/fileChanges'

/** Who does it, as the house is signed in; what nobody signed is the house's own. */
export const By = z.string().max(200).default('the house')

/** What is told of a change that is a deed more than fields. */
export const Said = z.object({ said: z.string() })

/** Keeps in the trail what somebody did, in a few words. */
export const noteSaid = (
  of: { kind: TrailKind; id: number },
  said: string,
  madeBy: string,
  madeMs: number,
): Promise<void> => addFileChange(of, { madeMs, madeBy, before: {}, after: { said } })
