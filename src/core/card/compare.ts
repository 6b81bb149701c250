import { shorterSides, type CardEntry, type LastEntry } from '../request'
import { figureMm } from '../units'
import type { ZoneId } from '../zones'

export interface Difference {
  zone: ZoneId
  fromMm: number
  toMm: number
}

/** Lengths closer than this are the same to a rule, mm. */
const SAME_MM = 0.05

/** Zones whose length differs from another card; a zone that is only left on both does not. */
export function differences(before: readonly LastEntry[], now: readonly CardEntry[]): Difference[] {
  const was = shorterSides(before)
  return [...shorterSides(now).values()].flatMap(({ zone, lengthMm, method }) => {
    const other = was.get(zone)
    const onlyLeft = method === 'leave' && other?.method === 'leave'
    if (!other || onlyLeft || Math.abs(other.lengthMm - lengthMm) < SAME_MM) return []
    return [{ zone, fromMm: other.lengthMm, toMm: lengthMm }]
  })
}

/** `9.5 to 13 mm, 3.5 longer` */
export function differenceWords({ fromMm, toMm }: Difference): string {
  const by = `${figureMm(Math.abs(toMm - fromMm))} ${toMm > fromMm ? 'longer' : 'shorter'}`
  return `${figureMm(fromMm)} to ${figureMm(toMm)} mm, ${by}`
}
