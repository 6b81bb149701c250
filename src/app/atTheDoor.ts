import { LOOPBACK_NAMES, OUTSIDE, refusedAtTheDoor, type Refusal } from '@/core/door'

/** Under which the house's network reaches this house; none unless it was started to share. */
const SHARED_NAMES = (process.env.KOVIT_NAMES ?? '').split(',').filter(Boolean)

/** Why a request is not let in, by what it says of itself; null when it is. */
export const refusal = (method: string, says: (name: string) => string | null): Refusal | null =>
  refusedAtTheDoor(
    {
      method,
      host: says('host'),
      origin: says('origin'),
      site: says('sec-fetch-site'),
      mode: says('sec-fetch-mode'),
      length: says('content-length'),
    },
    says(OUTSIDE) === null ? LOOPBACK_NAMES : SHARED_NAMES,
  )
