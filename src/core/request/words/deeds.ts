import { CLEAR_MM } from '../../balance'
import { FeetShape, TailShape } from '../../patterns'
import { zonesOf, type ZoneKey } from '../../zones'
import type { Deed, Said } from './spoken'

type Asked = { question: string }
type Read = { deed: Deed; zones: ZoneKey[] } | Asked

const find = <Is extends Said['is']>(said: readonly Said[], is: Is) =>
  said.find((each): each is Said & { is: Is } => each.is === is)

/** The one deed in a stretch of words, and the zones it is for; or the question to ask back. */
export function deedOf(said: readonly Said[], zones: readonly ZoneKey[]): Read {
  const unread = questionIn(said) ?? twoAtOnce(said)
  if (unread !== null) return unread
  for (const read of READERS) {
    const deed = read(said, zones)
    if (deed !== null) return deed
  }
  return { question: find(said, 'off') ? 'how many mm off?' : 'what is to be done there?' }
}

type Reader = (said: readonly Said[], zones: readonly ZoneKey[]) => Read | null

const shapeIn = (said: readonly Said[]) => said.findLast((each): each is Said & { is: 'shape' } => each.is === 'shape')

const readClear: Reader = (said, zones) =>
  find(said, 'clear')
    ? at(
        zones,
        { do: 'clear', clearMm: find(said, 'length')?.lengthMm ?? CLEAR_MM },
        'which coat is to clear the floor?',
      )
    : null

const readChange: Reader = (said, zones) => {
  const change = find(said, 'change')
  if (!change) return null
  const much = find(said, 'much')?.much ?? 'plain'
  const place = zones.length > 0 ? zones : (shapeIn(said)?.zones ?? [])
  return wholeDog(place, { do: 'change', longer: change.longer, much, byMm: find(said, 'length')?.lengthMm ?? null })
}

const readLength: Reader = (said, zones) => {
  const length = find(said, 'length')
  if (!length) return null
  const { lengthMm } = length
  return find(said, 'off')
    ? at(zones, { do: 'off', byMm: lengthMm }, 'off which zone?')
    : at(zones, { do: 'length', lengthMm }, 'on which zones?')
}

const readTool: Reader = (said, zones) => {
  const tool = find(said, 'tool')
  if (!tool) return null
  const lay = find(said, 'lay')
  return at(zones, { do: 'tool', tool: lay ? { ...tool.tool, lay: lay.lay } : tool.tool }, 'on which zones?')
}

const readPattern: Reader = (said, zones) => {
  const pattern = find(said, 'pattern')
  return pattern ? wholeDog(zones, { do: 'pattern', pattern: pattern.pattern }) : null
}

const readShape: Reader = (said, zones) => {
  const shape = shapeIn(said)
  return shape ? shapeOf(zones, shape.zones, shape.shape) : null
}

const readShave: Reader = (said, zones) => (find(said, 'shave') ? shaveOf(zones) : null)
const readSame: Reader = (said, zones) => (find(said, 'same') ? wholeDog(zones, { do: 'same' }) : null)
const readKeep: Reader = (said, zones) => (find(said, 'keep') ? at(zones, { do: 'keep' }, 'which zones stay?') : null)

/** In this order: what says more goes first, so that "keep the ears at 20 mm" is a length. */
const READERS: readonly Reader[] = [
  readClear,
  readChange,
  readLength,
  readTool,
  readPattern,
  readShape,
  readShave,
  readSame,
  readKeep,
]

/** Words that are asked back, that turn the sense, or that nobody knows; with KEEP, "long" only says how it stays. */
function questionIn(said: readonly Said[]): Asked | null {
  const keeps = find(said, 'keep') !== undefined
  const asks = said
    .filter((each): each is Said & { is: 'ask' } => each.is === 'ask')
    .find(({ words }) => !(keeps && STAYS.includes(words)))
  if (asks) return { question: `"${asks.words}": ${asks.question}` }
  const turning = find(said, 'turning')
  if (turning) return { question: `"${turning.words}" leaves it open. What is wanted?` }
  const unknown = find(said, 'unknown')
  return unknown ? { question: `"${unknown.words}" is not known here. Which zone, and how many mm?` } : null
}

