import type { CoatId } from '@/core/coat'
import type { Box, FigureView, LengthAt } from '@/core/figure'
import type { Guide } from '@/core/balance'
import type { Join } from '@/core/patterns'
import type { ZoneId } from '@/core/zones'
import type { Callout } from './callouts'

export interface CoatMapProps {
  /** What the picture is, for a screen reader: "Quill, trim wanted". */
  label: string
  view: FigureView
  coat: CoatId
  lengthMm: LengthAt
  joinOf?: (zone: ZoneId) => Join
  /** Zones in question; all when left out. */
  lit?: ReadonlySet<ZoneId>
  /** Another layer as a dotted line, such as the coat now. */
  dotted?: FigureView
  callouts: readonly Callout[]
  /** Lines to hold the dog against, on the side view. */
  guides?: readonly Guide[]
  /** What is shown large; the whole dog when left out. */
  focus?: Box
  width: number
  height: number
  large?: boolean
  picked?: ReadonlySet<ZoneId>
  onPick?: (zone: ZoneId) => void
}
