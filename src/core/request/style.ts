import type { Want } from '../patterns'
import type { ZoneId } from '../zones'
import type { Request } from './request'
import { put, type Wishes } from './wish'

/** Scissored to a shape where nobody says how long, mm. Source: from memory. */
const ROUND_FEET_MM = 15
/** An ear fringe cut to the edge of the leather, mm. Source: from memory. */
const FLUSH_MM = 3

/** Shapes of tail, feet and ears stand on their zones; shaved or clean ones change the tool as well. */
export function applyStyle(wishes: Wishes, { tail, feet, ears }: Request): void {
  if (tail !== undefined) applyShape(wishes, ['tail', 'tail-tip'], tail, false)
  if (feet !== undefined) applyShape(wishes, ['forefoot', 'hindfoot'], feet, false)
  if (ears !== undefined) applyShape(wishes, ['ear-out', 'ear-edge'], ears, false)
}

export function applyShape(wishes: Wishes, zones: readonly ZoneId[], shape: string, explicit: boolean): void {
  for (const zone of zones) {
    const want = shapeWant(zone, shape)
    put(wishes, zone, {
      shape,
      why: `${shape}, as asked.`,
      ...(want ? { want } : {}),
      ...(explicit ? { explicit } : {}),
    })
  }
}

/** A shaved or clean shape takes a 10; a natural one is left; shaped feet are scissored. Source: common practice. */
function shapeWant(zone: ZoneId, shape: string): Want | null {
  if (shape === 'shaved' || shape === 'clean') return { by: 'tool', tool: { blade: '10', lay: 'with' } }
  if (shape === 'natural' || shape === 'leave') return { by: 'leave' }
  if (shape === 'flush') return { by: 'scissor', lengthMm: FLUSH_MM }
  return zone === 'forefoot' || zone === 'hindfoot' ? { by: 'scissor', lengthMm: ROUND_FEET_MM } : null
}
