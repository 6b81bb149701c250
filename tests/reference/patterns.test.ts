import { describe, expect, it } from 'vitest'
import { TYPICAL_DOG, type PatternId } from '@/core/patterns'
import { Case, makePlan } from '@/core/plan'
import type { ZoneId } from '@/core/zones'

const LONG_ENOUGH_MM = 150

/** The card of a pattern on a coat that is long enough for all of it. */
const cardOf = (pattern: PatternId) =>
  makePlan(
    Case.parse({
      kovit: 'case/1',
      date: '2027-03-02',
      dog: { name: 'Any', ...TYPICAL_DOG[pattern], coat: 'curly', weightKg: 10 },
      coatNowMm: { all: LONG_ENOUGH_MM },
      request: { pattern },
      setting: 'salon',
      slotMin: 120,
    }),
  ).card

/** What handbooks of the trade give as a typical card (common practice). */
const TYPICAL: readonly [pattern: PatternId, zone: ZoneId, cut: object][] = [
  ['clean-face-round', 'cheek', { method: 'clip', blade: '10' }],
  ['clean-face-round', 'forefoot', { method: 'clip', blade: '10', shape: 'clean' }],
  ['clean-face-round', 'throat', { shape: 'V', join: 'line' }],
  ['clean-face-round', 'tail', { method: 'scissor', shape: 'pompon' }],
  ['show-puppy', 'skull', { method: 'band' }],
  ['show-puppy', 'muzzle', { method: 'clip', blade: '15' }],
  ['show-puppy', 'tail-base', { method: 'clip', blade: '15' }],
  ['round-cotton', 'chest', { method: 'comb', comb: '0', lengthMm: 16 }],
  ['round-cotton', 'rump', { method: 'comb', comb: '0', lengthMm: 16 }],
  ['round-cotton', 'side', { method: 'comb', comb: 'A', lengthMm: 19 }],
  ['fusion-flare', 'back', { method: 'clip', blade: '7F', lengthMm: 3.2 }],
  ['fusion-flare', 'muzzle', { shape: 'oval', join: 'line' }],
  ['schnauzer-pattern', 'back', { method: 'clip', blade: '7F' }],
  ['schnauzer-pattern', 'thigh', { method: 'clip', blade: '7F' }],
  ['schnauzer-pattern', 'visor', { shape: 'V' }],
  ['sporting-jacket', 'back', { method: 'clip', blade: '7F' }],
  ['sporting-jacket', 'skull', { method: 'clip', blade: '9' }],
  ['sporting-jacket', 'tail', { shape: 'flag' }],
  ['silky-short', 'back', { method: 'clip', blade: '5F' }],
  ['long-drop', 'back', { method: 'leave' }],
  ['long-drop', 'ear-edge', { method: 'clip', shape: 'tips' }],
  ['parallel-racy', 'ear-out', { method: 'clip', blade: '15', lay: 'against', shape: 'tassel' }],
  ['parallel-racy', 'tail', { method: 'clip', blade: '10', shape: 'shaved' }],
  ['utility-short', 'back', { method: 'clip', blade: '7F' }],
  ['utility-short', 'foreleg', { method: 'clip', blade: '7F' }],
  ['long-natural', 'belly', { method: 'clip', blade: '7F' }],
  ['long-natural', 'lashes', { method: 'leave' }],
  ['winter-tidy', 'back', { method: 'leave' }],
  ['winter-tidy', 'hindfoot', { method: 'scissor', lengthMm: 8 }],
]

describe('the typical card', () => {
  it.each(TYPICAL)('%s at the %s', (pattern, zone, cut) =>
    expect(cardOf(pattern).find((entry) => entry.zone === zone)).toMatchObject(cut),
  )
})
