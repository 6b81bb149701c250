import { longestClearMm } from '../../balance'
import type { Tool } from '../../lengths'
import { patternCard, type PatternCard } from '../../patterns'
import { figureMm } from '../../units'
import { NEVER_BY_GROUP, breadth, zoneLabel, zonesOf, type ZoneId, type ZoneKey } from '../../zones'
import { applyCard, entriesByZone } from '../lastTime'
import { applyShape } from '../style'
import type { Asked } from '../asked'
import { lengthWant, put, putSide, reached, wishAt, type Wish, type Wishes } from '../wish'
import type { Reading } from './clauses'
import { changedMm } from './changed'
import type { Deed, Spoken } from './spoken'

/** What was taken from some words, to be said back by zone. */
export interface Understood {
  words: string
  zones: ZoneKey[]
  /** When all these zones come to one length, mm. */
  lengthMm?: number
  /** What it comes to, in the groomer's words. */
  means: string
}

type LastByZone = ReturnType<typeof entriesByZone>
type Circumstance = Asked & { card: PatternCard }

/** Lays the words over the wishes, broad ones first, and says back what each came to. */
export function applySpoken(
  wishes: Wishes,
  { spoken, unclear }: Reading,
  asked: Circumstance,
): { understood: Understood[]; unclear: string[] } {
  const questions = unclear.map(({ words, question }) => `"${words}": ${question}`)
  const last = entriesByZone(asked.last)
  const broadFirst = spoken.map((each, order) => ({ each, order, broad: Math.max(...each.zones.map(breadth)) }))
  broadFirst.sort((a, b) => b.broad - a.broad || a.order - b.order)
  const said = new Map<Spoken, Understood>()
  for (const { each } of broadFirst) {
    const answer = applyOne(wishes, each, asked, last)
    if ('question' in answer) questions.push(`"${each.words}": ${answer.question}`)
    else said.set(each, { words: each.words, zones: [...new Set(each.zones)], ...answer })
  }
  return { understood: spoken.flatMap((each) => said.get(each) ?? []), unclear: questions }
}

type Answer = { means: string; lengthMm?: number } | { question: string }

function applyOne(wishes: Wishes, said: Spoken, asked: Circumstance, last: LastByZone): Answer {
  const { deed } = said
  const whole = deed.do === 'keep' || deed.do === 'same'
  const except = said.except.flatMap((key) => zonesOf(key, asked.card.face))
  const zones = [
    ...new Set(said.zones.flatMap((key) => (whole ? zonesOf(key, asked.card.face) : reached(key, asked.card)))),
  ].filter((zone) => !except.includes(zone))
  const without = except.length > 0 ? `, not ${said.except.map((key) => labelOf(key)).join(', ')}` : ''
  const done = doDeed(wishes, zones, said, asked, last)
  return 'question' in done ? done : { ...done, means: done.means + without }
}

const labelOf = (key: ZoneKey): string => (zonesOf(key).length === 1 ? zoneLabel(key as ZoneId) : key).toLowerCase()

function doDeed(wishes: Wishes, zones: readonly ZoneId[], said: Spoken, asked: Circumstance, last: LastByZone): Answer {
  const { deed } = said
  const ask: Ask = (zone, want, why = `Said: ${said.words}.`) => put(wishes, zone, { want, explicit: true, why })
  const each = (want: (zone: ZoneId) => Wish['want'], means: string, why?: string): Answer => {
    for (const zone of zones) ask(zone, want(zone), why)
    return { means }
  }
  const wantOf = (zone: ZoneId, lengthMm: number) => lengthWant(wishAt(wishes, zone)?.want ?? { by: 'leave' }, lengthMm)
  switch (deed.do) {
    case 'length':
      return {
        ...each((zone) => wantOf(zone, deed.lengthMm), `${figureMm(deed.lengthMm)} mm`),
        lengthMm: deed.lengthMm,
      }
    case 'tool':
      return each(() => ({ by: 'tool', tool: deed.tool }), toolMeans(deed.tool))
    case 'shave':
      return each(() => ({ by: 'tool', tool: { blade: '10', lay: 'with' } }), 'clipped with a 10')
    case 'keep':
      return each(() => ({ by: 'leave' }), 'left as it is', 'Kept, as said.')
    case 'off': {
      const less = (zone: ZoneId) => Math.max(0, (asked.presentMm.get(zone) ?? 0) - deed.byMm)
      return each((zone) => wantOf(zone, less(zone)), `${figureMm(deed.byMm)} mm off what is there`)
    }
    case 'shape':
      applyShape(wishes, zones, deed.shape, true)
      return { means: deed.shape }
    case 'pattern':
      return asPattern(wishes, zones, deed.pattern, asked)
    case 'same':
      return sameAgain(wishes, zones, last)
    case 'clear':
      return clear(zones, deed.clearMm, asked, ask)
    case 'change':
      return change(wishes, zones, deed, asked, last)
    default:
      return unreachable(deed)
  }
}

