import { breadth, zonesOf, type ZoneKey } from '../../zones'
import type { Reading } from './reading'
import type { Deed, Spoken } from './spoken'

/** Deeds that may stand at one zone together: a shape beside a length, a line beside a bound. */
const BESIDE: readonly Deed['do'][] = ['shape', 'clear', 'bound', 'season', 'purpose', 'waited', 'tidy']

const isBeside = (a: Deed, b: Deed): boolean => {
  if (a.do === b.do) return a.do === 'bound'
  if (a.do === 'same' || b.do === 'same')
    return [a, b].some((deed) => deed.do === 'change' || deed.do === 'like' || BESIDE.includes(deed.do))
  if (a.do === 'pattern' || b.do === 'pattern') return true
  if ((a.do === 'tidy' || b.do === 'tidy') && [a, b].some((deed) => deed.do === 'keep' || deed.do === 'shave'))
    return false
  return BESIDE.includes(a.do) || BESIDE.includes(b.do)
}

const widest = (zones: readonly ZoneKey[]): number => Math.max(...zones.map(breadth))

function clash(a: Spoken, b: Spoken): boolean {
  if (JSON.stringify(a.deed) === JSON.stringify(b.deed) || isBeside(a.deed, b.deed)) return false
  if (a.side !== null && b.side !== null && a.side !== b.side) return false
  if ((a.side === null) !== (b.side === null)) return false
  if (widest(a.zones) !== widest(b.zones)) return false
  const there = new Set(a.zones.flatMap((key) => zonesOf(key)))
  return b.zones
    .flatMap((key) => zonesOf(key))
    .some((zone) => there.has(zone) && ![...a.except, ...b.except].includes(zone))
}

/** Two wishes that exclude each other, neither taken back: both are asked about, with both readings. */
export function contradictions(reading: Reading, text: string): Reading {
  const against = reading.spoken.map(
    (one, at) => reading.spoken.slice(0, at).find((other) => clash(other, one)) ?? null,
  )
  const out = new Set(reading.spoken.filter((one, at) => against[at] !== null || against.includes(one)))
  const unclear = reading.spoken.flatMap((one, at) => {
    const other = against[at]
    if (!other) return []
    const from = Math.min(one.from, other.from)
    const to = Math.max(one.to, other.to)
    const question = `"${other.words}" and "${one.words}" exclude each other. Which?`
    return [
      {
        words: text.slice(from, to),
        from,
        to,
        question,
        readings: [other.words, one.words],
        zones: [...new Set([...other.zones, ...one.zones])],
      },
    ]
  })
  return {
    ...reading,
    spoken: reading.spoken.filter((one) => !out.has(one)),
    unclear: [...reading.unclear, ...unclear],
  }
}
