import { describe, expect, it } from 'vitest'
import { ZONES } from '../zones'
import { STAGES, STAGE_FACTS, behaviourAt, notedAt, stageOfZone, stepsOf } from '.'

describe('where the hand is', () => {
  it('every zone has its stage', () => {
    for (const zone of ZONES) expect(STAGES).toContain(stageOfZone(zone, false, true))
  })
  it.each([
    ['muzzle', false, true, 'head'],
    ['muzzle', true, true, 'pre-clip'],
    ['muzzle', true, false, 'flat-work'],
    ['forefoot', true, true, 'pre-clip'],
    ['forefoot', true, false, 'feet'],
    ['belly', false, true, 'underline'],
    ['belly', true, true, 'sanitary'],
    ['back', true, true, 'body'],
    ['ear-canal', false, true, 'ears'],
    ['tail-base', true, true, 'tail'],
  ] as const)('%s, shaved %s, face and feet first %s: %s', (zone, shaved, first, stage) =>
    expect(stageOfZone(zone, shaved, first)).toBe(stage),
  )
})

describe('what a dog minds', () => {
  it('the table counts at every table stage and nowhere else', () => {
    for (const stage of STAGES)
      expect(behaviourAt(stage, { table: 3 })).toBe(STAGE_FACTS[stage].needs === 'table' ? 3 : 0)
  })
  it.each([
    ['brush', ['brush-out', 'comb-through']],
    ['bath', ['wash', 'second-wash', 'condition', 'rinse']],
    ['dryer', ['dry']],
    ['face', ['flat-work', 'head']],
    ['feet', ['nails', 'pads', 'feet']],
    ['clipper', ['rough-in', 'pre-clip', 'sanitary', 'pads', 'body', 'flat-work']],
    ['rear', ['sanitary', 'legs', 'tail']],
    ['people', []],
  ] as const)('%s counts at %s', (trigger, stages) =>
    expect(STAGES.filter((stage) => behaviourAt(stage, { [trigger]: 2 }) === 2)).toEqual(stages),
  )
})

describe('inside a stage', () => {
  it('the wash goes body before head, the head from chin to ears, the foot stands before it is lifted (common practice)', () => {
    const before = (stage: 'wash' | 'head' | 'feet', a: RegExp, b: RegExp) => {
      const at = (words: RegExp) => stepsOf(stage).findIndex((step) => words.test(step))
      return at(a) >= 0 && at(a) < at(b)
    }
    expect(before('wash', /Body/, /Head/)).toBe(true)
    expect(['Chin', 'Visor', 'Skull', 'Cheeks', 'Ears'].map((words) => stepsOf('head').indexOf(words))).toEqual([
      0, 2, 3, 4, 5,
    ])
    expect(before('feet', /Standing/, /lift/)).toBe(true)
  })

  const CALM = {
    footLift: 'on-table',
    backbrush: 'no',
    difficultDog: 'short-and-kind',
    stands: true,
    minds: 0,
    young: false,
  } as const
  it('a house that lifts feet lifts them low, and never blind', () => {
    expect(stepsOf('feet', CALM).at(-1)).toBe('Then lift and clear what passes the pad')
    expect(stepsOf('feet', { ...CALM, footLift: 'lifted' }).at(-1)).toMatch(
      /only low, a trusted dog, never open shears/,
    )
  })
  it('back-brushes what stands, never what falls', () => {
    expect(stepsOf('comb-through', { ...CALM, backbrush: 'yes' })).toContain('Backbrush what stands')
    expect(stepsOf('comb-through', { ...CALM, backbrush: 'yes', stands: false })).not.toContain('Backbrush what stands')
  })
  it('begins with a difficult dog as the house does, and with a young one at the look-over', () => {
    expect(stepsOf('body', { ...CALM, minds: 3 })[0]).toBe('Firm, quiet, no fuss, done fast')
    expect(stepsOf('body', { ...CALM, minds: 3, difficultDog: 'explore-first' })[0]).toMatch(/sniff/)
    expect(stepsOf('look-over', { ...CALM, young: true, difficultDog: 'explore-first' })[0]).toMatch(/sniff/)
    expect(stepsOf('body', { ...CALM, young: true })).toEqual(stepsOf('body'))
  })
})

describe('what is asked about at a stage', () => {
  it.each([
    ['arrive', 'people'],
    ['look-over', 'table'],
    ['dry', 'dryer'],
    ['head', 'face'],
    ['underline', 'table'],
    ['handover', 'dogs'],
    ['towel', null],
  ] as const)('%s: %s', (stage, trigger) => expect(notedAt(stage)).toBe(trigger))
})
