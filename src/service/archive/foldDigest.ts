import { createHash } from 'node:crypto'
import { foldVisit, type VisitEvent } from '@/core/visit'

/** What a visit's events tell, as one number by which two readings of them are compared. */
export const foldDigest = (events: readonly VisitEvent[]): string =>
  createHash('sha256')
    .update(JSON.stringify(foldVisit(events)))
    .digest('hex')
