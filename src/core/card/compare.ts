import { isSameMm } from '../lengths'
import type { CardEntry, LastEntry } from '../request'
import { figureMm } from '../units'
import { SIDES, sidesOf, type Side, type ZoneId } from '../zones'

/** A zone, or one side of it, whose length is another than before, mm. */
export interface Difference {
  zone: ZoneId
  /** Only where the two sides changed apart. */
  side?: Side | undefined
  fromMm: number
  toMm: number
}

/** Left and right further apart than this do not match, mm. Source: from memory. */
export const UNEVEN_MM = 1

/** Zones whose length differs from another card, side by side where the sides differ; a zone that is only left on both does not. */
export function differences(before: readonly LastEntry[], now: readonly CardEntry[]): Difference[] {
  const was = sidesOf(before)
  return [...sidesOf(now)].flatMap(([zone, is]) => {
    const other = was.get(zone)
    if (!other) return []
    const [left, right] = SIDES.map((side) => ({ side, ...lengthsOf(other[side], is[side]) }))
    if (!left || !right) return []
    const alike = isSameMm(left.fromMm, right.fromMm) && isSameMm(left.toMm, right.toMm)
    const sides = alike ? [{ ...left, side: undefined }] : [left, right]
    return sides
      .filter((each) => !each.onlyLeft && !isSameMm(each.fromMm, each.toMm))
      .map(({ side, fromMm, toMm }) => ({ zone, ...(side ? { side } : {}), fromMm, toMm }))
  })
}

const lengthsOf = (before: LastEntry, now: CardEntry) => ({
  fromMm: before.lengthMm,
  toMm: now.lengthMm,
  onlyLeft: now.method === 'leave' && before.method === 'leave',
})

/** `9.5 to 13 mm, 3.5 longer` */
export function differenceWords({ fromMm, toMm }: Difference): string {
  const by = `${figureMm(Math.abs(toMm - fromMm))} ${toMm > fromMm ? 'longer' : 'shorter'}`
  return `${figureMm(fromMm)} to ${figureMm(toMm)} mm, ${by}`
}
