import { z } from 'zod'
import { Side, ZoneId, zoneLabel } from '../zones'

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
] as const
export const FindingKind = z.enum(FINDING_KINDS)
export type FindingKind = z.infer<typeof FindingKind>
export const FINDING_STATES = ['new', 'same', 'changed', 'gone'] as const
export const FindingState = z.enum(FINDING_STATES)
export type FindingState = z.infer<typeof FindingState>

/** What hands and eyes found at one place on one day; never what it is. Size in mm. */
export const Finding = z.strictObject({
  kind: FindingKind,
  zone: ZoneId,
  side: Side.nullable(),
  sizeMm: z
    .number()
    .min(0.5, { error: 'Give the size in mm, from 0.5.' })
    .max(400, { error: 'A size cannot be above 400 mm.' })
    .nullable(),
  status: FindingState,
  words: z.string().trim().max(400, { error: 'Keep the words to 400 characters.' }),
  /** Id of its picture, where one was taken. */
  photo: z.uuid().optional(),
})
export type Finding = z.infer<typeof Finding>

const WORDS: Record<FindingKind, string> = {
  lump: 'Lump',
  sore: 'Open sore',
  'hot-spot': 'Hot spot',
  'skin-red': 'Red skin',
  'ear-smell': 'Ear smells',
  'ear-discharge': 'Ear runs',
  limp: 'Limp',
  breathing: 'Laboured breath',
  crust: 'Crusts',
  parasites: 'Parasites',
  stitches: 'Stitches',
  other: 'Something else',
}
export const findingWords = (kind: FindingKind): string => WORDS[kind]

/** Where a finding is: `left side`. */
export const placeWords = ({ zone, side }: Pick<Finding, 'zone' | 'side'>): string =>
  [side, zoneLabel(zone).toLowerCase()].filter(Boolean).join(' ')

/** The same thing at the same place over the visits. */
export const findingKey = ({ kind, zone, side }: Finding): string => `${kind} ${zone} ${side ?? ''}`

const STOPS: Partial<Record<FindingKind, string>> = {
  sore: 'Leave it alone. Note it, tell the owner, vet.',
  'hot-spot': 'Leave it alone. Note it, tell the owner, vet.',
  'ear-smell': 'No plucking, no deep cleaning. Tell the owner, vet.',
  'ear-discharge': 'No plucking, no deep cleaning. Tell the owner, vet.',
  limp: 'Leave that leg alone. Tell the owner, vet.',
  breathing: 'Stop the groom here. Tell the owner, vet now.',
  parasites: 'Isolate, disinfect; last dog of the day, or another day.',
}

/** What a finding asks of the hand now; null when it is only kept in mind. Kovit says what is usual, a vet decides. */
export function stopWords({ kind, status }: Finding): string | null {
  if (status === 'gone') return null
  if (kind === 'lump') return status === 'same' ? null : 'Note its place and size, tell the owner, vet.'
  return STOPS[kind] ?? null
}

/** Whether a finding ends the groom at once: the dog goes home or to the vet. Source: common practice. */
export const endsGroom = ({ kind, status }: Finding): boolean => kind === 'breathing' && status !== 'gone'

/** What is still there after a row of findings, oldest first: the latest word on each, without what is gone. */
export function openFindings<T extends Finding>(findings: readonly T[]): T[] {
  const latest = new Map(findings.map((finding) => [findingKey(finding), finding]))
  return [...latest.values()].filter(({ status }) => status !== 'gone')
}