const toolMeans = ({ comb, blade, lay }: Tool): string =>
  comb ? `comb ${comb} on ${blade ?? '30'}${lay ? `, ${lay}` : ''}` : `${blade} ${lay ?? 'with'}`

function sameAgain(wishes: Wishes, zones: readonly ZoneId[], last: LastByZone): Answer {
  if (last.size === 0) return { question: 'there is no card yet. What was it like?' }
  applyCard(
    wishes,
    zones.flatMap((zone) => (last.get(zone) ?? []).map(({ side, value }) => ({ ...value, side }))),
  )
  return { means: 'as on the last card' }
}

/** One part of the dog as another pattern does it: "a teddy face". */
function asPattern(
  wishes: Wishes,
  zones: readonly ZoneId[],
  pattern: Extract<Deed, { do: 'pattern' }>['pattern'],
  { coat, request }: Circumstance,
): Answer {
  const { lines } = patternCard(pattern, { coat, purpose: request.purpose, season: request.season })
  for (const zone of zones) {
    const line = lines.get(zone)
    if (line) put(wishes, zone, { want: line.want, join: line.join, shape: line.shape ?? null, why: line.why })
  }
  return { means: `as the pattern ${pattern}` }
}

type Ask = (zone: ZoneId, want: Wish['want'], why?: string) => void

function clear(zones: readonly ZoneId[], clearMm: number, asked: Circumstance, ask: Ask): Answer {
  const hanging = zones.flatMap((zone) => {
    const mostMm = longestClearMm(asked.dog, zone, clearMm)
    return mostMm === null ? [] : [{ zone, mostMm }]
  })
  if (hanging.length === 0) return { question: 'this coat does not reach the floor. How many mm?' }
  for (const { zone, mostMm } of hanging) {
    const presentMm = asked.presentMm.get(zone) ?? 0
    if (presentMm <= mostMm) ask(zone, { by: 'leave' }, `Clears the floor by ${figureMm(clearMm)} mm as it is.`)
    else ask(zone, { by: 'scissor', lengthMm: mostMm }, `Clears the floor by ${figureMm(clearMm)} mm.`)
  }
  const most = Math.min(...hanging.map(({ mostMm }) => mostMm))
  return { means: `${figureMm(clearMm)} mm clear of the floor: ${figureMm(most)} mm at most` }
}

/** Shorter or longer than the last card, each side than it was; without a card nobody knows than what. */
function change(
  wishes: Wishes,
  zones: readonly ZoneId[],
  deed: Extract<Deed, { do: 'change' }>,
  asked: Circumstance,
  last: LastByZone,
): Answer {
  const worked = zones
    .filter((zone) => zones.length === 1 || !NEVER_BY_GROUP.includes(zone))
    .flatMap((zone) => last.get(zone) ?? [])
    .filter(({ value }) => value.method !== 'leave')
  if (worked.length === 0) return { question: `${deed.longer ? 'longer' : 'shorter'} than what? How many mm?` }
  const told = worked.flatMap(({ side, value: entry }) => {
    const toMm = changedMm(entry, deed, asked.kit)
    if (toMm === entry.lengthMm) return []
    const byHand = entry.method === 'scissor' || entry.method === 'thin' ? entry.method : null
    const wish = {
      want: byHand === null ? lengthWant({ by: 'leave' }, toMm) : { by: byHand, lengthMm: toMm },
      explicit: true,
      why: `${deed.longer ? 'Longer' : 'Shorter'} than last time, as said.`,
    }
    if (side === null) put(wishes, entry.zone, wish)
    else putSide(wishes, entry.zone, side, wish)
    return [{ zone: entry.zone, fromMm: entry.lengthMm, toMm }]
  })
  const [first] = told
  if (!first)
    return { question: deed.longer ? 'the kit has nothing longer. How many mm?' : 'it is as short as is kind already.' }
  const alike = told.every(({ fromMm, toMm }) => fromMm === first.fromMm && toMm === first.toMm)
  const shown = alike ? told.slice(0, 1) : told.slice(0, MOST_TOLD)
  const means = shown
    .map(({ zone, fromMm, toMm }) => `${alike ? '' : `${zoneLabel(zone)} `}${figureMm(fromMm)} to ${figureMm(toMm)}`)
    .join(', ')
  return {
    means: `${means} mm${told.length > shown.length && !alike ? ' and so on' : ''}`,
    ...(alike ? { lengthMm: first.toMm } : {}),
  }
}

const MOST_TOLD = 3

function unreachable(deed: never): never {
  throw new Error(`Unknown deed ${JSON.stringify(deed)}`)
}
