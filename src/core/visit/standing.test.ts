import { describe, expect, it } from 'vitest'
import { makePlan } from '../plan'
import { VisitEvent, foldVisit, standing } from '.'
import { QUILL } from '../../../tests/cases'

const BEGUN = makePlan(QUILL)
const happened = (n: number, rest: object) =>
  VisitEvent.parse({ id: `00000000-0000-4000-8000-00000000000${n}`, atMs: 1_800_000_000_000 + n, by: 'Wren', ...rest })
const now = (...log: VisitEvent[]) => standing(QUILL, BEGUN, foldVisit(log))
const at = (plan: typeof BEGUN, zone: string) => plan.card.find((entry) => entry.zone === zone)

describe('what is found on the bench', () => {
  const ear = { kind: 'ear-discharge', zone: 'ear-canal', side: 'left', sizeMm: null, status: 'new', words: '' }
  const found = (n: number, rest: object = {}) => happened(n, { kind: 'finding', finding: { ...ear, ...rest } })
  const left = (plan: typeof BEGUN) => plan.card.find(({ zone, side }) => zone === 'ear-canal' && side !== 'right')
  it('changes the plan as it stands: an ear that runs is left alone on the card, with a referral that names it', () => {
    expect(left(BEGUN)?.method).not.toBe('leave')
    const { plan } = now(found(1))
    expect(left(plan)?.method).toBe('leave')
    expect(plan.refer.map(({ zone, why }) => [zone, why.slice(0, 43)])).toContainEqual([
      'ear-canal',
      'An ear that runs at the left ear canal: no ',
    ])
    expect(plan.cautions.some(({ id, zone }) => id === 'stop-and-refer' && zone === 'ear-canal')).toBe(true)
  })
  it('gone ends it', () => expect(left(now(found(1), found(2, { status: 'gone' })).plan)).toEqual(left(BEGUN)))
  it('comes too late for a zone that is cut already; it is minded all the same', () => {
    const { plan } = now(
      happened(1, { kind: 'stage-started', stage: 'ears' }),
      happened(2, { kind: 'stage-started', stage: 'nails' }),
      found(3),
    )
    expect(left(plan)?.method).not.toBe('leave')
    expect(plan.refer.some(({ zone }) => zone === 'ear-canal')).toBe(true)
  })
})

describe('the plan as it stands on the bench', () => {
  it('is the one that was begun with, as long as nothing was measured', () => expect(now().plan).toBe(BEGUN))
  it('follows the hand: coat that is not there cannot be left on', () => {
    const wanted = at(BEGUN, 'foreleg')?.lengthMm ?? 0
    const { plan } = now(happened(1, { kind: 'measured', zone: 'foreleg', lengthMm: wanted - 8 }))
    expect(at(plan, 'foreleg')?.lengthMm).toBeLessThanOrEqual(wanted - 8)
    expect(plan.growing.map(({ zone }) => zone)).toContain('foreleg')
    expect(at(plan, 'back')).toEqual(at(BEGUN, 'back'))
  })
  it('measures the tail alone, not all that hangs on it', () => {
    const { plan } = now(happened(1, { kind: 'measured', zone: 'tail', lengthMm: 3 }))
    expect(at(plan, 'tail')?.lengthMm).toBeLessThanOrEqual(3)
    expect(at(plan, 'tail-tip')).toEqual(at(BEGUN, 'tail-tip'))
  })
  it('takes longer by the mats that were graded', () => {
    const minutes = ({ stages }: typeof BEGUN) => stages.find(({ id }) => id === 'brush-out')?.p50 ?? 0
    const { plan } = now(happened(1, { kind: 'matted', zone: 'thigh', grade: 2 }))
    expect(minutes(plan)).toBeGreaterThan(minutes(BEGUN))
  })
  it('keeps the stages and their order, whatever is measured', () => {
    const ids = ({ stages }: typeof BEGUN) => stages.map(({ id }) => id)
    const { plan } = now(
      happened(1, { kind: 'measured', zone: 'back', lengthMm: 90 }),
      happened(2, { kind: 'matted', zone: 'belly', grade: 3 }),
    )
    expect(ids(plan)).toEqual(ids(BEGUN))
  })
  it('the last word on a zone counts; taken back it counts no more', () => {
    const twice = [
      happened(1, { kind: 'measured', zone: 'back', lengthMm: 9 }),
      happened(2, { kind: 'measured', zone: 'back', lengthMm: 70 }),
    ]
    expect(now(...twice).case.coatSidesMm?.back).toEqual({ left: 70, right: 70 })
    const back = happened(3, { kind: 'undone', undoes: '00000000-0000-4000-8000-000000000002' })
    expect(now(...twice, back).case.coatSidesMm?.back?.left).toBe(9)
  })
})

