import { readFileSync } from 'node:fs'
import { Case, makePlan, type Plan } from '@/core/plan'
import type { CardEntry } from '@/core/request'
import type { ZoneId } from '@/core/zones'

/** A dog with everything: mats, behaviour, health, wishes, a last card. The command line's example. */
export const QUILL: Case = Case.parse(JSON.parse(readFileSync('tests/cases/quill.json', 'utf8')))

/** A dog with nothing but its coat. */
export const PLAIN: Case = {
  kovit: 'case/1',
  date: '2027-03-02',
  dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 19, visits: 6, ageMonths: 48 },
  coatNowMm: { all: 38 },
  request: { pattern: 'one-length' },
  setting: 'salon',
  slotMin: 240,
}

/** Its plan, with what a test adds. */
export const plan = (change: Partial<Case>): Plan => makePlan(Case.parse({ ...PLAIN, ...change }))

/** What a plan does at a zone. @throws when it is not on the card */
export function at(made: Plan, zone: ZoneId): CardEntry {
  const entry = made.card.find((each) => each.zone === zone)
  if (!entry) throw new Error(`no ${zone}`)
  return entry
}
