import type { ViewId } from '@/core/figure'
import { toolWords, type Cut } from '@/core/lengths'
import { figureMm, inchFraction, type LengthUnit } from '@/core/units'
import { zoneLabel, type ZoneId } from '@/core/zones'
import type { CardEntry } from '@/core/request'
import type { Growing } from '@/core/plan'
import type { Callout } from './callouts'

/** Zones that stand for their group on a whole dog, and what a callout calls them there. */
const SHOWN: readonly [ZoneId, string][] = [
  ['skull', 'Skull'],
  ['bridge', 'Bridge'],
  ['muzzle', 'Muzzle'],
  ['chin', 'Chin'],
  ['ear-edge', 'Ears'],
  ['chest', 'Chest'],
  ['back', 'Back'],
  ['foreleg', 'Foreleg'],
  ['forefoot', 'Feet'],
  ['tail', 'Tail'],
  ['tail-base', 'Tail base'],
  ['thigh', 'Thigh'],
  ['hock', 'Hock'],
]

export const showFigure = (lengthMm: number, unit: LengthUnit) =>
  unit === 'mm' ? figureMm(lengthMm) : inchFraction(lengthMm)
export const unitWord = (unit: LengthUnit) => (unit === 'mm' ? 'mm' : 'in')
/** A length as the house writes it: `9.5 mm`, `3/8 in`. */
export const showLength = (lengthMm: number, unit: LengthUnit) => `${showFigure(lengthMm, unit)} ${unitWord(unit)}`

/** Zones left unnamed where they are cut like the one beside them. */
const LIKE: Partial<Record<ZoneId, ZoneId>> = { chin: 'muzzle', bridge: 'muzzle', hock: 'foreleg', thigh: 'back' }

/** The zones of a head seen from the front. */
const HEAD: readonly ZoneId[] = ['skull', 'visor', 'brow', 'cheek', 'bridge', 'muzzle', 'lips', 'chin', 'ear-edge']

/** Which zones a view names; the side names the telling ones of a whole dog. */
export const namedIn = (view: ViewId): readonly ZoneId[] | undefined =>
  view === 'head-front' || view === 'head-side' ? HEAD : view === 'rear' ? REAR : view === 'top' ? TOP : undefined
const REAR: readonly ZoneId[] = [
  'rump',
  'thigh',
  'stifle',
  'hock',
  'hindfoot',
  'sanitary',
  'leg-inside',
  'tail',
  'tail-base',
]
const TOP: readonly ZoneId[] = ['neck', 'shoulder', 'side', 'back', 'tuck', 'thigh', 'rump', 'skull', 'tail']

/** Callouts of a card: the telling zones of a whole dog, or exactly the zones asked for; both sides where they differ. */
export function cardCallouts(
  card: readonly CardEntry[],
  growing: readonly Growing[],
  unit: LengthUnit,
  only?: readonly ZoneId[],
): Callout[] {
  const asked = only ? only.map((zone) => [zone, zoneLabel(zone)] as const) : SHOWN
  return asked.flatMap(([zone, name]) => {
    const entries = card.filter((each) => each.zone === zone)
    const beside = only ? undefined : card.find((each) => each.zone === LIKE[zone])
    const [first] = entries
    if (!first || (entries.length === 1 && beside?.lengthMm === first.lengthMm)) return []
    const grows = growing.find((each) => each.zone === zone)
    return entries.map((entry) => calloutOf(entry, name, grows, unit))
  })
}

/** A comb is known by its number: without the word the longest tool still stands beside the dog. */
const ROOM_CHARACTERS = 17
const besideDog = (tool: string): string => (tool.length > ROOM_CHARACTERS ? tool.replace('comb ', '') : tool)

function calloutOf(entry: CardEntry, name: string, grows: Growing | undefined, unit: LengthUnit): Callout {
  const { zone, side, lengthMm } = entry
  const below = grows ? `grows to ${showFigure(grows.wantedMm, unit)}` : besideDog(toolWords(entry as Cut))
  return {
    zone,
    lengthMm,
    below,
    name: side === null ? name : `${name}, ${side}`,
    figure: showFigure(lengthMm, unit),
    unit: unitWord(unit),
    ...(side === null ? {} : { side }),
    ...(grows || side !== null ? { caution: true } : {}),
  }
}

/** Callouts of a bare coat: lengths without tools. */
export function coatCallouts(
  lengthMm: (zone: ZoneId) => number,
  unit: LengthUnit,
  only?: readonly ZoneId[],
): Callout[] {
  const shown: readonly [ZoneId, string][] = [
    ['skull', 'Skull'],
    ['muzzle', 'Muzzle'],
    ['chest', 'Body'],
    ['foreleg', 'Foreleg'],
    ['forefoot', 'Feet'],
    ['tail', 'Tail'],
    ['thigh', 'Thigh'],
    ['ear-edge', 'Ears'],
  ]
  const asked = only ? only.map((zone) => [zone, zoneLabel(zone)] as const) : shown
  return asked.map(([zone, name]) => ({
    zone,
    name,
    figure: showFigure(lengthMm(zone), unit),
    unit: unitWord(unit),
    lengthMm: lengthMm(zone),
  }))
}
