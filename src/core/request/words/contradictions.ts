import { breadth, zonesOf, type ZoneId } from '../../zones'
import { inPlace } from './inPlace'
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

/** A wish with what it is compared by, worked out once: a long message has many pairs. */
interface Compared {
  one: Spoken
  deed: string
  widest: number
  zones: ReadonlySet<ZoneId>
}

const compared = (one: Spoken): Compared => {
  const except = one.except.flatMap((key) => zonesOf(key))
  return {
    one,
    deed: JSON.stringify(one.deed),
    widest: Math.max(...one.zones.map(breadth)),
    zones: new Set(one.zones.flatMap((key) => zonesOf(key)).filter((zone) => !except.includes(zone))),
  }
}

function clash(a: Compared, b: Compared): boolean {
  if (a.widest !== b.widest || a.one.side !== b.one.side || a.deed === b.deed) return false
  if (isBeside(a.one.deed, b.one.deed)) return false
  for (const zone of b.zones) if (a.zones.has(zone)) return true
  return false
}

/** Two wishes that exclude each other, neither taken back: both are asked about, with both readings. */
export function contradictions(reading: Reading, text: string): Reading {
  const all = reading.spoken.map(compared)
  const against = all.map((one, at) => all.find((other, before) => before < at && clash(other, one))?.one ?? null)
  const out = new Set(reading.spoken.filter((one, at) => against[at] !== null || against.includes(one)))
  const unclear = reading.spoken.flatMap((one, at) => {
    const other = against[at]
    if (!other) return []
    const from = Math.min(one.from, other.from)
    const to = Math.max(one.to, other.to)
    const question = `"${other.words}" and "${one.words}" exclude each other. Which?`
    const zones = [...new Set([...other.zones, ...one.zones])]
    const readings = [other, one].flatMap((each) => inPlace(each.words, each.zones, true) ?? [])
    return [{ words: text.slice(from, to), from, to, question, readings, zones }]
  })
  return {
    ...reading,
    spoken: reading.spoken.filter((one) => !out.has(one)),
    unclear: [...reading.unclear, ...unclear],
  }
}
