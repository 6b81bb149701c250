import type { Join } from '../patterns'
import type { Side, ZoneId } from '../zones'
import { distance } from './curve'
import type { Point } from './frames'

/** A point of a body outline: which zone's hair stands there, and on which side of the dog; null is bare skin. */
export interface SkinSample {
  point: Point
  zone: ZoneId | null
  side?: Side
}

export type LengthAt = (zone: ZoneId, side?: Side) => number

/** A crisp edge is this wide, mm. By eye. */
const LINE_MM = 2
/** A blend or taper never takes more than this share of a zone, so that its middle has its own length. */
const BLEND_SHARE = 0.35
/** A blend reaches this many soft widths to each side of a border. By eye. */
const BLEND_REACH = 2
const TAPER_SHARE = 0.45

interface Run {
  zone: ZoneId | null
  lengthMm: number
  /** Arc from the first sample, mm. */
  fromMm: number
  toMm: number
}

/**
 * The hair's length at every point of a closed outline. In the middle of a zone it is the zone's own; at its borders it
 * runs into the neighbour's as the join says: blended over `softMm`, tapered over almost half of each zone, or at once.
 */
export function lengthsAlong(
  samples: readonly SkinSample[],
  lengthAt: LengthAt,
  joinOf: (zone: ZoneId) => Join,
  softMm: number,
): number[] {
  const start = Math.max(
    0,
    samples.findIndex(
      (sample, at) => !alike(sample, samples[(at - 1 + samples.length) % samples.length] as SkinSample),
    ),
  )
  const turned = [...samples.slice(start), ...samples.slice(0, start)]
  const { arcs, perimeterMm } = arcsOf(turned)
  const runs = runsOf(turned, arcs, perimeterMm, lengthAt)
  if (runs.length < 2) return samples.map(() => runs[0]?.lengthMm ?? 0)
  const lengths = new Array<number>(samples.length)
  let run = 0
  for (let index = 0; index < turned.length; index++) {
    const arc = arcs[index] as number
    while (run < runs.length - 1 && arc >= (runs[run] as Run).toMm) run++
    lengths[(index + start) % samples.length] = lengthIn(runs, run, arc, joinOf, softMm)
  }
  return lengths
}

const alike = (a: SkinSample, b: SkinSample): boolean => a.zone === b.zone && a.side === b.side

function lengthIn(
  runs: readonly Run[],
  at: number,
  arc: number,
  joinOf: (zone: ZoneId) => Join,
  softMm: number,
): number {
  const run = runs[at] as Run
  const before = runs[(at - 1 + runs.length) % runs.length] as Run
  const after = runs[(at + 1) % runs.length] as Run
  const sinceMm = arc - run.fromMm
  const leftMm = run.toMm - arc
  const near = sinceMm <= leftMm ? before : after
  const awayMm = Math.min(sinceMm, leftMm)
  const join = joinBetween(run, near, joinOf)
  const reachMm = reachOf(run, near, join, softMm)
  if (awayMm >= reachMm) return run.lengthMm
  // At the border both are half of each other; a reach inside the zone is its own.
  const t = 0.5 + (0.5 * awayMm) / reachMm
  const share = join === 'taper' ? t : t * t * (3 - 2 * t)
  return near.lengthMm + (run.lengthMm - near.lengthMm) * share
}

function joinBetween(a: Run, b: Run, joinOf: (zone: ZoneId) => Join): Join {
  if (a.zone === null || b.zone === null) return 'line'
  const joins = [joinOf(a.zone), joinOf(b.zone)]
  return joins.includes('line') ? 'line' : joins.includes('taper') ? 'taper' : 'blend'
}

function reachOf(a: Run, b: Run, join: Join, softMm: number): number {
  const shorterMm = Math.min(a.toMm - a.fromMm, b.toMm - b.fromMm)
  if (join === 'taper') return Math.max(0.1, shorterMm * TAPER_SHARE)
  return Math.max(0.1, Math.min(join === 'line' ? LINE_MM : BLEND_REACH * softMm, shorterMm * BLEND_SHARE))
}

/** Arc length at every sample, and all the way round, mm. */
export function arcsOf(samples: readonly { point: Point }[]): { arcs: number[]; perimeterMm: number } {
  const arcs: number[] = []
  let walked = 0
  for (let at = 0; at < samples.length; at++) {
    arcs.push(walked)
    walked += distance(
      (samples[at] as { point: Point }).point,
      (samples[(at + 1) % samples.length] as { point: Point }).point,
    )
  }
  return { arcs, perimeterMm: walked }
}

/** Stretches of one zone, the outline beginning at a border. */
function runsOf(
  samples: readonly SkinSample[],
  arcs: readonly number[],
  perimeterMm: number,
  lengthAt: LengthAt,
): Run[] {
  const runs: Run[] = []
  samples.forEach((sample, at) => {
    if (at > 0 && alike(sample, samples[at - 1] as SkinSample)) return
    const { zone, side } = sample
    const fromMm = arcs[at] as number
    const last = runs.at(-1)
    if (last) last.toMm = fromMm
    runs.push({ zone, lengthMm: zone === null ? 0 : lengthAt(zone, side), fromMm, toMm: perimeterMm })
  })
  return runs
}
