import type { Side, ZoneKey } from '../../zones'
import { spanOf, type Clause } from './clauses'
import { inPlace } from './inPlace'
import type { Reading } from './reading'
import { sayZones } from './sayZones'
import type { Asked, Deed, Said, Span, Spoken } from './spoken'
import type { Question } from './understood'

/** Where the reading stands: what was named last, what waits for its deed. */
export interface Course {
  text: string
  reading: Reading
  waiting: Clause[]
  /** The zones that were named last: what "it" and "them" stand for. */
  last: readonly ZoneKey[]
  lastSide: Side | null
  /** Zones are named somewhere, or more than one thing is wished: a wish of no zone is not said of the whole dog. */
  zoned: boolean
}

const isSameWish = (a: Spoken, zones: readonly ZoneKey[], deed: Deed, side: Side | null): boolean =>
  a.side === side && a.zones.join() === zones.join() && JSON.stringify(a.deed) === JSON.stringify(deed)

/** Lets more words belong to what was read. */
export function widen(span: Span, said: readonly Said[], text: string): void {
  const more = spanOf(said, text)
  span.to = Math.max(span.to, more.to)
  span.words = text.slice(span.from, span.to)
}

/** What was read last: a wish, or a question. */
export const lastItem = ({ spoken, unclear }: Reading): Spoken | Question | null => {
  const [a, b] = [spoken.at(-1), unclear.at(-1)]
  if (!a || !b) return a ?? b ?? null
  return a.to > b.to ? a : b
}

/** What was said before of these zones no longer counts: the speaker said so. */
export function takeBack({ reading }: Course, last: Spoken | Question, zones: readonly ZoneKey[]): void {
  const gone = (item: Spoken | Question) =>
    item === last || (item.zones.length > 0 && item.zones.every((zone) => zones.includes(zone)))
  const taken = [...reading.spoken, ...reading.unclear].filter(gone)
  reading.spoken = reading.spoken.filter((item) => !gone(item))
  reading.unclear = reading.unclear.filter((item) => !gone(item))
  reading.chatter.push(...taken.map(({ words, from, to }) => ({ words, from, to, why: 'taken-back' as const })))
}

/** A correction of a wish that says of which zones keeps the others of it. */
export function joinTakenBack({ reading }: Course, last: Spoken | Question): void {
  const now = reading.spoken.at(-1)
  if (!now || !('deed' in last)) return
  const others = last.zones.filter((zone) => !now.zones.includes(zone))
  if (others.length === 0 || now.zones.some((zone) => !last.zones.includes(zone))) return
  reading.spoken.splice(-1, 0, { ...last, zones: others })
  reading.chatter = reading.chatter.filter(({ from, to }) => from !== last.from || to !== last.to)
}

/** A bare no behind a wish: nobody knows whether it still stands. @returns false where no wish was before it */
export function doubt({ reading, text }: Course, said: readonly Said[]): boolean {
  const last = reading.spoken.pop()
  if (!last) return false
  const { zones, from } = last
  const { to } = spanOf(said, text)
  const readings = [inPlace(last.words, zones, true) ?? [], `leave ${sayZones(zones)}`].flat()
  const question = '"no": is that wanted, or not?'
  reading.unclear.push({ words: text.slice(from, to), from, to, question, readings, zones })
  return true
}

/** Notes a wish: these deeds at these zones. */
export function speak(
  course: Course,
  clauses: readonly Clause[],
  zones: readonly ZoneKey[],
  deeds: readonly Deed[],
): void {
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

/** Notes a question: these words were not taken in. */
export function ask(
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
