import type { Stature } from '../build'
import type { CoatId } from '../coat'
import type { Kit } from '../lengths'
import type { Side, ZoneId } from '../zones'
import type { LastEntry } from './card'
import type { Request } from './request'

/** What the wishes are made from. Lengths in mm. */
export interface Asked {
  request: Request
  coat: CoatId
  dog: Stature
  /** The card that *same as last time* repeats: the last one, or one saved since. */
  last: readonly LastEntry[]
  /** Wishes of earlier visits that still wait for coat. */
  growing: readonly { zone: ZoneId; side?: Side | undefined; wantedMm: number }[]
  presentMm: ReadonlyMap<ZoneId, number>
  kit: Kit
}
