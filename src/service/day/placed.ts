import type { HouseDay } from '@/core/day'
import { minutesOf } from '@/core/people'
import { STAGE_FACTS } from '@/core/stages'

type Row = HouseDay['happened'][number]

/**
 * Puts what happened into places: a log tells which stage, not at which table. A dog stays where it is as long as it may, and
 * else takes the first place that nobody holds.
 */
export function placed(rows: readonly Row[], stations: HouseDay['stations']): Row[] {
  const here = new Map<string, string>()
  return [...rows]
    .sort((a, b) => minutesOf(a.from) - minutesOf(b.from))
    .map((row) => {
      const kind = row.station === 'cabinet' ? 'cabinet' : row.stage === null ? null : STAGE_FACTS[row.stage].needs
      const station = kind === null ? (here.get(row.dog) ?? null) : placeFor(row.dog, kind, here, stations)
      if (station !== null) here.set(row.dog, station)
      if (row.stage === 'handover' && row.to !== null) here.delete(row.dog)
      return { ...row, station }
    })
}

function placeFor(
  dog: string,
  kind: keyof HouseDay['stations'],
  here: ReadonlyMap<string, string>,
  stations: HouseDay['stations'],
): string | null {
  const own = here.get(dog)
  if (own?.startsWith(kind)) return own
  const held = new Set(here.values())
  const names = Array.from({ length: stations[kind] }, (_, at) => `${kind} ${at + 1}`)
  return names.find((name) => !held.has(name)) ?? names[0] ?? null
}
