import { patternCard, type Join, type PatternCard, type Want } from '../patterns'
import { FOLLOWERS, ZONES, spread, zonesCutBy, zonesOf, type FaceStyle, type ZoneId, type ZoneKey } from '../zones'
import type { LastEntry } from './card'
import type { Request } from './request'

/** What is wanted at one zone and who says so. Only explicit wishes grow. */
export interface Wish {
  zone: ZoneId
  want: Want
  join: Join
  shape: string | null
  explicit: boolean
  why: string
}

/**
 * The wish for every zone. Who wins: keep, exact tool, length, same as last, style, pattern.
 * Coat, kit and safety come after.
 */
export function wishesOf(request: Request, last: readonly LastEntry[]): Wish[] {
  const card = patternCard(request.pattern)
  const wishes = new Map<ZoneId, Wish>()
  for (const zone of ZONES) wishes.set(zone, fromPattern(zone, card))
  applyStyle(wishes, request)
  if (request.sameAsLast) for (const entry of shorterSides(last)) applyLast(wishes, entry)
  const put = (byKey: ReturnType<typeof reach>, change: (wish: Wish, key: ZoneKey) => Partial<Wish>) => {
    for (const [zone, { key }] of byKey) {
      const wish = wishes.get(zone)
      if (wish) wishes.set(zone, { ...wish, ...change(wish, key), explicit: true })
    }
  }
  const lengths = request.lengthsMm ?? {}
  put(reach(lengths, card), (wish, key) => ({
    want: lengthWant(wish.want, lengths[key] ?? 0),
    why: `${lengths[key]} mm asked for ${key}.`,
  }))
  const tools = request.tools ?? {}
  put(reach(tools, card), (_, key) => ({
    want: { by: 'tool', tool: tools[key] ?? {} },
    why: `This tool asked for ${key}.`,
  }))
  for (const key of request.keep ?? [])
    for (const zone of zonesOf(key, card.face)) {
      const wish = wishes.get(zone)
      if (wish) wishes.set(zone, { ...wish, want: { by: 'leave' }, explicit: true, why: 'Kept, as asked.' })
    }
  return [...wishes.values()]
}

/** Armpit and belly follow a group only where the pattern names nothing closer. */
function reach<T>(byKey: Partial<Record<ZoneKey, T>>, card: PatternCard) {
  const reached = spread(byKey, card.face, (key: ZoneKey, face: FaceStyle) => zonesCutBy(key, face))
  for (const zone of FOLLOWERS) if (reached.get(zone)?.key !== zone && card.lines.get(zone)?.named) reached.delete(zone)
  return reached
}

function fromPattern(zone: ZoneId, card: PatternCard): Wish {
  const line = card.lines.get(zone)
  if (!line) throw new Error(`No pattern line for ${zone}.`)
  return { zone, want: line.want, join: line.join, shape: line.shape ?? null, explicit: false, why: line.why }
}

/** A length keeps the hand's way where the pattern scissors or thins; elsewhere the clipper does it. */
function lengthWant(pattern: Want, lengthMm: number): Want {
  return pattern.by === 'scissor' || pattern.by === 'thin' ? { by: pattern.by, lengthMm } : { by: 'clipper', lengthMm }
}

/** One entry a zone: where left and right differ, the shorter side rules. */
function shorterSides(last: readonly LastEntry[]): LastEntry[] {
  const shortest = new Map<ZoneId, LastEntry>()
  for (const entry of last) {
    const other = shortest.get(entry.zone)
    if (!other || entry.lengthMm < other.lengthMm) shortest.set(entry.zone, entry)
  }
  return [...shortest.values()]
}

function applyLast(wishes: Map<ZoneId, Wish>, entry: LastEntry): void {
  const wish = wishes.get(entry.zone)
  if (!wish) return
  wishes.set(entry.zone, {
    ...wish,
    want: lastWant(wish.want, entry),
    join: entry.join ?? wish.join,
    shape: entry.shape ?? wish.shape,
    explicit: entry.method !== 'leave',
    why: 'Same as last time.',
  })
}

function lastWant(pattern: Want, entry: LastEntry): Want {
  const { method, lengthMm } = entry
  if (method === 'leave') return { by: 'leave' }
  if (method === 'scissor' || method === 'thin') return { by: method, lengthMm }
  const tool = { blade: entry.blade ?? undefined, comb: entry.comb ?? undefined, lay: entry.lay ?? undefined }
  if (method === 'clip' || method === 'comb') return { by: 'tool', tool }
  return lengthWant(pattern, lengthMm)
}

/** Shapes of tail, feet and ears stand on their zones; shaved or clean ones change the tool as well. */
function applyStyle(wishes: Map<ZoneId, Wish>, { tail, feet, ears }: Request): void {
  const styled: { zones: readonly ZoneId[]; shape: string | undefined; want: Want | null }[] = [
    { zones: ['tail', 'tail-tip'], shape: tail, want: shapeWant(tail, 'shaved', 'natural') },
    { zones: ['forefoot', 'hindfoot'], shape: feet, want: shapeWant(feet, 'clean', 'natural', 15) },
    { zones: ['ear-out', 'ear-edge'], shape: ears, want: shapeWant(ears, 'shaved', 'leave') },
  ]
  for (const { zones, shape, want } of styled)
    for (const zone of shape === undefined ? [] : zones) {
      const wish = wishes.get(zone)
      if (wish) wishes.set(zone, { ...wish, shape: shape ?? null, want: want ?? wish.want, why: `${shape}, as asked.` })
    }
}

/** A shaved shape takes a 10; a natural one is left; any other is scissored, `lengthMm` where it says one. From memory. */
function shapeWant(shape: string | undefined, shaved: string, left: string, lengthMm?: number): Want | null {
  if (shape === shaved) return { by: 'tool', tool: { blade: '10', lay: 'with' } }
  if (shape === left) return { by: 'leave' }
  return lengthMm === undefined || shape === undefined ? null : { by: 'scissor', lengthMm }
}
