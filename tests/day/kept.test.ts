import { describe, expect, it } from 'vitest'
import type { z } from 'zod'
import {
  absentFrom,
  costOf,
  HouseDay,
  keptDay,
  planDay,
  plannedDay,
  proposalOf,
  rehearsed,
  tellsOf,
  type DayPlan,
} from '@/core/day'
import { DAY_SIGMA } from '@/core/pace'
import { stageLabel } from '@/core/stages'
import { STAGE_SIGMA } from '@/core/time'
import { at } from './at'
import { madeDay } from './make'
import { heldShares } from './playApart'
import { clashesOf } from './validate'

type Input = z.input<typeof HouseDay>
const SIZE = { dogs: 5, groomers: 2, bathers: 1 }
const made = (seed: number, more: Partial<Input> = {}): Input => ({ ...madeDay(seed, SIZE), ...more })
const parsed = (day: Input) => HouseDay.parse(day)
const dogOf = (day: Input, id: string, more: Partial<Input['dogs'][number]>): Input => ({
  ...day,
  dogs: day.dogs.map((dog) => (dog.id === id ? { ...dog, ...more } : dog)),
})

describe('what somebody has fixed', () => {
  it('is kept: who does a stage, and not before when; the rest is planned around it, and no hard rule is broken', () => {
    for (let seed = 1; seed <= 6; seed++) {
      const day = dogOf(made(seed), 'dog2', {
        locks: [
          { stage: 'wash', person: 'groomer2', from: '11:30' },
          { stage: 'head', person: 'groomer2' },
        ],
      })
      const plan = planDay(parsed(day))
      const rows = plan.work.filter(({ dog, kind }) => dog === 'dog2' && kind === 'hands')
      const wash = rows.find(({ stage }) => stage === 'wash')
      expect([seed, wash?.person, at(wash?.from ?? '00:00') >= at('11:30')]).toEqual([seed, 'groomer2', true])
      // One groomer does the whole trim: who is fixed to the head has the body too.
      expect(rows.find(({ stage }) => stage === 'body')?.person).toBe('groomer2')
      expect([seed, clashesOf(day, plan)]).toEqual([seed, []])
    }
  })
  it('a dog that is not to stand in a bay stands in none', () => {
    let inBays = 0
    for (let seed = 1; seed <= 6; seed++) {
      const narrow = made(seed, { stations: { table: 1, tub: 1, dryer: 1, cabinet: 0, bay: 3 } })
      const plain = planDay(parsed(narrow))
      const waiting = plain.work.find(({ station }) => station?.startsWith('bay'))?.dog
      if (waiting === undefined) continue
      inBays++
      const plan = planDay(parsed(dogOf(narrow, waiting, { noBay: true })))
      expect(plan.work.filter(({ dog, station }) => dog === waiting && station?.startsWith('bay'))).toEqual([])
    }
    expect(inBays).toBeGreaterThan(2)
  })
  it('is refused by its field where it cannot be', () => {
    const locks = [
      { stage: 'head' as const, person: 'bather1' },
      { stage: 'tail' as const },
      { stage: 'wash' as const, person: 'nobody' },
    ]
    const { error } = HouseDay.safeParse(dogOf(made(1), 'dog1', { locks }))
    expect(error?.issues.map(({ path, message }) => `${path.join('.')}: ${message}`)).toEqual([
      'dogs.0.locks.0.person: A bather does not do this stage.',
      'dogs.0.locks.1.stage: This stage is not of this dog.',
      'dogs.0.locks.2.person: This person is not in the day.',
    ])
  })
})

describe('a plan that was taken', () => {
  it('is itself as long as nothing else happens: the same hands at the same times', () => {
    for (let seed = 1; seed <= 10; seed++) {
      const day = parsed(madeDay(seed, seed % 2 ? SIZE : { dogs: 8, groomers: 2, bathers: 2 }))
      const plan = planDay(day)
      const kept = keptDay(day, plan).plan
      const hands = ({ work }: DayPlan) =>
        work.flatMap(({ dog, stage, person, from, kind }) =>
          kind === 'hands' ? [`${dog} ${stage} ${person} ${from}`] : [],
        )
      expect([seed, hands(kept).sort()]).toEqual([seed, hands(plan).sort()])
    }
  })
  it('moved on by a dog that runs late keeps its hands, breaks no hard rule, and begins nothing earlier', () => {
    for (let seed = 1; seed <= 6; seed++) {
      const { day, plan } = runningLate(seed)
      const kept = keptDay(parsed(day), plan).plan
      expect([seed, clashesOf(day, kept)]).toEqual([seed, []])
      for (const row of kept.work.filter(({ kind }) => kind === 'hands')) {
        const was = plan.work.find((each) => each.dog === row.dog && each.stage === row.stage && each.kind === 'hands')
        expect([row.dog, row.stage, row.person]).toEqual([row.dog, row.stage, was?.person])
        expect(at(row.from)).toBeGreaterThanOrEqual(at(was?.from ?? '23:59'))
      }
    }
  })
  it('does not lose a dog that was booked since', () => {
    const day = made(3)
    const plan = planDay(parsed({ ...day, dogs: day.dogs.slice(1) }))
    const kept = keptDay(parsed(day), plan).plan
    expect(kept.dogs.map(({ id }) => id)).toContain('dog1')
    expect(clashesOf(day, kept)).toEqual([])
  })
})

