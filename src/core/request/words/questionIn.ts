import type { ZoneKey } from '../../zones'
import type { Clause } from './clauses'
import { sayZones } from './sayZones'
import type { Asked, Said } from './spoken'

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
export function questionIn(clause: Clause, zones: readonly ZoneKey[]): Asked | null {
  const { said, acts, not, side } = clause
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
  const denied = deniedQuestion(clause, zones)
  if (denied) return denied
  if (isTold(said, acts))
    return { question: 'is it so, or should it be?', readings: zones.length > 0 ? [`leave ${sayZones(zones)}`] : [] }
  const praise = said.find(({ is }) => is === 'praise')
  if (praise && acts.length === 0)
    return { question: 'the same again?', readings: [`${sayZones(zones)} same as last time`] }
  return null
}

/** A wish behind a negation, or a no behind a wish: it may mean either. */
function deniedQuestion({ said, acts, denied }: Clause, zones: readonly ZoneKey[]): Asked | null {
  const denies = said.findIndex(({ is }) => is === 'not')
  const does = said.findIndex((token) => acts.includes(token))
  // "tail pom pom no": a no with nothing behind it is of what stands before it.
  const dangles = does >= 0 && denied.length === 0 && !said.slice(denies).some(({ is }) => is === 'zone')
  if (denies < 0 || (does <= denies && !dangles)) return null
  return {
    question: `"${said[denies]?.words ?? 'not'}" leaves it open. What is wanted?`,
    readings: zones.length > 0 ? [`leave ${sayZones(zones)}`] : [],
  }
}
