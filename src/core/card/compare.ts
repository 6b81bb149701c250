import { isSameMm } from '../lengths'
import { shorterSides, type CardEntry, type LastEntry } from '../request'
import { figureMm } from '../units'
import type { ZoneId } from '../zones'

export interface Difference {
  zone: ZoneId
  fromMm: number
  toMm: number
}

/** Left and right further apart than this do not match, mm. Source: from memory. */
export const UNEVEN_MM = 1

/** Zones whose length differs from another card; a zone that is only left on both does not. */
export function differences(before: readonly LastEntry[], now: readonly CardEntry[]): Difference[] {
  const was = shorterSides(before)
  return [...shorterSides(now).values()].flatMap(({ zone, lengthMm, method }) => {
    const other = was.get(zone)
    const onlyLeft = method === 'leave' && other?.method === 'leave'
    if (!other || onlyLeft || isSameMm(other.lengthMm, lengthMm)) return []
    return [{ zone, fromMm: other.lengthMm, toMm: lengthMm }]
  })
}

/** `9.5 to 13 mm, 3.5 longer` */
export function differenceWords({ fromMm, toMm }: Difference): string {
  const by = `${figureMm(Math.abs(toMm - fromMm))} ${toMm > fromMm ? 'longer' : 'shorter'}`
  return `${figureMm(fromMm)} to ${figureMm(toMm)} mm, ${by}`
}
