import { patternCard, type PatternCard } from '../patterns'
import { ZONES, spread, zonesOf, type ZoneId, type ZoneKey } from '../zones'
import type { Asked } from './asked'
import { applyCard } from './lastTime'
import type { Request } from './request'
import { applyStyle } from './style'
import { lengthWant, put, putSide, reached, wishAt, type Wish, type Wishes } from './wish'
import { readWords } from './words'
import { applySpoken, type Understood } from './words/apply'

export interface Answered {
  wishes: Wish[]
  understood: Understood[]
  /** Questions to ask back. */
  unclear: string[]
}

/**
 * The wish for every zone. Who wins: keep, exact tool, length, words, same as last, style, pattern.
 * Coat, kit and safety come after.
 */
export function wishesOf(asked: Asked): Answered {
  const { request } = asked
  const reading = readWords(request.words ?? '')
  const spokenPattern = reading.spoken.findLast(({ deed, zones }) => deed.do === 'pattern' && zones.includes('all'))
  const pattern = spokenPattern?.deed.do === 'pattern' ? spokenPattern.deed.pattern : request.pattern
  const card = patternCard(pattern, { coat: asked.coat, purpose: request.purpose, season: request.season })
  const wishes: Wishes = new Map(ZONES.map((zone) => [zone, [fromPattern(zone, card)]]))
  if (request.ownPattern) applyOwn(wishes, request.ownPattern)
  applyStyle(wishes, request)
  if (request.sameAsLast) applyCard(wishes, asked.last)
  applyGrowing(wishes, asked, card)
  const said = applySpoken(wishes, reading, { ...asked, card })
  applyFields(wishes, request, card)
  return { wishes: [...wishes.values()].flat(), ...said }
}

/** Wishes that wait for coat are asked for again, until they are reached or let go. */
function applyGrowing(wishes: Wishes, { growing, request }: Asked, card: PatternCard): void {
  for (const { zone, side, wantedMm } of growing) {
    if (request.letGo?.includes(zone)) continue
    const change = {
      want: lengthWant(card.lines.get(zone)?.want ?? { by: 'leave' }, wantedMm),
      explicit: true,
      why: 'Wished before, and grown for since.',
    }
    if (side) putSide(wishes, zone, side, change)
    else put(wishes, zone, change)
  }
}

function applyFields(wishes: Wishes, request: Request, card: PatternCard): void {
  const reach = (key: ZoneKey) => reached(key, card)
  const lengths = request.lengthsMm ?? {}
  for (const [zone, { key }] of spread(lengths, card.face, reach))
    put(wishes, zone, {
      want: lengthWant(wishAt(wishes, zone)?.want ?? { by: 'leave' }, lengths[key] ?? 0),
      explicit: true,
      why: `${lengths[key]} mm asked for ${key}.`,
    })
  const tools = request.tools ?? {}
  for (const [zone, { key }] of spread(tools, card.face, reach))
    put(wishes, zone, {
      want: { by: 'tool', tool: tools[key] ?? {} },
      explicit: true,
      why: `This tool asked for ${key}.`,
    })
  for (const key of request.keep ?? [])
    for (const zone of zonesOf(key, card.face))
      put(wishes, zone, { want: { by: 'leave' }, explicit: true, why: 'Kept, as asked.' })
}

function fromPattern(zone: ZoneId, card: PatternCard): Wish {
  const line = card.lines.get(zone)
  if (!line) throw new Error(`No pattern line for ${zone}.`)
  return {
    zone,
    side: null,
    want: line.want,
    join: line.join,
    shape: line.shape ?? null,
    explicit: false,
    why: line.why,
  }
}

/** The house's own pattern is a pattern: it waits for no coat. */
function applyOwn(wishes: Wishes, { name, card }: NonNullable<Request['ownPattern']>): void {
  applyCard(wishes, card, `${name}.`)
  for (const { zone } of card) put(wishes, zone, { explicit: false })
}
