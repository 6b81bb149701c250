import type { ZoneKey } from '../../zones'
import type { Clause } from './clauses'
import { ask, speak, widen, type Course } from './course'
import { sayZones } from './sayZones'
import type { Deed, Said } from './spoken'

/** A wish under a negation is never done: what is not to be touched is left, the rest is asked about. */
export function readDenied(course: Course, clauses: readonly Clause[], zones: ZoneKey[]): void {
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
