import type { Side, ZoneKey } from '../../zones'
import { clauseOf, clausesOf, spanOf, type Clause } from './clauses'
import { contradictions } from './contradictions'
import { readActs } from './grammar'
import { BARE_FIGURE } from './measures'
import { inPlace } from './inPlace'
import { aboutOf } from './remarks'
import type { Reading } from './reading'
import { sayZones } from './sayZones'
import { sortOf } from './sorts'
import type { Asked, Deed, Read, Said, Span, Spoken } from './spoken'
import type { Question } from './understood'
import { tokensOf } from './tokens'

/** Where the reading stands: what was named last, what waits for its deed. */
interface Course {
  text: string
  reading: Reading
  waiting: Clause[]
  /** The zones that were named last: what "it" and "them" stand for. */
  last: readonly ZoneKey[]
  lastSide: Side | null
  /** Zones are named somewhere, or more than one thing is wished: a wish of no zone is not said of the whole dog. */
  zoned: boolean
}

/** What the clauses of a text come to, one after the other. */
export function readClauses(text: string, names: readonly string[]): Reading {
  const clauses = clausesOf(withNames(tokensOf(text), names))
  const reading: Reading = { spoken: [], unclear: [], chatter: [], remarks: [] }
  const acting = clauses.filter(({ acts }) => acts.some(({ is }) => is !== 'same' && is !== 'pattern'))
  const zoned = clauses.some(({ zones }) => zones.length > 0) || acting.length > 1
  const course: Course = { text, reading, waiting: [], last: [], lastSide: null, zoned }
  for (const clause of clauses) readOne(course, clause)
  for (const clause of course.waiting)
    ask(course, [clause], {
      question: 'what is to be done there?',
      readings: ['leave', 'tidy'].map((word) => `${word} ${sayZones(clause.zones)}`),
    })
  return contradictions(reading, text)
}

const SIGNED = /^(thanks|thank you.*|cheers|regards|kind regards|love|best wishes|bye|x|xx|ta|many thanks)$/i