describe('what has to be minded now', () => {
  const arrived = [
    happened(1, { kind: 'stage-started', stage: 'arrive' }),
    happened(2, { kind: 'stage-started', stage: 'look-over' }),
  ]
  const felted = (['back', 'side', 'rump', 'thigh', 'foreleg'] as const).map((zone, n) =>
    happened(3 + n, { kind: 'matted', zone, grade: 4 }),
  )
  const stagesOf = ({ plan }: ReturnType<typeof now>, id: string) =>
    plan.cautions.filter((each) => each.id === id).map(({ stage }) => stage)

  it('a dog found to be a pelt has to be signed for, and it is said where the hand is', () => {
    const found = now(...arrived, ...felted)
    expect(BEGUN.consents).toEqual([])
    expect(found.plan.consents).toEqual(['pelt'])
    expect(stagesOf(found, 'pelt')).toEqual(['look-over'])
  })
  it('unseen it goes on with the hand, seen it stays behind', () => {
    const on = happened(8, { kind: 'stage-started', stage: 'brush-out' })
    expect(stagesOf(now(...arrived, ...felted, on), 'pelt')).toEqual(['brush-out'])
    const seen = happened(9, { kind: 'cautions-seen', stage: 'brush-out', cautions: ['pelt'] })
    expect(stagesOf(now(...arrived, ...felted, on, seen), 'pelt')).toEqual(['look-over'])
  })
  it('a dog that was warned of before the start is warned of there', () => {
    const known = { ...QUILL, mats: { back: 4, side: 4, rump: 4, thigh: 4, foreleg: 4 } }
    const plan = makePlan(known)
    const measured = foldVisit([...arrived, happened(3, { kind: 'measured', zone: 'neck', lengthMm: 9 })])
    const first = standing(known, plan, measured).plan.cautions.filter(({ id }) => id === 'pelt')
    expect(first.map(({ stage }) => stage)).toEqual(['arrive'])
  })
  it('the scale has the last word on lifting', () => {
    expect(stagesOf(now(happened(1, { kind: 'weighed', weightKg: 10 })), 'lift')).toEqual([])
    expect(stagesOf(now(happened(1, { kind: 'weighed', weightKg: 11.5 })), 'lift')).toEqual(['look-over'])
  })
  it('how it takes the nails today decides there, whatever was known', () => {
    const at = (grade: number) => now(happened(1, { kind: 'behaviour', trigger: 'feet', grade, worked: '' }))
    expect(stagesOf(at(4), 'two-handlers')).toContain('nails')
    expect(stagesOf(at(1), 'two-handlers')).not.toContain('nails')
  })
  it('feet that are rounded by clipper to catch up want the blade felt, which scissors did not', () => {
    expect(stagesOf({ case: QUILL, plan: BEGUN }, 'blade-heat')).not.toContain('feet')
    expect(stagesOf(now(happened(1, { kind: 'caught-up', option: 'clip-feet' })), 'blade-heat')).toContain('feet')
  })
})
