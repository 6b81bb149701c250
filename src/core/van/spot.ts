import { z } from 'zod'
import { seeded } from '../chance'
import type { Spot } from './ways'

const NUMBER = String.raw`-?\d{1,3}(?:\.\d+)?`
const PAIR = new RegExp(`^(${NUMBER})\\s*[,;]\\s*(${NUMBER})$`)

/** A place as it is copied from a map, latitude first: `50.102, -5.204`. */
export const SpotText = z
  .string()
  .trim()
  .max(60, { error: 'Keep the place to 60 characters.' })
  .refine((text) => spotOf(text) !== null, { error: 'Give latitude and longitude, such as 50.102, -5.204.' })

/** Latitude and longitude in degrees; null where a text gives none. */
export function spotOf(text: string): Spot | null {
  const [, lat, lon] = PAIR.exec(text.trim()) ?? []
  if (lat === undefined || lon === undefined) return null
  const spot = { lat: Number(lat), lon: Number(lon) }
  return Math.abs(spot.lat) <= 90 && Math.abs(spot.lon) <= 180 ? spot : null
}

/** Where the base is, as long as nobody has said: in the sea off a harbour that is not there. Demo. */
export const NOWHERE: Spot = { lat: 50.1, lon: -5.2 }

/** How far a made-up door may lie from the base, degrees of latitude. Demo. */
const AROUND = 0.06

/** Stands in for a map service: the same address always lies at the same made-up place around the base. */
export function madeUpSpot(address: string, base: Spot): Spot {
  const seed = [...address].reduce((sum, letter) => Math.imul(sum ^ letter.charCodeAt(0), 16777619), 2166136261)
  const { between } = seeded(seed)
  return { lat: base.lat + between(-AROUND, AROUND), lon: base.lon + between(-AROUND, AROUND) }
}
