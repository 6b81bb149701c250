import type { CoatId } from '@/core/coat'
import type { Box, FigureView, Guide, LengthAt } from '@/core/figure'
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
  /** Zones that are done: they keep a tint while others are lit. */
  done?: ReadonlySet<ZoneId>
  /** Another layer as a dotted line, such as the coat now. */
  dotted?: FigureView
  callouts: readonly Callout[]
  /** Lines to hold the dog against. */
  guides?: readonly Guide[]
  /** What is shown large; the whole dog when left out. */
  focus?: Box
  /** Room to keep besides what the figure takes, so that it stays in place while its coat grows. */
  room?: Box
  width: number
  height: number
  large?: boolean
  /** The dog alone, without paper: beside its name in a list. */
  bare?: boolean
  picked?: ReadonlySet<ZoneId>
  onPick?: (zone: ZoneId) => void
}
