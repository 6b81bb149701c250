import { z } from 'zod'

interface HealthKindFact {
  /** As a finding is named: `Hot spot`. */
  label: string
  /** The beginning of a referral: `A hot spot`. */
  said?: string
  /** What the hand does now, where a vet has to look at it. Kovit says what is usual, a vet decides. */
  refer?: string
  /** What the hand does now where no vet is asked. */
  act?: string
  /** The groom ends at once, and the dog goes home or to the vet. */
  ends?: true
  /** Too ill for the warm-air cabinet, and a groom is a strain that the owner agrees to. */
  ill?: true
  /** Does not stand or turn well. */
  stiff?: true
}

const LEAVE = 'leave it alone, note it, tell the owner, vet.'
const NO_PLUCKING = 'no plucking, no deep cleaning, tell the owner, vet.'

/** Everything known of a dog's health, whoever found it. Source of all that is said: common practice. */
const KINDS = {
  'skin-red': { label: 'Red skin' },
  sore: { label: 'Open sore', said: 'An open sore', refer: LEAVE },
  'hot-spot': { label: 'Hot spot', said: 'A hot spot', refer: LEAVE },
  'ear-smell': { label: 'Ear smells', said: 'An ear that smells', refer: NO_PLUCKING },
  'ear-discharge': { label: 'Ear runs', said: 'An ear that runs', refer: NO_PLUCKING },
  'lump-new': {
    label: 'New lump',
    said: 'A new lump',
    refer: 'note its place and size, tell the owner, vet.',
  },
  'lump-changed': {
    label: 'Changed lump',
    said: 'A lump that has changed',
    refer: 'note its place and size, tell the owner, vet.',
  },
  limp: { label: 'Limp', said: 'A limp', refer: 'leave that leg alone, tell the owner, vet.' },
  breathing: {
    label: 'Laboured breath',
    said: 'Laboured breath',
    refer: 'stop the groom here, tell the owner, vet now.',
    ends: true,
    ill: true,
  },
  heart: { label: 'Heart', ill: true },
  seizure: { label: 'Seizures', ill: true },
  diabetic: { label: 'Diabetes' },
  arthritis: { label: 'Arthritis', stiff: true },
  unsteady: { label: 'Unsteady', stiff: true },
  blind: { label: 'Blind', stiff: true },
  deaf: { label: 'Deaf' },
  'in-season': { label: 'In season' },
  stitches: { label: 'Stitches' },
  parasites: {
    label: 'Parasites',
    act: 'isolate, disinfect; last dog of the day, or another day.',
  },
  allergy: { label: 'Allergy' },
  crust: { label: 'Crusts' },
  lump: { label: 'Lump' },
  other: { label: 'Something else' },
} as const satisfies Record<string, HealthKindFact>

export type HealthKind = keyof typeof KINDS
export const HEALTH_KINDS = Object.keys(KINDS) as HealthKind[]
export const HealthKind = z.enum(HEALTH_KINDS as [HealthKind, ...HealthKind[]])

/** What a kind means; every question about kinds is asked here. */
export const kindFacts = (kind: HealthKind): HealthKindFact => KINDS[kind]

/** What hands can find, in the order in which it is offered. */
export const FINDING_KINDS = [
  'lump',
  'sore',
  'hot-spot',
  'skin-red',
  'ear-smell',
  'ear-discharge',
  'limp',
  'breathing',
  'crust',
  'parasites',
  'stitches',
  'other',
] as const satisfies readonly HealthKind[]
export const FindingKind = z.enum(FINDING_KINDS)
export type FindingKind = z.infer<typeof FindingKind>
export const findingWords = (kind: HealthKind): string => KINDS[kind].label
