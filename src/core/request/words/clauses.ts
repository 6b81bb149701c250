import type { Side, ZoneKey } from '../../zones'
import { goTogether, isAct } from './grammar'
import type { Said, Span } from './spoken'

/** What joins a clause to the one before it. */
export type Link = 'new' | 'and' | 'except' | 'correct' | 'because'

/** A stretch of words with at most one wish, taken apart: what is done, where, and what stands under a negation. */
export interface Clause {
  said: Said[]
  link: Link
  /** Tokens that ask for something, without those under a negation. */
  acts: Said[]
  zones: ZoneKey[]
  /** Zones that an exception inside the wish leaves out. */
  except: ZoneKey[]
  side: Side | null
  /** The negation, and what stands under it. */
  not: Said | null
  denied: Said[]
  only: boolean
  rest: boolean
  /** Stands for a zone that was named before. */
  it: boolean
  /** Ends in a pause that is no stop: what follows may be its deed. */
  pauses: boolean
}

/** Cuts the words into clauses: at signs and joining words, and where a second wish begins. */
export function clausesOf(said: readonly Said[]): Clause[] {
  const clauses: Clause[] = []
  let now: Said[] = []
  let link: Link = 'new'
  let ended = false
  const next = (then: Link, pauses = false) => {
    // What takes back stays in force over the pause that follows it: "no, sorry, leave them".
    const waits = then !== 'and' && (link === 'correct' || link === 'except') && now.every(({ is }) => is === 'filler')
    if (waits && !ended) {
      link = then === 'new' ? link : then
      return
    }
    if (now.length > 0) clauses.push({ ...clauseOf(now, link), pauses })
    link = then
    now = []
  }
  withNegation(said).forEach((token, at, all) => {
    if (token.is === 'break') {
      next('new', /^[,:–—-]$/.test(token.words))
      if (/\p{L}/u.test(token.words)) now.push({ ...token, is: 'filler' })
      return
    }
    // "everywhere but the tail at 10 mm": the exception stands inside the wish.
    if (token.is === 'except' && hasZone(now) && !hasAct(now) && !hasDenied(now)) return void now.push(token)
    if (token.is === 'except' || token.is === 'correct' || token.is === 'because') {
      next(token.is)
      now.push({ ...token, is: 'filler' })
      return
    }
    if (opensNext(now, token, all[at + 1])) {
      const taken = isTakenAlong(now, token) ? lastZoneAfterAnd(now) : []
      next('and')
      now.push(...taken)
    }
    now.push(token)
  })
  ended = true
  next('new')
  return clauses
}

/** Marks what stands under a negation: the wish behind it, up to the next pause; a zone there is only where. */
function withNegation(said: readonly Said[]): Said[] {
  let under = false
  return said.map((token) => {
    if (token.is === 'not' || token.is === 'instead') {
      under = true
      return token
    }
    if (token.is === 'break' || token.is === 'correct' || token.is === 'and') under = false
    if (!under || !isAct(token)) return token
    if (token.is !== 'trim' && token.is !== 'off') under = false
    return { ...token, not: true }
  })
}

const hasAct = (said: readonly Said[]) => said.some((token) => isAct(token) && !token.not)
const hasZone = (said: readonly Said[]) =>
  said.some((token) => token.is === 'zone' || (token.is === 'shape' && token.zones.length > 0))
const zoneAt = (said: readonly Said[]) => said.findIndex(({ is }) => is === 'zone')
const hasDenied = (said: readonly Said[]) => said.some(({ is }) => is === 'not')

/** These begin a clause of their own wherever the one before is whole. */
const OPENERS: readonly Said['is'][] = ['verb', 'not', 'rest', 'only', 'temper', 'ill', 'careful']

/** Whether a token begins the next wish: the one before it is whole. */
function opensNext(now: readonly Said[], token: Said, after: Said | undefined): boolean {
  // "a teddy with the legs longer": a whole pattern, and a wish of its own.
  if (/^with$/i.test(token.words) && now.some(({ is }) => is === 'pattern' || is === 'same')) return !hasZone(now)
  const whole = hasZone(now) && (hasAct(now) || hasDenied(now))
  if (!whole) return false
  if (token.is === 'zone') return isZoneFirst(now) && !belongs(now, after) && !namesAnother(now)
  if (token.is === 'ask') return now.at(-1)?.is === 'and'
  return OPENERS.includes(token.is) || (isAct(token) && !token.not && actOpens(now, token))
}

