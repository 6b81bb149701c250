import { patternCard, patternLabel, type PatternCard } from '../patterns'
import { ZONES, spread, zonesOf, type ZoneId, type ZoneKey } from '../zones'
import type { Asked } from './asked'
import { applyCard } from './lastTime'
import type { Request } from './request'
import { applyStyle } from './style'
import { lengthWant, put, putSide, reached, wishAt, type Wish, type Wishes } from './wish'
import { readWords, type Chatter, type Question, type Remark, type Understood } from './words'
import { applySpoken, spokenPattern, spokenSeason } from './words/apply'
import { questionWords } from './words/understood'

export interface Answered {
  wishes: Wish[]
  understood: Understood[]
  /** Questions to ask back, each as one sentence. */
  unclear: string[]
  /** The same questions, with their place and what may be meant. */
  questions: Question[]
  /** What is no wish. */
  chatter: Chatter[]
  /** Words on health and temper, for the file. */
  remarks: Remark[]
}

/**
 * The wish for every zone. Who wins: keep, exact tool, length, words, same as last, style, pattern.
 * Coat, kit and safety come after.
 */
export function wishesOf({ dogName, ...asked }: Asked & { dogName?: string }): Answered {
  const reading = readWords(asked.request.words ?? '', asked.request.answers, dogName ? [dogName] : [])
  const request = { ...asked.request, season: spokenSeason(reading) ?? asked.request.season }
  const pattern = spokenPattern(reading) ?? request.pattern
  const card = patternCard(pattern, { coat: asked.coat, purpose: request.purpose, season: request.season })
  const wishes: Wishes = new Map(ZONES.map((zone) => [zone, [fromPattern(zone, card)]]))
  if (request.ownPattern) applyOwn(wishes, request.ownPattern)
  applyStyle(wishes, request)
  if (request.sameAsLast) applyCard(wishes, asked.last)
  applyGrowing(wishes, asked, card)
  const { understood, questions } = applySpoken(wishes, reading, { ...asked, request, card })
  applyFields(wishes, request, card)
  const { chatter, remarks } = reading
  const unclear = questions.map(questionWords)
  return { wishes: [...wishes.values()].flat(), understood, unclear, questions, chatter, remarks }
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

/** The name of the pattern that is asked for: the house's own, the one that words name, or the library's; null: none is named. */
export function patternAsked({ ownPattern, pattern, words, answers }: Request, dogName?: string): string | null {
  if (ownPattern) return ownPattern.name
  const id = spokenPattern(readWords(words ?? '', answers, dogName ? [dogName] : [])) ?? pattern
  return id === undefined ? null : patternLabel(id)
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