/** A day an hour after its first dog came, which is still at its first stage: everything behind it is late. */
function runningLate(seed: number): { day: Input; plan: DayPlan } {
  const before = made(seed)
  const plan = planDay(parsed(before))
  const first = plan.work.find(({ kind }) => kind === 'hands') as DayPlan['work'][number]
  const now = `${String(Math.floor((at(first.from) + 60) / 60)).padStart(2, '0')}:${first.from.slice(3)}`
  const others = plan.work.filter(({ dog, from }) => dog !== first.dog && at(from) < at(now)).map(({ dog }) => dog)
  const happened = [{ ...first, stage: first.stage, to: null, person: first.person, kind: undefined }].map(
    ({ dog, stage, person, from, to, station }) => ({ dog, stage, person, from, to, station }),
  )
  // Whoever should have come meanwhile has not.
  return {
    day: { ...before, now, happened, dogs: before.dogs.map((dog) => (others.includes(dog.id) ? { ...dog } : dog)) },
    plan,
  }
}

describe('a proposal', () => {
  it('is made only where planning again wins something, says it in three sentences, and what it wins is true', () => {
    let proposed = 0
    for (let seed = 1; seed <= 6; seed++) {
      const { day, plan } = runningLate(seed)
      const asked = parsed(day)
      const [kept, anew] = [keptDay(asked, plan), plannedDay(asked)]
      const proposal = proposalOf(asked, plan, kept, anew)
      const count = ({ breaks }: DayPlan) => breaks.filter(({ rule }) => rule === 'promise').length
      const ends = /ends the day (\d+) min earlier/.exec(proposal?.wins ?? '')
      if (ends) expect(at(kept.plan.end.at) - at(anew.plan.end.at)).toBe(Number(ends[1]))
      if (count(anew.plan) < count(kept.plan)) expect(proposal?.wins).toMatch(/promises? more/)
      if (proposal === null) continue
      proposed++
      for (const sentence of [proposal.changes, proposal.tell, proposal.wins]) expect(sentence).toMatch(/^[A-Z].*\.$/)
    }
    expect(proposed).toBeGreaterThan(0)
  })
  it('a search that goes on from a plan finds none that is worse', () => {
    for (let seed = 1; seed <= 6; seed++) {
      const day = parsed(made(seed))
      const plan = planDay(day)
      const again = plannedDay(day, undefined, plan).plan
      expect([seed, at(again.end.at) <= at(plan.end.at)]).toEqual([seed, true])
      const broken = ({ breaks }: DayPlan) => breaks.filter(({ rule }) => rule === 'promise').length
      expect(broken(again)).toBeLessThanOrEqual(broken(plan))
      expect([seed, clashesOf(made(seed), again)]).toEqual([seed, []])
    }
  })
  it('a search goes on from a plan in which somebody needs a break as well', () => {
    const long: Input = {
      ...made(2, { people: [{ id: 'groomer1', role: 'groomer', from: '08:30', to: '20:00' }] }),
      dogs: made(2).dogs.map((dog) => ({ ...dog, promise: '19:30', groomer: undefined })),
    }
    const day = parsed(long)
    const plan = planDay(day)
    const again = plannedDay(day, undefined, plan).plan
    expect(clashesOf(long, again)).toEqual([])
    expect(at(again.end.at)).toBeLessThanOrEqual(at(plan.end.at))
    expect(at(plan.end.at) - at(plan.work[0]?.from ?? '00:00')).toBeGreaterThan(360)
  })
  it('what cannot be done as it was fixed is proposed once, and not for ever', () => {
    const narrow = made(2, { stations: { table: 1, tub: 1, dryer: 1, cabinet: 0, bay: 3 } })
    const plan = planDay(parsed(narrow))
    const day = parsed(dogOf(narrow, 'dog3', { locks: [{ stage: 'head', from: '16:00' }] }))
    const anew = plannedDay(day, undefined, plan)
    expect(proposalOf(day, plan, keptDay(day, plan), anew)?.wins).toBe('It does what was fixed.')
    expect(proposalOf(day, anew.plan, keptDay(day, anew.plan), anew)?.wins).not.toBe('It does what was fixed.')
    const never = { ...anew, plan }
    expect(proposalOf(day, plan, keptDay(day, plan), never)?.wins).not.toBe('It does what was fixed.')
  })
  it('told to stop at once, the search takes what it has: a whole plan that breaks no hard rule', () => {
    const asked: number[] = []
    const stopped = plannedDay(parsed(made(5)), (share) => asked.push(share) > 0)
    expect(asked[0]).toBe(0)
    expect(clashesOf(made(5), stopped.plan)).toEqual([])
  })
  it('none where the plan does as well', () => {
    const day = parsed(made(2))
    const planned = plannedDay(day)
    expect(proposalOf(day, planned.plan, keptDay(day, planned.plan), planned)).toBeNull()
  })
  it('owners are told of a later end and of another time to come, and not twice', () => {
    const day = parsed(made(2))
    const plan = planDay(day)
    const later: DayPlan = {
      ...plan,
      dogs: plan.dogs.map((dog, number) => (number === 0 ? { ...dog, begins: '10:30', done: '17:40' } : dog)),
    }
    const [tell] = tellsOf(day, plan, later)
    expect(tell?.words).toBe(
      `Please bring Dog1 at 10:30, not at ${plan.dogs[0]?.begins}. Dog1 will be done about 17:40, not at ${day.dogs[0]?.promise}.`,
    )
    expect(tellsOf(day, later, later)).toEqual([])
  })
})

