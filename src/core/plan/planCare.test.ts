import { describe, expect, it } from 'vitest'
import { PLAIN, at, plan } from '../../../tests/cases'
import { STAGES } from '../stages'
import { Case, type Plan } from '.'

describe('mats', () => {
  it('grade 2 is worked out: 5 min more brushing, the comb still goes', () => {
    const [calm, matted] = [plan({}), plan({ mats: { armpit: 2 } })]
    const brush = (made: Plan) => made.stages.find(({ id }) => id === 'brush-out')?.p50 ?? 0
    expect(brush(matted) - brush(calm)).toBeCloseTo(5, 5)
    expect(at(matted, 'armpit').method).toBe('comb')
  })
  it('grade 4 takes the blade under it: 3.2 mm, and the wish grows back', () => {
    const made = plan({ mats: { back: 4 } })
    expect(at(made, 'back')).toMatchObject({ method: 'clip', blade: '7F', lengthMm: 3.2 })
    expect(made.growing).toMatchObject([{ zone: 'back', wantedMm: 9.5, presentMm: 3.2 }])
  })
  it('grade 3 is combed out on a patient dog, and not on one that struggles', () => {
    expect(at(plan({ mats: { back: 3 } }), 'back').method).toBe('comb')
    expect(at(plan({ mats: { back: 3 }, behaviour: { brush: 3 } }), 'back').method).toBe('clip')
  })
  it('five shaved zones want the owner’s consent', () => {
    expect(plan({ mats: { back: 4, side: 4, rump: 4, chest: 4, tail: 4 } }).consents).toEqual(['pelt'])
    expect(plan({ mats: { back: 4 } }).consents).toEqual([])
  })
})

describe('safety above the wish', () => {
  it('no skip-tooth blade on thin skin, and the reason says so', () => {
    const made = plan({ request: { tools: { tuck: { blade: '7', lay: 'with' }, back: { blade: '7', lay: 'with' } } } })
    expect(at(made, 'tuck').blade).toBe('7F')
    expect(at(made, 'tuck').why).toContain('7 asked, 7F taken')
  })
  it('red skin gets a 10 for a 15', () => {
    const made = plan({
      request: { tools: { cheek: { blade: '15', lay: 'with' } } },
      health: [{ kind: 'skin-red', zone: 'cheek' }],
    })
    expect(at(made, 'cheek').blade).toBe('10')
  })
  it('an open sore is left alone and refers', () => {
    const made = plan({ health: [{ kind: 'sore', zone: 'thigh' }] })
    expect(at(made, 'thigh').method).toBe('leave')
    expect(made.refer.map(({ kind }) => kind)).toEqual(['sore'])
  })
  it('laboured breath stops the groom after the look-over', () =>
    expect(plan({ health: [{ kind: 'breathing' }] }).stages.map(({ id }) => id)).toEqual([
      'arrive',
      'look-over',
      'handover',
    ]))
  it('a clipped lip brings the caution to the stage where the hand is', () => {
    const made = plan({})
    const stage = made.stages.find(({ zones }) => zones.includes('lips'))?.id
    expect(made.cautions).toContainEqual(expect.objectContaining({ id: 'mouth-shut', level: 'must', stage }))
  })
})

