import { z } from 'zod'
import { Day } from '../units'
import { Side, ZoneId, zoneLabel } from '../zones'
import { FindingKind, HealthKind, kindFacts } from './kinds'

export const FINDING_STATES = ['new', 'same', 'changed', 'gone'] as const
export const FindingState = z.enum(FINDING_STATES)
export type FindingState = z.infer<typeof FindingState>

const sizeMm = z
  .number()
  .min(0.5, { error: 'Give the size in mm, from 0.5.' })
  .max(400, { error: 'A size cannot be above 400 mm.' })
  .nullable()
const words = z.string().trim().max(400, { error: 'Keep the words to 400 characters.' })

/**
 * One thing about a dog's health: found by hands on a visit, or known from the owner. Without a zone it is about the
 * whole dog, without a side about both. Size in mm.
 */
export const HealthFact = z.strictObject({
  kind: HealthKind,
  zone: ZoneId.optional(),
  side: Side.nullable().optional(),
  sizeMm: sizeMm.optional(),
  status: FindingState.optional(),
  words: words.optional(),
  /** Id of its picture, where one was taken. */
  photo: z.uuid().optional(),
  /** Known since, and from whom. */
  since: Day.optional(),
  saidBy: z.string().max(60).optional(),
})
export type HealthFact = z.infer<typeof HealthFact>

/** A fact as hands and eyes found it at one place on one day; never what it is. */
export const Finding = HealthFact.omit({ since: true, saidBy: true }).extend({
  kind: FindingKind,
  zone: ZoneId,
  side: Side.nullable(),
  sizeMm,
  status: FindingState,
  words,
})
export type Finding = z.infer<typeof Finding>

/** Where a fact is: `left side`; empty when it is about the whole dog. */
export const placeWords = ({ zone, side }: Pick<HealthFact, 'zone' | 'side'>): string =>
  zone === undefined ? '' : [side, zoneLabel(zone).toLowerCase()].filter(Boolean).join(' ')

/** The same thing at the same place over the visits; a lump stays the same lump when it is new or has changed. */
export const findingKey = ({ kind, zone, side }: Pick<HealthFact, 'kind' | 'zone' | 'side'>): string =>
  `${kind.startsWith('lump') ? 'lump' : kind} ${zone ?? ''} ${side ?? ''}`

/** The kind as a plan and its referrals name it: a lump by its status; one that is known and unchanged asks for nothing. */
export function planKind({ kind, status }: HealthFact): HealthKind {
  if (kind !== 'lump') return kind
  if (status === 'new') return 'lump-new'
  return status === 'changed' ? 'lump-changed' : kind
}

/** Whether a vet has to look at it. */
export const refers = (fact: HealthFact): boolean =>
  fact.status !== 'gone' && kindFacts(planKind(fact)).refer !== undefined

/** The referral in a sentence that names the place; null where none is due. */
export function referWords(fact: HealthFact): string | null {
  const { said, refer } = kindFacts(planKind(fact))
  if (!refers(fact) || !refer) return null
  const place = placeWords(fact)
  return `${said}${place ? ` at the ${place}` : ''}: ${refer}`
}

/** What a fact asks of the hand now; null when it is only kept in mind. */
export function stopWords(fact: HealthFact): string | null {
  const { refer, act } = kindFacts(planKind(fact))
  const words = refer ?? act
  return fact.status === 'gone' || words === undefined ? null : words.charAt(0).toUpperCase() + words.slice(1)
}

/** Whether a fact ends the groom at once: the dog goes home or to the vet. */
export const endsGroom = (fact: HealthFact): boolean => fact.status !== 'gone' && kindFacts(fact.kind).ends === true

/** What is still there after a row of facts, oldest first: the latest word on each, without what is gone. */
export function openFindings<T extends HealthFact>(findings: readonly T[]): T[] {
  const latest = new Map(findings.map((finding) => [findingKey(finding), finding]))
  return [...latest.values()].filter(({ status }) => status !== 'gone')
}

/** Whether two facts are about the same thing: one kind at one zone, and not on opposite sides. */
export const isSameThing = (a: HealthFact, b: HealthFact): boolean =>
  findingKey({ ...a, side: null }) === findingKey({ ...b, side: null }) && (!a.side || !b.side || a.side === b.side)

/** What stands once some findings are known as well, oldest first: each is the last word on its thing, and *gone* ends it. */
export function factsAfter(known: readonly HealthFact[], found: readonly Finding[]): HealthFact[] {
  return found.reduce<HealthFact[]>(
    (facts, finding) => {
      const before = facts.find((fact) => isSameThing(fact, finding))
      const others = facts.filter((fact) => !isSameThing(fact, finding))
      return finding.status === 'gone' ? others : [...others, { ...before, ...finding }]
    },
    [...known],
  )
}
