import { ask, doubt, widen, type Course } from './course'
import { clauseOf, clausesOf, spanOf, type Clause } from './clauses'
import { contradictions } from './contradictions'
import { BARE_FIGURE } from './measures'
import { questionIn } from './questionIn'
import { readDenied } from './readDenied'
import type { Reading } from './reading'
import { comparedIn, readWish } from './readWish'
import { aboutOf } from './remarks'
import { sayZones } from './sayZones'
import { sortOf } from './sorts'
import type { Said, Spoken } from './spoken'
import { tokensOf } from './tokens'

/** What the clauses of a text come to, one after the other. */
export function readClauses(text: string, names: readonly string[]): Reading {
  const clauses = clausesOf(withNames(tokensOf(text), names))
  const reading: Reading = { spoken: [], unclear: [], chatter: [], remarks: [] }
  const acting = clauses.filter(({ acts }) => acts.some(({ is }) => is !== 'same' && is !== 'pattern'))
  const zoned = clauses.some(({ zones }) => zones.length > 0) || acting.length > 1
  const course: Course = { text, reading, waiting: [], last: [], lastSide: null, zoned }
  clauses.forEach((clause, at) => readOne(course, clause, clauses[at + 1]))
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

function readOne(course: Course, typed: Clause, next: Clause | undefined): void {
  const { reading } = course
  const clause = inSameUnit(typed, reading.spoken.at(-1))
  const sort = sortOf(clause)
  if (sort === 'chatter' && isBareNo(clause) && doubt(course, clause.said)) return
  if (sort === 'chatter') {
    reading.chatter.push({ ...spanOf(clause.said, course.text), why: 'chatter' })
    if (clause.zones.length > 0) course.last = clause.zones
  } else if (sort === 'remark') readRemark(course, clause)
  else if (sort === 'zones') readZones(course, clause, next)
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

/** "a pompon on the tail, no.": nothing follows that would say what is wanted instead. */
const isBareNo = ({ said, acts, zones }: Clause): boolean =>
  acts.length === 0 && zones.length === 0 && /^(no|nope|not)\b/i.test(said[0]?.words ?? '')

function readRemark(course: Course, clause: Clause): void {
  const zones = clause.zones.length === 0 && clause.it ? course.last : clause.zones
  const about = aboutOf({ ...clause, zones: [...zones] })
  const span = spanOf(clause.said, course.text)
  if (about) course.reading.remarks.push({ ...span, about })
  else course.reading.chatter.push({ ...span, why: 'chatter' })
  if (clause.zones.length > 0) course.last = clause.zones
}

/** Zones alone go on with the wish before them, are left out of it, stand in for its zones, or wait for the next. */
function readZones(course: Course, clause: Clause, next: Clause | undefined): void {
  const { spoken } = course.reading
  const last = spoken.at(-1)
  const { zones, link, pauses } = clause
  // "body shorter; ears, leave": a deed without a zone follows, and is theirs.
  const isTheirs =
    pauses && next !== undefined && next.acts.length > 0 && next.zones.length === 0 && next.link === 'new'
  if (last && link === 'except') {
    last.except.push(...zones)
    widen(last, clause.said, course.text)
  } else if (last && link === 'correct') {
    last.zones = [...zones]
    widen(last, clause.said, course.text)
  } else if (last && course.waiting.length === 0 && carriesOn(last) && isLast(course, last) && !isTheirs) {
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
