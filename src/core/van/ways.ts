/** A place on the earth, degrees. */
export interface Spot {
  lat: number
  lon: number
}

/** The way from one place to another. */
export interface Way {
  km: number
  /** Minutes of driving, one decimal. */
  driveMin: number
}

/** Every way there is between the places of a day, by their ids. */
export type Ways = (from: string, to: string) => Way

/** The earth's mean radius, km. Published: IUGG. */
const EARTH_KM = 6371
/** What roads add to the straight line, and how fast a van is in town. From memory. */
export const ROAD_FACTOR = 1.35
export const SPEED_KMH = 32

const radians = (degrees: number): number => (degrees * Math.PI) / 180

/** The great-circle distance by the haversine, km. */
export function straightKm(a: Spot, b: Spot): number {
  const half = (from: number, to: number) => Math.sin(radians(to - from) / 2) ** 2
  const share = half(a.lat, b.lat) + Math.cos(radians(a.lat)) * Math.cos(radians(b.lat)) * half(a.lon, b.lon)
  return 2 * EARTH_KM * Math.asin(Math.sqrt(Math.min(1, share)))
}

const oneDecimal = (value: number): number => Math.round(value * 10) / 10

/** Ways by the straight line, lengthened as roads are. */
export function waysBySpot(
  spots: ReadonlyMap<string, Spot>,
  { speedKmh = SPEED_KMH, roadFactor = ROAD_FACTOR }: { speedKmh?: number; roadFactor?: number } = {},
): Ways {
  return (from, to) => {
    const [a, b] = [spots.get(from), spots.get(to)]
    if (from === to || !a || !b) return { km: 0, driveMin: 0 }
    const km = straightKm(a, b) * roadFactor
    return { km: oneDecimal(km), driveMin: oneDecimal((km / speedKmh) * 60) }
  }
}

/** Ways by a table of minutes that somebody gave instead; how far they are is not known, and told as they would be at a van's usual pace. */
export function waysByTable(
  minutes: Readonly<Record<string, Readonly<Record<string, number>>>>,
  speedKmh = SPEED_KMH,
): Ways {
  return (from, to) => {
    const driveMin = from === to ? 0 : (minutes[from]?.[to] ?? minutes[to]?.[from] ?? 0)
    return { driveMin: oneDecimal(driveMin), km: oneDecimal((driveMin / 60) * speedKmh) }
  }
}
