import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATCH_UPS } from '../catch-up'
import { TRIGGERS } from '../stages'
import { coatToday, makePlan, type Plan } from '../plan'
import { ZONES, type ZoneId } from '../zones'
import { VisitEvent, foldVisit, standing } from '.'
import { QUILL } from '../../../tests/cases'

const BEGUN = makePlan(QUILL)

const zone = fc.constantFrom(...ZONES)
/** What hands may tell the bench before a cut. */
const telling = fc.oneof(
  fc.record({ kind: fc.constant('measured'), zone, lengthMm: fc.integer({ min: 0, max: 200 }) }),
  fc.record({ kind: fc.constant('matted'), zone, grade: fc.integer({ min: 0, max: 4 }) }),
  fc.record({ kind: fc.constant('weighed'), weightKg: fc.integer({ min: 2, max: 60 }) }),
  fc.record({
    kind: fc.constant('behaviour'),
    trigger: fc.constantFrom(...TRIGGERS),
    grade: fc.integer({ min: 0, max: 4 }),
    worked: fc.constant(''),
  }),
  fc.record({ kind: fc.constant('caught-up'), option: fc.constantFrom(...CATCH_UPS) }),
  fc.record({ kind: fc.constant('stage-started'), stage: fc.constantFrom(...BEGUN.stages.map(({ id }) => id)) }),
)
const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
const logOf = (told: readonly object[]) =>
  told.map((each, n) => VisitEvent.parse({ id: id(n), atMs: 1_800_000_000_000 + n, by: 'Wren', ...each }))

const mustsAt = ({ cautions }: Plan, stage: string) =>
  cautions.filter((each) => each.stage === stage && each.level === 'must').map(({ id: caution }) => caution)

describe('whatever hands tell the bench', () => {
  const always = (holds: (now: ReturnType<typeof standing>, log: VisitEvent[]) => void) =>
    fc.assert(
      fc.property(fc.array(telling, { maxLength: 12 }), (told) => {
        const log = logOf(told)
        holds(standing(QUILL, BEGUN, foldVisit(log)), log)
      }),
      { numRuns: 60 },
    )

  it('every zone stands on the card once, never longer than the coat that is there', () =>
    always(({ case: known, plan }) => {
      const present = coatToday(known)
      expect(plan.card.map((entry) => entry.zone).sort()).toEqual([...ZONES].sort())
      for (const entry of plan.card)
        expect(entry.lengthMm, entry.zone).toBeLessThanOrEqual((present.get(entry.zone) ?? 0) + 1e-9)
    }))

  it('stages stay in their order, and none takes less than nothing', () =>
    always(({ plan }) => {
      expect(plan.stages.map((stage) => stage.id)).toEqual(BEGUN.stages.map((stage) => stage.id))
      for (const { p50, p90 } of plan.stages) expect(p50 >= 0 && p90 >= p50).toBe(true)
    }))

  it('where a blade goes the musts of the blade go with it', () =>
    always(({ plan }) => {
      const method = new Map(plan.card.map((entry) => [entry.zone, entry.method]))
      const clips = (at: ZoneId) => ['clip', 'comb'].includes(method.get(at) ?? '')
      for (const stage of plan.stages)
        if (stage.zones.some(clips)) expect(mustsAt(plan, stage.id), stage.id).toContain('blade-heat')
    }))

  it('a dog that bites at the nails today has two handlers there', () =>
    always((_, log) => {
      const bitten = VisitEvent.parse({
        id: id(99),
        atMs: 1_800_000_001_000,
        by: 'Wren',
        kind: 'behaviour',
        trigger: 'nails',
        grade: 4,
        worked: '',
      })
      expect(mustsAt(standing(QUILL, BEGUN, foldVisit([...log, bitten])).plan, 'nails')).toContain('two-handlers')
    }))

  it('five felted zones are never without their consent and its words', () =>
    always((_, log) => {
      const felted = (['back', 'side', 'rump', 'shoulder', 'thigh'] as const).map((at, n) => ({
        ...logOf([{ kind: 'matted', zone: at, grade: 4 }])[0],
        id: id(50 + n),
        atMs: 1_800_000_002_000 + n,
      }))
      const { plan } = standing(QUILL, BEGUN, foldVisit([...log, ...(felted as VisitEvent[])]))
      expect(plan.consents).toContain('pelt')
      expect(plan.cautions.filter((each) => each.id === 'pelt')).toHaveLength(1)
    }))

  it('all of it taken back is the plan that was begun with', () =>
    always((_, log) => {
      const back = log.map((event, n) =>
        VisitEvent.parse({
          id: id(100 + n),
          atMs: 1_800_000_003_000 + n,
          by: 'Wren',
          kind: 'undone',
          undoes: event.id,
        }),
      )
      expect(standing(QUILL, BEGUN, foldVisit([...log, ...back])).plan).toBe(BEGUN)
    }))
})