/** The dog's own name, and what is written like a name, says nothing of a trim. */
function withNames(said: readonly Said[], names: readonly string[]): Said[] {
  const known = names.map((name) => name.toLowerCase())
  return said.map((token, at) => {
    if (token.is !== 'unknown') return token
    const plain = token.words.toLowerCase().replace(/['’]s?$/, '')
    const opens = at === 0 || said[at - 1]?.is === 'break'
    const signs = at === said.length - 1 && said.slice(Math.max(0, at - 3), at).some(({ words }) => SIGNED.test(words))
    const isName = /^\p{Lu}\p{Ll}+/u.test(token.words) && (!opens || signs || said[at + 1]?.is === 'filler')
    return known.includes(plain) || (isName && /^[A-Za-z'’]+$/.test(token.words))
      ? { ...token, is: 'filler' as const }
      : token
  })
}

/** "10 mm on the legs, sorry, 13": the figure that takes another's place is in its unit, and no tool. */
function inSameUnit(clause: Clause, last: Spoken | undefined): Clause {
  if (clause.link !== 'correct' || last?.deed.do !== 'length' || !/mm|mil/i.test(last.words)) return clause
  const said = clause.said.map((token): Said => {
    if (!/^\D*\d+$/.test(token.words) || !BARE_FIGURE.test(token.words)) return token
    if (token.is !== 'tool' && token.is !== 'ask') return token
    const { words, from, to, not, slip } = token
    return { is: 'length', lengthMm: Number(/\d+/.exec(words)?.[0]), words, from, to, not, slip }
  })
  return clauseOf(said, clause.link)
}

function readOne(course: Course, typed: Clause): void {
  const { reading } = course
  const clause = inSameUnit(typed, reading.spoken.at(-1))
  const sort = sortOf(clause)
  if (sort === 'chatter') {
    reading.chatter.push({ ...spanOf(clause.said, course.text), why: 'chatter' })
    if (clause.zones.length > 0) course.last = clause.zones
  } else if (sort === 'remark') readRemark(course, clause)
  else if (sort === 'zones') readZones(course, clause)
  else {
    const clauses = [...course.waiting, clause]
    course.waiting = []
    const zones = [...new Set(clauses.flatMap((each) => each.zones))]
    const question = questionIn(clause, zones)
    if (question) ask(course, clauses, question, zones)
    else if (clause.not !== null && clause.acts.length === 0) readDenied(course, clauses, zones)
    else readWish(course, clauses, zones)
    const compared = comparedIn(clause.said)
    const named = zones.filter((zone) => zone !== 'all' && !compared.includes(zone))
    if (named.length > 0) {
      course.last = named
      course.lastSide = clause.side
    }
  }
}

function readRemark(course: Course, clause: Clause): void {
  const zones = clause.zones.length === 0 && clause.it ? course.last : clause.zones
  const about = aboutOf({ ...clause, zones: [...zones] })
  const span = spanOf(clause.said, course.text)
  if (about) course.reading.remarks.push({ ...span, about })
  else course.reading.chatter.push({ ...span, why: 'chatter' })
  if (clause.zones.length > 0) course.last = clause.zones
}

/** Zones alone go on with the wish before them, are left out of it, stand in for its zones, or wait for the next. */
function readZones(course: Course, clause: Clause): void {
  const { spoken } = course.reading
  const last = spoken.at(-1)
  const { zones, link } = clause
  if (last && link === 'except') {
    last.except.push(...zones)
    widen(last, clause.said, course.text)
  } else if (last && link === 'correct') {
    last.zones = [...zones]
    widen(last, clause.said, course.text)
  } else if (last && course.waiting.length === 0 && carriesOn(last) && isLast(course, last)) {
    last.zones.push(...zones)
    widen(last, clause.said, course.text)
  } else course.waiting.push(clause)
  course.last = zones
}

/** Nothing else was read since. */
const isLast = ({ reading }: Course, last: Spoken): boolean =>
  [...reading.unclear, ...reading.remarks].every(({ from }) => from < last.to)

/** A whole-dog deed is not carried on to zones that follow by themselves. */
const carriesOn = ({ zones, deed }: Spoken): boolean =>
  !zones.includes('all') && deed.do !== 'same' && deed.do !== 'pattern'

const isSameWish = (a: Spoken, zones: readonly ZoneKey[], deed: Deed, side: Side | null): boolean =>
  a.side === side && a.zones.join() === zones.join() && JSON.stringify(a.deed) === JSON.stringify(deed)

function widen(span: Span, said: readonly Said[], text: string): void {
  const more = spanOf(said, text)
  span.to = Math.max(span.to, more.to)
  span.words = text.slice(span.from, span.to)
}

const IS = /^(is|are|was|were)$/i
const SHOULD = /^(should|could|can|to|be|need|needs|want|wants|like|prefer|would|must|this time|please)$/i

/** "her left leg is thinner": how it is, and perhaps no wish; "too long" is one. */
function isTold(said: readonly Said[], acts: readonly Said[]): boolean {
  const [change] = acts
  if (
    acts.length !== 1 ||
    change?.is !== 'change' ||
    /^(too|over|got|getting|grown|not|scalped|less)/i.test(change.words)
  )
    return false
  const before = said.slice(0, said.indexOf(change))
  return before.some(({ words }) => IS.test(words)) && !said.some(({ words }) => SHOULD.test(words))
}

/** With "leave", these only say how a zone stays. */
const STAYS = ['long', 'fluffy', 'shaggy', 'full', 'nice', 'pretty', 'soft', 'natural']

/** Words that are asked back, that turn the sense, or that nobody knows. */
function questionIn({ said, acts, not, side }: Clause, zones: readonly ZoneKey[]): Asked | null {
  const keeps = acts.some(({ is }) => is === 'keep')
  const whole = said.map(({ words }) => words).join(' ')
  const swapped = (token: Said, word: string) =>
    said
      .map((each) => (each === token ? word : each.words))
      .join(' ')
      .trim()
  const turning = said.find(({ is, words }) => is === 'turning' && !(not && /^or$/i.test(words)))
  if (turning)
    return {
      question: `"${turning.words}" leaves it open. What is wanted?`,
      readings: zones.length > 0 ? [swapped(turning, ''), `leave ${sayZones(zones)}`] : [],
    }
  const asks = said.find(
    (each): each is Said & { is: 'ask' } => each.is === 'ask' && !(keeps && STAYS.includes(each.words.toLowerCase())),
  )
  if (asks)
    return {
      question: `"${asks.words}": ${asks.question}`,
      readings: asks.readings.map((reading) => swapped(asks, reading)),
    }
  const unknown = said.find(({ is }) => is === 'unknown')
  if (unknown) return { question: `"${unknown.words}" is not known here. Which zone, and how many mm?` }
  if (side !== null && zones.length === 0)
    return { question: `the ${side} of what?`, readings: ['ear', 'foreleg'].map((zone) => `${whole} ${side} ${zone}`) }
  if (said.some(({ is }) => is === 'ill' || is === 'temper') && acts.some(({ is }) => is !== 'keep'))
    return { question: 'is that to be cut, or only known?', readings: [`leave ${sayZones(zones)}`] }
  const denies = said.findIndex(({ is }) => is === 'not')
  const does = said.findIndex((token) => acts.includes(token))
  if (denies >= 0 && does > denies)
    return {
      question: `"${said[denies]?.words ?? 'not'}" leaves it open. What is wanted?`,
      readings: zones.length > 0 ? [`leave ${sayZones(zones)}`] : [],
    }
  if (isTold(said, acts))
    return { question: 'is it so, or should it be?', readings: zones.length > 0 ? [`leave ${sayZones(zones)}`] : [] }
  const praise = said.find(({ is }) => is === 'praise')
  if (praise && acts.length === 0)
    return { question: 'the same again?', readings: [`${sayZones(zones)} same as last time`] }
  return null
}

/** A wish under a negation is never done: what is not to be touched is left, the rest is asked about. */
function readDenied(course: Course, clauses: readonly Clause[], zones: ZoneKey[]): void {
  const clause = clauses.at(-1)
  if (!clause) return
  const denied = clause.denied.map(({ is }) => is)
  const place = zones.length === 0 && clause.it ? [...course.last] : zones
  const before = course.reading.spoken.at(-1)
  const isWithin = (some: readonly ZoneKey[], all: readonly ZoneKey[]) => some.every((zone) => all.includes(zone))
  const ofTheSame = before && (isWithin(place, before.zones) || isWithin(before.zones, place))
  if (before && ofTheSame && clause.denied.length > 0 && deniesAnother(before.deed, clause.denied))
    return widen(before, clause.said, course.text)
  const touches = denied.every((is) => UNTOUCHED.includes(is))
  // "no beard" may mean off with it, or no wish for one.
  const bare = /^(no|without|without any|none|no more)$/i.test(clause.not?.words ?? '') && denied.length === 0
  if (place.length > 0 && touches && !bare) return speak(course, clauses, place, [{ do: 'keep' }])
  const there = sayZones(place)
  const readings =
    place.length === 0 ? [] : bare ? [`shave ${there}`, `leave ${there}`] : [`leave ${there}`, `tidy ${there}`]
  ask(course, clauses, { question: `"${clause.not?.words ?? 'not'}": what is wanted there instead?`, readings }, place)
}

/** Not to be done at all, these leave a zone as it is. */
const UNTOUCHED: readonly Said['is'][] = ['trim', 'shave', 'off', 'tidy', 'clear']

/** "a 5F, not a 7F": the same kind of wish, another one; what was said stands. */
function deniesAnother(deed: Deed, denied: readonly Said[]): boolean {
  const [other] = denied
  if (!other || denied.length > 1) return false
  if (other.is === 'tool') return deed.do === 'tool' && JSON.stringify(deed.tool) !== JSON.stringify(other.tool)
  if (other.is === 'length') return deed.do === 'length' && deed.lengthMm !== other.lengthMm
  if (other.is === 'shape') return deed.do === 'shape' && deed.shape !== other.shape
  if (other.is === 'shave') return deed.do !== 'shave'
  return other.is === 'change' && deed.do === 'change' && deed.longer !== other.longer
}

function readWish(course: Course, clauses: readonly Clause[], all: ZoneKey[]): void {
  const clause = clauses.at(-1)
  if (!clause) return
  const compared = comparedIn(clause.said)
  const zones = all.filter(
    (zone) => !compared.includes(zone) || clause.zones.indexOf(zone) !== clause.zones.lastIndexOf(zone),
  )
  const corrected = clause.link === 'correct' ? lastItem(course.reading) : null
  const place = placeOf(course, clause, zones, corrected)
  const read = readActs(
    clause.said.filter(({ not }) => !not),
    clause.acts,
    { zones: place, compared },
  )
  if ('question' in read) return ask(course, clauses, read, place)
  const there = broughtPlace(read, place)
  const deeds = sameAsJustSaid(clause, there, course.reading.spoken.at(-1)) ?? read.deeds
  const where = there.length > 0 ? there : wholeDog(course, clause, deeds)
  const open = where === null ? whichZones(course, clause) : there.length === 0 ? bareFigure(clause) : null
  if (open) return ask(course, clauses, open, [])
  if (corrected) takeBack(course, corrected, where ?? [])
  speak(course, clauses, where ?? [], deeds)
  if (corrected) joinTakenBack(course, corrected)
}

/** The zones a clause names, or those it stands for. */
function placeOf(course: Course, clause: Clause, zones: ZoneKey[], corrected: Spoken | Question | null): ZoneKey[] {
  if (zones.length > 0) return zones
  if (clause.rest) return ['all']
  return [...(corrected?.zones ?? (clause.it ? course.last : []))]
}

/** A shape, an end or a line knows its zones better than the clause does. */
function broughtPlace(read: Extract<Read, { deeds: Deed[] }>, place: ZoneKey[]): ZoneKey[] {
  const own = [...(read.own ?? [])]
  const brings = read.deeds.some(({ do: done }) => BRINGS.includes(done))
  return own.length > 0 && (place.length === 0 || brings) ? own : place
}

function whichZones(course: Course, clause: Clause): Asked {
  const { words } = spanOf(clause.said, course.text)
  const named = course.last.length > 0 ? [`${words} on ${sayZones(course.last)}`] : []
  return { question: 'on which zones?', readings: [`${words} all over`, ...named] }
}

/** A bare figure is a blade where a zone is named; on a whole dog it is asked about. */
function bareFigure({ acts }: Clause): Asked | null {
  const figure = acts[0]
  if (figure?.is !== 'tool' || !BARE_FIGURE.test(figure.words)) return null
  const number = figure.words.replace(/^(an?|the) /i, '')
  return {
    question: 'that blade on the whole dog, or mm?',
    readings: [`${number} blade all over`, `${number} mm all over`],
  }
}

/** Deeds that know their zones better than the clause does. */
const BRINGS: readonly Deed['do'][] = ['shape', 'purpose', 'like']

const lastItem = ({ spoken, unclear }: Reading): Spoken | Question | null => {
  const [a, b] = [spoken.at(-1), unclear.at(-1)]
  if (!a || !b) return a ?? b ?? null
  return a.to > b.to ? a : b
}

/** What was said before of these zones no longer counts: the speaker said so. */
function takeBack({ reading }: Course, last: Spoken | Question, zones: readonly ZoneKey[]): void {
  const gone = (item: Spoken | Question) =>
    item === last || (item.zones.length > 0 && item.zones.every((zone) => zones.includes(zone)))
  const taken = [...reading.spoken, ...reading.unclear].filter(gone)
  reading.spoken = reading.spoken.filter((item) => !gone(item))
  reading.unclear = reading.unclear.filter((item) => !gone(item))
  reading.chatter.push(...taken.map(({ words, from, to }) => ({ words, from, to, why: 'taken-back' as const })))
}

/** A correction of a wish that says of which zones keeps the others of it. */
function joinTakenBack({ reading }: Course, last: Spoken | Question): void {
  const now = reading.spoken.at(-1)
  if (!now || !('deed' in last)) return
  const others = last.zones.filter((zone) => !now.zones.includes(zone))
  if (others.length === 0 || now.zones.some((zone) => !last.zones.includes(zone))) return
  reading.spoken.splice(-1, 0, { ...last, zones: others })
  reading.chatter = reading.chatter.filter(({ from, to }) => from !== last.from || to !== last.to)
}

/** Said of no zone: the whole dog where the deed is one for it, or where it is all that is asked. */
function wholeDog({ zoned }: Course, { said }: Clause, deeds: readonly Deed[]): ZoneKey[] | null {
  const whole = deeds.every(({ do: done }) => WHOLE.includes(done))
  const pointing = said.some(({ is, words }) => is === 'it' && POINTS.test(words))
  return whole || (!zoned && !pointing) ? ['all'] : null
}
/** These stand for something that was named; nothing was. */
const POINTS = /^(it|them|they|those|these|there)$/i
const WHOLE: readonly Deed['do'][] = ['same', 'pattern', 'season', 'waited']

/** Said alone, these may mean the length that was said a moment ago; whatever names a time means the last visit. */
const BARE_SAME = /^(the )?same$/i
const TIMED = /\b(last|before|usual|previous|then|always|again)\b/i

/** "A 5F on the body, the legs the same": a plain *same* for a zone, right after another zone's length, is that length. */
function sameAsJustSaid(clause: Clause, zones: readonly ZoneKey[], before: Spoken | undefined): Deed[] | null {
  const bare = clause.acts.length > 0 && clause.acts.every(({ is, words }) => is === 'same' && BARE_SAME.test(words))
  const timed = clause.said.some(({ words }) => TIMED.test(words))
  if (!bare || timed || zones.length === 0 || clause.rest) return null
  return before?.deed.do === 'length' || before?.deed.do === 'tool' ? [before.deed] : null
}

/** The zones that stand behind "same as" or "than". */
function comparedIn(said: readonly Said[]): ZoneKey[] {
  const from = said.findIndex(({ is }) => is === 'like' || is === 'than')
  if (from < 0) return []
  const behind: ZoneKey[] = []
  for (const token of said.slice(from + 1)) {
    if (token.is === 'zone') behind.push(...token.keys)
    else if ((token.is !== 'filler' && token.is !== 'and') || /^(on|for|at)$/i.test(token.words)) break
  }
  return behind
}

function speak(course: Course, clauses: readonly Clause[], zones: readonly ZoneKey[], deeds: readonly Deed[]): void {
  const said = clauses.flatMap((clause) => clause.said)
  const last = course.reading.spoken.at(-1)
  // Of "the same, except …" the exception is a change of what was the same.
  if (clauses.at(-1)?.link === 'except' && last && last.deed.do !== 'same') last.except.push(...zones)
  const slips = said.flatMap(({ slip, words }) => (slip === null ? [] : [`"${words}" read as ${slip}`]))
  const pointed = clauses.every((clause) => clause.zones.length === 0) && clauses.some(({ it }) => it)
  const side = clauses.map((clause) => clause.side).find((each) => each !== null) ?? (pointed ? course.lastSide : null)
  const except = clauses.flatMap((clause) => clause.except)
  const only =
    clauses.some((clause) => clause.only) &&
    !zones.includes('all') &&
    !course.reading.spoken.some(({ deed }) => deed.do === 'same')
  for (const deed of deeds) {
    const again = course.reading.spoken.at(-1)
    if (again && isSameWish(again, zones, deed, side)) {
      widen(again, said, course.text)
      continue
    }
    course.reading.spoken.push({
      ...spanOf(said, course.text),
      zones: [...zones],
      except: [...except],
      side,
      deed,
      only,
      read: slips.length > 0 ? slips.join(', ') : null,
    })
  }
}

function ask(
  course: Course,
  clauses: readonly Clause[],
  { question, readings = [] }: Asked,
  zones: readonly ZoneKey[] = clauses.flatMap((clause) => clause.zones),
): void {
  const said = clauses.flatMap((clause) => clause.said)
  const clause = clauses.at(-1)
  const last = course.reading.spoken.at(-1)
  if (clause?.link === 'except' && last) last.except.push(...zones)
  if (clause?.link === 'correct') {
    const corrected = lastItem(course.reading)
    if (corrected) takeBack(course, corrected, zones)
  }
  const placed = readings.flatMap((reading) => inPlace(reading, zones, course.zoned) ?? [])
  course.reading.unclear.push({ ...spanOf(said, course.text), question, readings: placed, zones: [...zones] })
}
