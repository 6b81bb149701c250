import { toolWords } from '@/core/lengths'
import { figureMm, inchFraction, type LengthUnit } from '@/core/units'
import { zoneLabel, type ZoneId } from '@/core/zones'
import type { CardEntry } from '@/core/request'
import type { Growing } from '@/core/plan'
import type { Callout } from './callouts'

/** Zones that stand for their group on a whole dog, and what a callout calls them there. */
const SHOWN: readonly [ZoneId, string][] = [
  ['skull', 'Skull'], ['bridge', 'Bridge'], ['muzzle', 'Muzzle'], ['chin', 'Chin'], ['ear-edge', 'Ears'], ['chest', 'Chest'],
  ['back', 'Back'], ['foreleg', 'Foreleg'], ['forefoot', 'Feet'], ['tail', 'Tail'], ['tail-base', 'Tail base'],
  ['thigh', 'Thigh'], ['hock', 'Hock'],
] // prettier-ignore

export const showFigure = (lengthMm: number, unit: LengthUnit) =>
  unit === 'mm' ? figureMm(lengthMm) : inchFraction(lengthMm)
export const unitWord = (unit: LengthUnit) => (unit === 'mm' ? 'mm' : 'in')

/** Zones left unnamed where they are cut like the one beside them. */
const LIKE: Partial<Record<ZoneId, ZoneId>> = { chin: 'muzzle', bridge: 'muzzle', hock: 'foreleg', thigh: 'back' }

/** Callouts of a card: the telling zones of a whole dog, or exactly the zones asked for. */
export function cardCallouts(
  card: readonly CardEntry[],
  growing: readonly Growing[],
  unit: LengthUnit,
  only?: readonly ZoneId[],
): Callout[] {
  const asked = only ? only.map((zone) => [zone, zoneLabel(zone)] as const) : SHOWN
  return asked.flatMap(([zone, name]) => {
    const entry = card.find((each) => each.zone === zone)
    const beside = only ? undefined : card.find((each) => each.zone === LIKE[zone])
    if (!entry || beside?.lengthMm === entry.lengthMm) return []
    const grows = growing.find((each) => each.zone === zone)
    const below = grows
      ? `grows to ${showFigure(grows.wantedMm, unit)}`
      : toolWords(entry as Parameters<typeof toolWords>[0])
    return [
      {
        zone,
        name,
        figure: showFigure(entry.lengthMm, unit),
        unit: unitWord(unit),
        lengthMm: entry.lengthMm,
        below,
        ...(grows ? { caution: true } : {}),
      },
    ]
  })
}

/** Callouts of a bare coat: lengths without tools. */
export function coatCallouts(lengthMm: (zone: ZoneId) => number, unit: LengthUnit): Callout[] {
  const shown: readonly [ZoneId, string][] = [['skull', 'Skull'], ['muzzle', 'Muzzle'], ['chest', 'Body'], ['foreleg', 'Foreleg'], ['forefoot', 'Feet'], ['tail', 'Tail'], ['thigh', 'Thigh'], ['ear-edge', 'Ears']] // prettier-ignore
  return shown.map(([zone, name]) => ({
    zone,
    name,
    figure: showFigure(lengthMm(zone), unit),
    unit: unitWord(unit),
    lengthMm: lengthMm(zone),
  }))
}
