import { measuresOf, visorToEyeMm, type Stature } from '../../build'
import type { Tool } from '../../lengths'
import type { ZoneId } from '../../zones'
import type { PurposeId } from './spoken'

/** What serves an end at a zone: a tool, or at most so long, mm. */
export type Serves = { zone: ZoneId; tool: Tool } | { zone: ZoneId; mostMm: number }

interface Purpose {
  serves: (dog: Stature) => Serves[]
  why: string
}

/** The visor ends this far above the eye, mm. Source: from memory. */
const ABOVE_EYE_MM = 2
/** A beard this short takes little food and water, mm. Source: from memory. */
const TIDY_BEARD_MM = 20
/** Behind the ear nothing mats at this length, mm: a 7F. Source: from memory. */
const BEHIND_EAR_MM = 3.2
/** Feet that grip show little hair over the pad, mm. Source: from memory. */
const GRIP_MM = 15
/** An ear fringe this short stays out of a bowl, mm. Source: from memory. */
const BOWL_MM = 15
const TEN: Tool = { blade: '10', lay: 'with' }

/** Ends that a cut serves, and the zones and cuts that serve them. Source: common practice; the lengths from memory. */
export const PURPOSE_FACTS: Record<PurposeId, Purpose> = {
  see: {
    serves: (dog) => [{ zone: 'visor', mostMm: Math.max(3, Math.floor(visorToEyeMm(measuresOf(dog))) - ABOVE_EYE_MM) }],
    why: 'so that the eyes are free',
  },
  beard: {
    serves: () => [
      { zone: 'chin', mostMm: TIDY_BEARD_MM },
      { zone: 'lips', mostMm: TIDY_BEARD_MM / 2 },
    ],
    why: 'so that the beard holds less food and water',
  },
  'ears-behind': {
    serves: () => [{ zone: 'ear-in', mostMm: BEHIND_EAR_MM }],
    why: 'so that it mats less behind the ears',
  },
  grip: {
    serves: () => [
      { zone: 'pads', tool: TEN },
      { zone: 'forefoot', mostMm: GRIP_MM },
      { zone: 'hindfoot', mostMm: GRIP_MM },
    ],
    why: 'so that the pads grip',
  },
  hygiene: { serves: () => [{ zone: 'sanitary', tool: TEN }], why: 'so that it stays clean under the tail' },
  wee: { serves: () => [{ zone: 'belly', tool: TEN }], why: 'so that the belly stays dry' },
  'ears-bowl': {
    serves: () => [{ zone: 'ear-edge', mostMm: BOWL_MM }],
    why: 'so that the ears stay out of the bowl',
  },
  friction: { serves: () => [{ zone: 'armpit', tool: TEN }], why: 'so that it mats less where it rubs' },
}

/** The zones that serve an end. */
export const servedBy = (purpose: PurposeId): ZoneId[] => PURPOSE_FACTS[purpose].serves(ANY_DOG).map(({ zone }) => zone)

/** Which zones serve an end does not hang on the dog. */
const ANY_DOG: Stature = { build: 'square', weightKg: 10 }