describe('stages', () => {
  it('a salon dog waits in the cabinet; a van dog, an old one or one that fears the dryer does not', () => {
    const wait = (made: Plan) => made.stages.find(({ id }) => id === 'dry')?.waitMin
    expect(wait(plan({}))).toBe(15)
    expect(wait(plan({ setting: 'mobile' }))).toBe(0)
    expect(wait(plan({ dog: { ...PLAIN.dog, ageMonths: 150 } }))).toBe(0)
    expect(wait(plan({ behaviour: { dryer: 3 } }))).toBe(0)
  })
  it('a frightened dog’s plan says why a stage takes longer, an old one that it needs rests', () => {
    const why = (made: Plan, stage: string) => made.stages.find(({ id }) => id === stage)?.why
    expect(why(plan({ behaviour: { dryer: 3 } }), 'dry')).toBe('Dried by hand. Minds it, 3 of 4: 50 % more time.')
    expect(why(plan({ dog: { ...PLAIN.dog, ageMonths: 150 } }), 'look-over')).toBe(
      'Short bouts: let it sit or lie, leave out one style.',
    )
    expect(why(plan({}), 'look-over')).toBe('')
  })
  it('a house’s limits make the plan: mats are borne less long, slots cut finer and promised surer', () => {
    const mats = { armpit: 3, belly: 2 }
    const under = (made: Plan) => at(made, 'armpit').lengthMm
    expect(under(plan({ mats, house: { ...house, brushLimitMin: 10 } }))).toBe(3.2)
    expect(under(plan({ mats }))).toBeGreaterThan(3.2)
    const slot = (chancePercent: number) =>
      plan({ house: { ...house, chancePercent, slotStepMin: 5 } }).fit.shortestSlotMin
    expect(slot(60)).toBeLessThan(slot(95))
    expect(slot(60) % 5).toBe(0)
  })
  it('a puppy is shaved after the dry, and the plan says so', () => {
    const made = plan({ dog: { ...PLAIN.dog, ageMonths: 8 } })
    expect(made.stages.map(({ id }) => id)).not.toContain('pre-clip')
    expect(made.left.find(({ id }) => id === 'pre-clip')?.why).toMatch(/young and wriggles/)
    expect(made.breaks).toEqual([])
    const unshaved = plan({ dog: { ...PLAIN.dog, ageMonths: 8 }, request: { pattern: 'bath-tidy' } })
    expect(unshaved.left.find(({ id }) => id === 'pre-clip')?.why).toBe('Nothing is cut here today.')
  })
  it('a house’s water limit is in the bath and at every tub stage', () => {
    const made = plan({ house: { ...house, waterMaxC: 36 } })
    expect(made.bath.waterMaxC).toBe(36)
    expect(made.cautions.find(({ id }) => id === 'lukewarm')?.why).toBe('Lukewarm water, never above 36 °C.')
    expect(plan({}).bath.waterMaxC).toBe(38)
    expect(Case.safeParse({ ...PLAIN, house: { ...house, waterMaxC: 45 } }).error?.issues[0]?.message).toBe(
      'The water must be 30 to 38 °C.',
    )
  })
  it('says who should be there for a dog that takes people, dogs or the work hard', () => {
    const arrive = (behaviour: Case['behaviour']) => plan({ behaviour }).stages.find(({ id }) => id === 'arrive')?.why
    expect(arrive({ people: 2, brush: 3 })).toBe('')
    expect(arrive({ dryer: 4 })).toBe('A second pair of hands from the start.')
    expect(arrive({ people: 3, dogs: 3 })).toBe(
      'The same groomer all through, and nobody else near. No other dog in the room.',
    )
  })
  it('asks two to lift a heavy dog, unless the table comes down or the dog walks up', () => {
    const ids = (tableLift: 'by-hand' | 'electric-or-ramp') =>
      plan({ dog: { ...PLAIN.dog, weightKg: 20 }, house: { ...house, tableLift } }).cautions.map(({ id }) => id)
    expect(ids('by-hand')).toContain('lift')
    expect(ids('electric-or-ramp')).not.toContain('lift')
    expect(ids('electric-or-ramp')).not.toContain('two-handlers')
  })
  it('bath and tidy leaves the clipper stages out and says why', () => {
    const made = plan({ request: { pattern: 'bath-tidy' } })
    expect(made.stages.map(({ id }) => id)).not.toContain('body')
    expect(made.left).toContainEqual({ id: 'body', why: 'Nothing is cut here today.' })
  })
  it('keeps a groomer’s own order and lists what it breaks', () => {
    const order = [...STAGES].filter((id) => id !== 'nails' && id !== 'second-wash')
    const made = plan({ order: ['feet', 'nails', ...order.filter((id) => id !== 'feet')] })
    expect(made.stages[0]?.id).toBe('feet')
    expect(made.breaks.filter(({ after }) => after === 'feet').map(({ before }) => before)).toEqual(['nails', 'pads'])
  })
  it('nails in the bath fill the conditioner’s wait', () => {
    const [before, inside] = [plan({}), plan({ house: { ...house, nailsWhen: 'in-bath' } })]
    expect(inside.fit.p50).toBeLessThan(before.fit.p50 - 4)
  })
  const house = {
    earHair: 'clip',
    earsWhen: 'before-bath',
    nailsWhen: 'before-bath',
    roughIn: 'auto',
    faceFeetWhen: 'before-bath',
    brushFirst: 'before-rough',
    footLift: 'on-table',
    startAt: 'body',
    bridge: 'leave',
    backbrush: 'no',
    difficultDog: 'short-and-kind',
    tableLift: 'by-hand',
  } as const
})
