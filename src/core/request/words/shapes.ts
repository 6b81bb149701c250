import { FeetShape, TailShape } from '../../patterns'
import { zonesOf, type ZoneKey } from '../../zones'
import type { Read, Said } from './spoken'

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
  'eye-corner',
]

export function readShave(said: readonly Said[], zones: readonly ZoneKey[]): Read {
  const other = said.find((each) => each.is === 'shape' && each.shape !== 'clean' && each.shape !== 'shaved')
  if (other) return { question: `shaved, or "${other.words}"?`, readings: [] }
  const bald = zones.filter((zone) => !SHAVED.includes(zone))
  if (zones.length === 0 || bald.length > 0)
    return {
      question: `how short${bald.length > 0 ? ` on ${bald.join(', ')}` : ''}? Name a blade or mm.`,
      readings: ['7F', '10'],
    }
  return { deeds: [{ do: 'shave' }] }
}

/** A shape goes to the zones it names itself; "round" or "clean" alone to those it is said of. */
export function readShape(said: readonly Said[], zones: readonly ZoneKey[]): Read {
  const found = said.findLast((each): each is Said & { is: 'shape' } => each.is === 'shape' && !each.not)
  if (!found) return { question: 'which shape?' }
  const { shape, zones: own } = found
  const place = zones.length === 0 ? own : zones
  if (place.length === 0) return { question: `"${shape}" for which zones?` }
  if (place.includes('face') && (shape === 'shaved' || shape === 'clean'))
    return { deeds: [{ do: 'shave' }], own: ['face'] }
  if (shape === 'clean' && place.every((zone) => SHAVED.includes(zone) && !isFoot(zone)))
    return { deeds: [{ do: 'shave' }], own: place }
  if (shape === 'round' && place.every((zone) => zone === 'head' || zone === 'face'))
    return { deeds: [{ do: 'pattern', pattern: 'teddy' }], own: place }
  if (!suits(shape, place)) return { question: `"${shape}" is not a shape for ${place.join(', ')}. How many mm?` }
  if (place.every((zone) => zone.startsWith('ear-') && zone !== 'ear-canal') && place.length > 1)
    return {
      deeds: [{ do: 'shape', shape }],
      own: shape === 'flush' || shape === 'straight' ? ['ear-edge'] : ['ear-out', 'ear-edge'],
    }
  const tail = place.includes('tail') && TailShape.safeParse(shape).success
  return { deeds: [{ do: 'shape', shape }], own: tail ? ['tail', 'tail-tip'] : [...place] }
}

const FEET: readonly ZoneKey[] = zonesOf('feet')
const LEGS: readonly ZoneKey[] = ['legs', ...zonesOf('legs')]
const EAR_SHAPES = ['bob', 'tips', 'bell', 'tassel', 'shaved', 'round', 'flush', 'natural', 'V']
const isFoot = (zone: ZoneKey): boolean => FEET.includes(zone)

/** Lines of the head, and where they are cut. Source: common practice. */
const LINES: Record<string, readonly ZoneKey[]> = {
  straight: ['visor', 'skirt', 'ear-edge', 'ear-out', 'ear-in', 'chin', 'brow'],
  arch: ['visor', 'brow'],
  V: ['eye-corner', 'throat', 'chin', 'brow'],
  U: ['throat', 'chin'],
  round: ['skull', 'visor', 'muzzle', 'chin', 'tail', 'tail-tip', 'rump', 'cheek'],
  oval: ['muzzle', 'chin', 'tail', 'tail-tip'],
}

function suits(shape: string, zones: readonly ZoneKey[]): boolean {
  if (zones.every(isFoot) && FeetShape.safeParse(shape).success) return true
  if (zones.every((zone) => zone.startsWith('tail')) && TailShape.safeParse(shape).success) return true
  if (zones.every((zone) => zone.startsWith('ear-')) && EAR_SHAPES.includes(shape)) return true
  if (shape === 'column') return zones.every((zone) => LEGS.includes(zone))
  return zones.every((zone) => LINES[shape]?.includes(zone))
}
