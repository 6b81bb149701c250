import type { ZoneId } from '../zones'
import type { Point } from './frames'

/** Where a hair stands: along its part 0 at the root of tail, ear or leg, 1 at the tip or the floor; along the body 0 is the breastbone. */
export interface StandsAt {
  along: number
  /** Looks down rather than up. */
  under: boolean
}

/** A line from the root of a part to its end. */
export interface Axis {
  from: Point
  to: Point
}

export function alongOf({ from, to }: Axis, point: Point): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  return Math.abs(((point.x - from.x) * dx + (point.y - from.y) * dy) / (dx * dx + dy * dy || 1))
}

/**
 * What a shape leaves of the zone's length at a place, 0 to 1: a shape is cut, so it never asks for more hair than there
 * is. Shapes that only name what the length says already leave all of it. All profiles by eye.
 */
export function shapeShare(shape: string | null, zone: ZoneId | null, { along, under }: StandsAt): number {
  const profile = shape === null || zone === null ? undefined : PROFILES[shape]
  return profile === undefined ? 1 : Math.max(0, Math.min(1, profile(Math.min(1.1, along), under)))
}

type Profile = (along: number, under: boolean) => number

const arch = (at: number): number => Math.sqrt(Math.max(0, Math.sin(Math.PI * Math.max(0, Math.min(1, at)))))
const ball = (at: number, middle: number, half: number): number =>
  Math.sqrt(Math.max(0, 1 - ((at - middle) / half) ** 2))
const rising = (at: number, from: number): number => from + (1 - from) * at

const PROFILES: Record<string, Profile> = {
  pompon: (at) => (at < 0.42 ? 0.06 : ball(at, 0.78, 0.38)),
  oval: (at) => arch(0.1 + 0.8 * at),
  plume: (at, under) => (under ? 1 : 0.75) * arch(0.22 + 0.7 * at),
  flag: (at, under) => (under ? arch(0.12 + 0.82 * at) : 0.2),
  carrot: (at) => 1 - 0.7 * at,
  flare: (at) => rising(at, 0.3),
  column: (at) => (at < 0.5 ? 0.65 + 0.7 * at : 1),
  bevel: (at) => (at > 0.92 ? 0.55 : 1),
  hem: (at) => (at < 0.4 ? 1 : 1 - 1.1 * (at - 0.4)),
  bell: (at) => rising(at * at, 0.12),
  tassel: (at) => (at < 0.62 ? 0.1 : 1),
  bob: (at) => (at > 0.75 ? 0.5 : 1),
  tips: (at) => (at > 0.7 ? 0.1 : 1),
}

/** Shapes of the head by where in their stretch: full in the middle, tighter where they meet the rest. By eye. */
const ON_HEAD: Record<string, (within: number) => number> = {
  dome: (within) => 0.5 + 0.5 * arch(within),
  topknot: (within) => 0.35 + 0.65 * arch(within),
  round: (within) => 0.8 + 0.2 * arch(within),
  oval: (within) => 0.5 + 0.5 * Math.sin(Math.PI * within) ** 2,
  beard: (within) => 0.45 + 0.55 * Math.sin(Math.PI * within),
  tube: () => 0.6,
}

/** What a shape leaves of the length on a head, 0 to 1, at a place within its stretch of the outline. */
export const headShare = (shape: string | null, within: number): number =>
  shape === null ? 1 : (ON_HEAD[shape]?.(within) ?? 1)

/** For each of a closed row of shapes, how far it is through its run of equals, 0 to 1. */
export function withinRuns(shapes: readonly (string | null)[]): number[] {
  const count = shapes.length
  const start = Math.max(
    0,
    shapes.findIndex((shape, at) => shape !== shapes[(at - 1 + count) % count]),
  )
  const within = new Array<number>(count).fill(0.5)
  for (let at = 0; at < count;) {
    let run = 1
    while (at + run < count && shapes[(start + at + run) % count] === shapes[(start + at) % count]) run++
    for (let each = 0; each < run; each++) within[(start + at + each) % count] = (each + 0.5) / run
    at += run
  }
  return within
}
