import type { ZoneKey } from '../../zones'
import { deedOf } from './deeds'
import type { Deed, Said, Spoken, Unclear } from './spoken'

export interface Reading {
  spoken: Spoken[]
  unclear: Unclear[]
}

/** A stretch of words with at most one deed. */
interface Segment {
  said: Said[]
  /** Joined to the one before by nothing stronger than `and`. */
  joined: boolean
  except: boolean
}

const ACTS: readonly Said['is'][] = [
  'length',
  'tool',
  'keep',
  'shave',
  'off',
  'clear',
  'same',
  'change',
  'shape',
  'pattern',
]
const isAct = (said: Said): boolean => ACTS.includes(said.is)
const hasAct = (segment: Segment): boolean => segment.said.some(isAct)
const hasZone = (segment: Segment): boolean => segment.said.some(({ is }) => is === 'zone')
const zonesIn = (segment: Segment): ZoneKey[] => [
  ...new Set(segment.said.flatMap((said) => (said.is === 'zone' ? said.keys : []))),
]
const wordsOf = (said: readonly Said[]): string =>
  said
    .map(({ words }) => words)
    .join(' ')
    .trim()
const meansSomething = (segment: Segment): boolean =>
  segment.said.some(({ is }) => is !== 'filler' && is !== 'verb' && is !== 'and' && is !== 'much')

/** Cuts the words into stretches of one deed each. */
export function segmentsOf(said: readonly Said[]): Segment[] {
  const segments: Segment[] = []
  let now: Segment = { said: [], joined: false, except: false }
  const next = (joined: boolean, except = false) => {
    if (meansSomething(now)) segments.push(now)
    now = { said: [], joined: joined && segments.length > 0, except }
  }
  said.forEach((token, at) => {
    if (token.is === 'break') return next(false)
    if (token.is === 'except') return next(true, true)
    const whole = hasAct(now) && hasZone(now)
    const zoneFirst = whole && now.said.findIndex(({ is }) => is === 'zone') < now.said.findIndex(isAct)
    const isNext =
      token.is === 'zone' ? zoneFirst && !belongs(now, said[at + 1]) : isAct(token) && whole && !goesWith(now, token)
    if ((token.is === 'verb' && whole) || isNext) {
      const taken = isNext && isAct(token) && !zoneFirst && !isSaidFirst(token) ? lastZoneAfterAnd(now) : []
      next(true)
      now.said.push(...taken)
    }
    now.said.push(token)
  })
  next(false)
  return segments
}

/** "leave the ears and tail shorter": the zone behind the last `and` belongs to the deed that follows it. */
function lastZoneAfterAnd(segment: Segment): Said[] {
  const and = segment.said.findLastIndex(({ is }) => is === 'and')
  const behind = segment.said.slice(and + 1)
  const before = segment.said.slice(0, and)
  if (and < 0 || !behind.some(({ is }) => is === 'zone') || !before.some(({ is }) => is === 'zone')) return []
  segment.said.splice(and)
  return behind
}

/** Deeds that stand before their zones rather than behind: a new one opens a new wish. */
const isSaidFirst = ({ is }: Said): boolean => is === 'length' || is === 'tool' || is === 'keep' || is === 'shave'

const belongs = (segment: Segment, after: Said | undefined): boolean =>
  segment.said.at(-1)?.is === 'and' && after === undefined && !segment.said.some(({ is }) => is === 'change')

/** A second deed that only makes the first one exact: "half an inch shorter", "leave the tail as it is". */
const GOES_WITH: readonly [first: Said['is'], second: Said['is']][] = [
  ['length', 'change'],
  ['length', 'off'],
  ['length', 'clear'],
  ['change', 'length'],
  ['change', 'same'],
  ['shape', 'shape'],
  ['keep', 'keep'],
  ['keep', 'same'],
  ['keep', 'clear'],
  ['keep', 'shape'],
  ['keep', 'change'],
  ['keep', 'length'],
  ['clear', 'length'],
]

function goesWith(segment: Segment, token: Said): boolean {
  const acts = segment.said.filter(isAct).map(({ is }) => is)
  // "the same" and "as last time" are one word for one thing.
  if (token.is === 'same' && acts.join() === 'same') return true
  const keptTwice = token.is === 'keep' && acts.join() === 'keep'
  if (acts.includes(token.is) !== keptTwice) return false
  return GOES_WITH.some(([first, second]) => acts.includes(first) && token.is === second)
}

/** Reads the stretches one by one; zones alone belong to the deed before them, or to the one that follows. */
export function readSegments(segments: readonly Segment[]): Reading {
  const reading: Reading = { spoken: [], unclear: [] }
  let waiting: Segment[] = []
  for (const segment of segments) {
    if (!hasAct(segment) && hasZone(segment) && isPlain(segment)) {
      const last = reading.spoken.at(-1)
      if (segment.except && last) last.except.push(...zonesIn(segment))
      else if (last && waiting.length === 0 && carriesOn(last)) {
        last.zones.push(...zonesIn(segment))
        last.words += `, ${wordsOf(segment.said)}`
      } else waiting.push(segment)
      continue
    }
    const zones = [...waiting.flatMap(zonesIn), ...zonesIn(segment)]
    const words = [...waiting, segment].map((each) => wordsOf(each.said)).join(', ')
    waiting = []
    const read = deedOf(segment.said, zones)
    if ('question' in read) reading.unclear.push({ words, question: read.question })
    else {
      const deed = sameAsJustSaid(segment, zones, reading.spoken.at(-1)) ?? read.deed
      reading.spoken.push({ words, zones: read.zones, except: [], deed })
    }
  }
  for (const segment of waiting)
    reading.unclear.push({ words: wordsOf(segment.said), question: 'what is to be done there?' })
  return reading
}

/** Said alone, these may mean the length that was said a moment ago; whatever names a time means the last visit. */
const BARE_SAME = ['same', 'the same']

/** "A 5F on the body, the legs the same": a plain *same* for a zone, right after another zone's length, is that length. */
function sameAsJustSaid(segment: Segment, zones: readonly ZoneKey[], before: Spoken | undefined): Deed | null {
  const said = segment.said.filter(({ is }) => is === 'same')
  const bare = said.length > 0 && said.every(({ words }) => BARE_SAME.includes(words))
  const timed = segment.said.some(({ words }) => TIMED.test(words))
  if (!bare || timed || zones.length === 0 || segment.said.some((each) => isAct(each) && each.is !== 'same'))
    return null
  return before?.deed.do === 'length' || before?.deed.do === 'tool' ? before.deed : null
}
const TIMED = /\b(last|before|usual|previous|then)\b/

/** Only zones and words without weight. */
const isPlain = (segment: Segment): boolean =>
  segment.said.every(({ is }) => is === 'zone' || is === 'filler' || is === 'and' || is === 'verb')

/** A whole-dog deed is not carried on to zones that follow by themselves. */
const carriesOn = ({ zones, deed }: Spoken): boolean =>
  !zones.includes('all') && deed.do !== 'same' && deed.do !== 'pattern'
