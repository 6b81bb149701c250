/** A tick of the tape: every minute when there is room, every 5, every 15 with a figure. */
export interface Tick {
  min: number
  /** Share of the upper quarter it hangs down. */
  depth: number
  strong: boolean
}

const MINUTE_PX = 8
const FIVE_PX = 1.2
const FIGURE_GAP_PX = 8

/** @param toMin the end of the band; @param offsetMin minutes past the quarter at the band's start, for clock time */
export function ticksOf(toMin: number, pxPerMin: number, offsetMin = 0): Tick[] {
  const every = pxPerMin >= MINUTE_PX ? 1 : pxPerMin >= FIVE_PX ? 5 : 15
  const ticks: Tick[] = []
  for (let clock = Math.ceil(offsetMin / every) * every; clock - offsetMin < toMin; clock += every) {
    const min = clock - offsetMin
    if (min <= 0) continue
    const strong = clock % 15 === 0
    ticks.push({ min, strong, depth: strong ? 1 : clock % 5 === 0 ? 0.62 : 0.36 })
  }
  return ticks
}

/** Every so many minutes a figure has room, of so many px. */
export const figuresEvery = (pxPerMin: number, figurePx: number): number =>
  [15, 30, 60, 120].find((min) => min * pxPerMin > figurePx + FIGURE_GAP_PX) ?? 240