describe('a rehearsal', () => {
  const day = parsed(made(4))
  const plan = planDay(day)
  it('is the same day for the same seed, and another for another', () => {
    expect(rehearsed(day, plan, 7)).toEqual(rehearsed(day, plan, 7))
    expect(rehearsed(day, plan, 7).plan.work).not.toEqual(rehearsed(day, plan, 8).plan.work)
  })
  it('keeps the order of every pair of hands and of every dog, whatever the minutes are', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const { work } = rehearsed(day, plan, seed).plan
      const hands = work.filter(({ kind }) => kind === 'hands')
      for (const key of ['person', 'dog'] as const)
        for (const who of new Set(hands.map((row) => row[key]))) {
          const own = hands.filter((row) => row[key] === who)
          own.forEach((row, number) => {
            const before = own[number - 1]
            if (before) expect([seed, at(row.from) >= at(before.to)]).toEqual([seed, true])
          })
        }
    }
  })
  it('asks at each change of dog, with the plan’s answer once among the choices', () => {
    const { turns, plan: played } = rehearsed(day, plan, 1)
    expect(turns.length).toBeGreaterThan(day.dogs.length)
    for (const { choices, dog, person, atMin } of turns) {
      const row = played.work.find((own) => own.person === person && own.dog === dog && at(own.from) === atMin)
      const answers = choices.filter(({ right }) => right).map((each) => [each.dog, each.stage])
      expect(answers).toEqual([[dog, row?.stage && stageLabel(row.stage)]])
    }
  })
  it('marks where it gets tight, and a promise is broken as often as the plan says', () => {
    const tight = dogOf(made(4), 'dog3', { promise: plan.dogs.find(({ id }) => id === 'dog3')?.done ?? '12:00' })
    const own = plannedDay(parsed(tight)).plan
    const chance = own.dogs.find(({ id }) => id === 'dog3')?.chance ?? 0
    const days = 400
    const broken = Array.from({ length: days }, (_, seed) => rehearsed(parsed(tight), own, seed + 1)).filter((played) =>
      played.tight.some(({ dog, leftMin }) => dog === 'dog3' && leftMin < 0),
    ).length
    // Four standard errors of the share, and half a minute of rounding.
    expect(Math.abs(broken / days - (1 - chance))).toBeLessThan(4 * Math.sqrt(0.25 / days) + 0.03)
  })
})

it('what a plan promises is held when the day is played by somebody else', () => {
  for (let seed = 1; seed <= 5; seed++) {
    const day = parsed(made(seed))
    const plan = planDay(day)
    const held = heldShares(day, plan, { stage: STAGE_SIGMA, day: DAY_SIGMA }, 3000)
    for (const { id, chance } of plan.dogs)
      expect([seed, id, Math.abs(chance - (held.get(id) ?? 0)) < 0.06]).toEqual([seed, id, true])
  }
})

describe('one more dog', () => {
  const one = { ...parsed(made(60)).dogs[0], id: 'new', bring: '13:00', promise: '17:00' } as HouseDay['dogs'][number]
  it('costs an empty day nothing, and a full one what it takes from the others', () => {
    expect(costOf({ ...parsed(made(1)), dogs: [] }, one).says).toBe('')
    const full = parsed(madeDay(2, { dogs: 6, groomers: 1, bathers: 1 }))
    const cost = costOf(full, { ...one, bring: '10:00', promise: '13:00' })
    expect(cost.broken + cost.shareLost + cost.waitsMin).toBeGreaterThan(0)
    expect(cost.says).toMatch(/late|less surely|longer/)
  })
  it('where there is room costs nothing, and says so', () => {
    const early = parsed({ ...made(3), dogs: made(3).dogs.slice(0, 1) })
    expect(costOf(early, one).says).toBe('costs the others nothing')
  })
})

it('a dog that is a quarter of an hour past its time and was not seen may not come', () => {
  const day = parsed(made(2))
  const [first] = day.dogs
  const later = { ...day, now: '23:00' }
  expect(absentFrom({ ...day, now: first?.bring ?? '09:00' })).toEqual([])
  expect(absentFrom(later)).toEqual(day.dogs.map(({ id }) => id))
  const seen = {
    dog: first?.id ?? '',
    stage: 'arrive' as const,
    person: 'groomer1',
    from: '09:00',
    to: null,
    station: null,
  }
  expect(absentFrom({ ...later, happened: [seen] })).not.toContain(first?.id)
})
