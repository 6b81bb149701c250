import type { PatternCard } from '../../patterns'
import { NEVER_BY_GROUP, breadth, zoneLabel, zonesOf, type ZoneId, type ZoneKey } from '../../zones'
import type { Asked } from '../asked'
import { entriesByZone } from '../lastTime'
import { put, reached, type Wishes } from '../wish'
import { doDeed, type Answered, type Doing } from './doDeed'
import type { Reading } from './reading'
import type { Spoken } from './spoken'
import type { Question, Understood } from './understood'

type Circumstance = Asked & { card: PatternCard }

/** Lays the words over the wishes, broad ones first, and says back what each came to. */
export function applySpoken(
  wishes: Wishes,
  reading: Reading,
  asked: Circumstance,
): { understood: Understood[]; questions: Question[] } {
  const { spoken } = reading
  // "same as the legs" needs the legs as they will be: tried once on a copy, then laid for good.
  const trial: Wishes = new Map(wishes)
  layAll(trial, reading, asked, trial)
  const answers = layAll(wishes, reading, asked, trial)
  if (spoken.some(({ only }) => only)) leaveOthers(wishes, reading, asked)
  const questions: Question[] = [...reading.unclear]
  for (const each of spoken) {
    const answer = answers.get(each)
    const { words, from, to, zones } = each
    if (answer && 'question' in answer)
      questions.push({ words, from, to, question: answer.question, readings: answer.readings ?? [], zones })
  }
  return { understood: spoken.flatMap((each) => understoodOf(each, answers.get(each))), questions: inOrder(questions) }
}

const inOrder = (questions: readonly Question[]): Question[] => [...questions].sort((a, b) => a.from - b.from)

function understoodOf(said: Spoken, answer: Answered | undefined): Understood[] {
  if (!answer || 'question' in answer) return []
  const { words, from, to, side, read } = said
  const zones = [...new Set(said.zones)]
  const means = [answer.means, withoutWords(said), said.only ? ', nothing else' : '', read ? ` (${read})` : ''].join('')
  return [
    {
      words,
      from,
      to,
      zones,
      ...(side ? { side } : {}),
      ...(answer.lengthMm === undefined ? {} : { lengthMm: answer.lengthMm }),
      means: (side ? `${side} side: ` : '') + means,
    },
  ]
}

const withoutWords = ({ except }: Spoken): string =>
  except.length > 0 ? `, not ${[...new Set(except)].map((key) => labelOf(key)).join(', ')}` : ''

const labelOf = (key: ZoneKey): string => (zonesOf(key).length === 1 ? zoneLabel(key as ZoneId) : key).toLowerCase()

const breadthOf = (zones: readonly ZoneKey[]): number => Math.max(...zones.map(breadth))

/** Every wish in its turn: the broad ones first, so that the closer word wins. */
function layAll(wishes: Wishes, reading: Reading, asked: Circumstance, trial: Wishes): Map<Spoken, Answered> {
  const last = entriesByZone(asked.last)
  const broadFirst = reading.spoken.map((each, order) => ({ each, order, broad: breadthOf(each.zones) }))
  const sided = ({ side }: Spoken) => (side === null ? 0 : 1)
  broadFirst.sort((a, b) => b.broad - a.broad || sided(a.each) - sided(b.each) || a.order - b.order)
  return new Map(
    broadFirst.map(({ each }) => {
      const doing: Doing = { wishes, zones: zonesHere(each, reading, asked), said: each, asked, last, trial }
      return [each, doDeed(doing)]
    }),
  )
}

/** Where a wish is done: not where it was excepted, and not where a closer word was not understood. */
function zonesHere(said: Spoken, { unclear }: Reading, { card }: Circumstance): ZoneId[] {
  const whole = said.deed.do === 'keep' || said.deed.do === 'same'
  const held = unclear.filter(({ zones }) => zones.length > 0 && breadthOf(zones) < breadthOf(said.zones))
  const out = [...said.except, ...held.flatMap(({ zones }) => zones)].flatMap((key) => exceptedBy(key))
  return [...new Set(said.zones.flatMap((key) => (whole ? zonesOf(key, card.face) : reached(key, card))))].filter(
    (zone) => !out.includes(zone),
  )
}

/** As an exception the face is all of it: nobody who says "except the face" wants the brow cut. */
const FACE_AS_EXCEPTION: readonly ZoneId[] = [...zonesOf('face'), 'brow', 'visor', 'lashes']
const exceptedBy = (key: ZoneKey): ZoneId[] => (key === 'face' ? [...FACE_AS_EXCEPTION] : zonesOf(key))

/** "only the feet": whatever no word reaches is left, and so is what is done for health only when asked. */
function leaveOthers(wishes: Wishes, reading: Reading, asked: Circumstance): void {
  const touched = new Set(reading.spoken.flatMap((each) => zonesHere(each, reading, asked)))
  for (const zone of wishes.keys())
    if (!touched.has(zone) && !NEVER_BY_GROUP.includes(zone))
      put(wishes, zone, { want: { by: 'leave' }, why: 'Nothing else, as said.' })
}

/** The pattern that words ask for as a whole. */
export const spokenPattern = ({ spoken }: Reading) =>
  spoken.flatMap(({ deed, zones }) => (deed.do === 'pattern' && zones.includes('all') ? [deed.pattern] : [])).at(-1)

/** The season that words name. */
export const spokenSeason = ({ spoken }: Reading) =>
  spoken.flatMap(({ deed }) => (deed.do === 'season' ? [deed.season] : [])).at(-1)