/** Deeds that exclude each other; a length may stand beside a change, it then says by how much. */
const ONE_OF: readonly Said['is'][] = ['tool', 'change', 'shave', 'pattern', 'clear', 'off']

function twoAtOnce(said: readonly Said[]): Asked | null {
  const kinds = [...new Set(said.map(({ is }) => is).filter((is) => ONE_OF.includes(is)))]
  const lengthToo = find(said, 'length') !== undefined && kinds.some((kind) => kind === 'tool' || kind === 'shave')
  return kinds.length > 1 || lengthToo ? { question: 'these are two wishes in one. Which?' } : null
}

/** With "leave", these only say how a zone stays. */
const STAYS = ['long', 'fluffy', 'shaggy']

const at = (zones: readonly ZoneKey[], deed: Deed, question: string): Read =>
  zones.length === 0 ? { question } : { deed, zones: [...zones] }

/** What is said of no zone is said of the whole dog. */
const wholeDog = (zones: readonly ZoneKey[], deed: Deed): Read => ({
  deed,
  zones: zones.length === 0 ? ['all'] : [...zones],
})

/** Zones that are shaved with one blade whenever somebody says so; elsewhere "shave" needs a length. */
const SHAVED: readonly ZoneKey[] = [
  'face',
  'throat',
  'chin',
  'cheek',
  'muzzle',
  'lips',
  'bridge',
  'forefoot',
  'hindfoot',
  'pads',
  'tail',
  'tail-base',
  'tail-tip',
  'ear-out',
  'ear-in',
  'ear-edge',
  'belly',
  'sanitary',
  'armpit',
  'leg-inside',
]

function shaveOf(zones: readonly ZoneKey[]): Read {
  if (zones.length === 0) return { question: 'which zones are to be shaved?' }
  const bald = zones.filter((zone) => !SHAVED.includes(zone))
  if (bald.length > 0) return { question: `how short on ${bald.join(', ')}? Name a blade or mm.` }
  return { deed: { do: 'shave' }, zones: [...zones] }
}

/** A shape goes to the zones it names itself; "round" or "clean" alone to those it is said of. */
function shapeOf(zones: readonly ZoneKey[], own: readonly ZoneKey[], shape: string): Read {
  const place = zones.length === 0 ? own : zones
  if (place.length === 0) return { question: `"${shape}" for which zones?` }
  if (place.includes('face') && (shape === 'shaved' || shape === 'clean'))
    return { deed: { do: 'shave' }, zones: ['face'] }
  if (shape === 'round' && place.every((zone) => zone === 'head' || zone === 'face'))
    return { deed: { do: 'pattern', pattern: 'teddy' }, zones: [...place] }
  if (!suits(shape, place)) return { question: `"${shape}" is not a shape for ${place.join(', ')}. How many mm?` }
  const tail = place.includes('tail') && TailShape.safeParse(shape).success
  return { deed: { do: 'shape', shape }, zones: tail ? ['tail', 'tail-tip'] : [...place] }
}

const FEET = zonesOf('feet')
const LEGS: readonly ZoneKey[] = ['legs', ...zonesOf('legs')]
const EAR_SHAPES = ['bob', 'tips', 'bell', 'tassel', 'shaved']

function suits(shape: string, zones: readonly ZoneKey[]): boolean {
  if (zones.every((zone) => FEET.some((foot) => foot === zone))) return FeetShape.safeParse(shape).success
  if (zones.every((zone) => zone.startsWith('tail'))) return TailShape.safeParse(shape).success
  if (zones.every((zone) => zone.startsWith('ear-'))) return EAR_SHAPES.includes(shape) || shape === 'round'
  if (shape === 'column') return zones.every((zone) => LEGS.some((leg) => leg === zone))
  return zones.every((zone) => zone === 'skull' || zone === 'visor') && shape === 'round'
}
