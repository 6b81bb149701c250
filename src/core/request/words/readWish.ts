import type { ZoneKey } from '../../zones'
import { spanOf, type Clause } from './clauses'
import { ask, joinTakenBack, lastItem, speak, takeBack, type Course } from './course'
import { readActs } from './grammar'
import { BARE_FIGURE } from './measures'
import { sayZones } from './sayZones'
import type { Asked, Deed, Read, Said, Spoken } from './spoken'
import type { Question } from './understood'

/** What the acts of a clause come to at its zones, or at those it stands for. */
export function readWish(course: Course, clauses: readonly Clause[], all: ZoneKey[]): void {
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
export function comparedIn(said: readonly Said[]): ZoneKey[] {
  const from = said.findIndex(({ is }) => is === 'like' || is === 'than')
  if (from < 0) return []
  const behind: ZoneKey[] = []
  for (const token of said.slice(from + 1)) {
    if (token.is === 'zone') behind.push(...token.keys)
    else if ((token.is !== 'filler' && token.is !== 'and') || /^(on|for|at)$/i.test(token.words)) break
  }
  return behind
}
