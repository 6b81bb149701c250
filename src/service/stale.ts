import { refuse, type Result } from '@/core/result'

/** Refuses a change that was made from an older state of a row, and says what the other one changed. */
export const stale = (what: string, changes: readonly string[]): Result<never> =>
  refuse(
    'version',
    `${what} was changed on another screen meanwhile${changes.length > 0 ? `: ${changes.join(', ')}` : ''}. Look at it as it is now, then change it again.`,
  )