function actOpens(now: readonly Said[], token: Said): boolean {
  // "don't shave the ears leave them": what is not to be done is whole by itself.
  if (!hasAct(now)) return true
  // "a teddy face and a plume tail": a shape with its own zones, behind other ones.
  if (token.is === 'shape' && token.zones.length > 0 && zoneAt(now) >= 0)
    return now.at(-1)?.is !== 'filler' || now.some(({ is }) => is === 'and')
  return (now.at(-1)?.is === 'and' && IMPERATIVES.includes(token.is)) || !goesWith(now, token)
}

/** Whether the zone was named before what is done to it. */
const isZoneFirst = (now: readonly Said[]): boolean =>
  zoneAt(now) >= 0 && zoneAt(now) < now.findIndex((each) => isAct(each) || each.is === 'not')

/** What one does after an `and`: a second wish, not one that makes the first exact. */
const IMPERATIVES: readonly Said['is'][] = ['trim', 'tidy', 'shave', 'keep']

/** "same as the legs", "shorter than the body": the zone behind these is what is compared with. */
const namesAnother = (now: readonly Said[]): boolean => {
  const compares = now.findLastIndex(({ is }) => is === 'like' || is === 'than')
  return compares >= 0 && !now.slice(compares).some(({ is }) => is === 'zone')
}

const belongs = (now: readonly Said[], after: Said | undefined): boolean =>
  now.at(-1)?.is === 'and' && (after === undefined || after.is === 'break') && !now.some(({ is }) => is === 'change')

function goesWith(now: readonly Said[], token: Said): boolean {
  const acts = now.filter((each) => isAct(each) && !each.not).map(({ is }) => is)
  return goTogether(acts, token.is)
}

/** Deeds that stand before their zones rather than behind: a new one opens a new wish. */
const SAID_FIRST: readonly Said['is'][] = ['length', 'range', 'tool', 'keep', 'shave', 'bound']

function isTakenAlong(now: readonly Said[], token: Said): boolean {
  const zoneFirst = isZoneFirst(now)
  return isAct(token) && !zoneFirst && !SAID_FIRST.includes(token.is)
}

/** "leave the ears and tail shorter": the zone behind the last `and` belongs to the deed that follows it. */
function lastZoneAfterAnd(now: Said[]): Said[] {
  const and = now.findLastIndex(({ is }) => is === 'and')
  const behind = now.slice(and + 1)
  if (and < 0 || !hasZone(behind) || !hasZone(now.slice(0, and))) return []
  return now.splice(and)
}

/** A clause taken apart again, after its words were settled by what went before. */
export function clauseOf(said: readonly Said[], link: Link): Clause {
  const acts = said.filter((token) => isAct(token) && !token.not)
  return {
    said: [...said],
    link,
    acts,
    zones: zonesOf(said).filter((zone) => !exceptIn(said).includes(zone)),
    except: exceptIn(said),
    side: sideOf(said),
    not: said.find(({ is }) => is === 'not' || is === 'instead') ?? null,
    denied: said.filter(({ not }) => not),
    only: said.some(({ is }) => is === 'only'),
    rest: said.some(({ is }) => is === 'rest'),
    it: said.some(({ is }) => is === 'it'),
    pauses: false,
  }
}

/** The zones right behind an exception that stands inside a wish. */
function exceptIn(said: readonly Said[]): ZoneKey[] {
  const from = said.findIndex(({ is }) => is === 'except')
  const behind = from < 0 ? [] : said.slice(from + 1)
  const end = behind.findIndex((token) => isAct(token) || /^(at|with|to)$/i.test(token.words))
  return zonesOf(end < 0 ? behind : behind.slice(0, end))
}

const zonesOf = (said: readonly Said[]): ZoneKey[] => [
  ...new Set(said.flatMap((token) => (token.is === 'zone' ? token.keys : []))),
]

/** One side that is named; of both, none. */
function sideOf(said: readonly Said[]): Side | null {
  const sides = new Set(said.flatMap((token) => (token.is === 'side' ? [token.side] : [])))
  return sides.size === 1 ? ([...sides][0] ?? null) : null
}

/** Where a clause stands in the text. */
export function spanOf(said: readonly Said[], text: string): Span {
  const from = said[0]?.from ?? 0
  const to = Math.max(from, ...said.map((token) => token.to))
  return { words: text.slice(from, to), from, to }
}
