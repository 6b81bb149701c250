import type { HouseDay } from '@/core/day'
import type { z } from 'zod'
import { seeded } from '@/core/chance'

type Input = z.input<typeof HouseDay>
const clock = (min: number) => `${String(Math.floor(min / 60)).padStart(2, '0')}:${String(min % 60).padStart(2, '0')}`

/** A made-up day of so many dogs and people, as a salon might have it; the same for the same seed. */
export function madeDay(
  seed: number,
  { dogs, groomers, bathers }: { dogs: number; groomers: number; bathers: number },
): Input {
  const { between, share } = seeded(seed)
  const whole = (low: number, high: number) => Math.floor(between(low, high + 1))
  const people = [
    ...Array.from({ length: groomers }, (_, at) => ({ id: `groomer${at + 1}`, role: 'groomer' as const })),
    ...Array.from({ length: bathers }, (_, at) => ({ id: `bather${at + 1}`, role: 'bather' as const })),
  ].map((person) => ({
    ...person,
    skills: share() < 0.6 ? (['difficult dogs'] as const).slice() : [],
    from: '08:30',
    to: '18:00',
  }))
  const size = Math.max(1, Math.ceil((groomers + bathers) / 2))
  return {
    kovit: 'day/1',
    date: '2027-03-02',
    now: '08:00',
    setting: 'salon',
    people,
    stations: { table: groomers + 1, tub: size, dryer: size, cabinet: share() < 0.6 ? 1 : 0, bay: 2 + size },
    dogs: Array.from({ length: dogs }, (_, at) => madeDog(at, dogs, { whole, share })),
    seed,
  }
}

interface Chances {
  whole: (low: number, high: number) => number
  share: () => number
}

function madeDog(at: number, dogs: number, { whole, share }: Chances): Input['dogs'][number] {
  const big = whole(7, 18) / 10
  const min = (usual: number) => Math.max(1, Math.round(usual * big * 10) / 10)
  const bring = 540 + Math.floor((at / dogs) * 24) * 15
  const stage = (id: NonNullable<Input['dogs'][number]['stages']>[number]['id'], handsMin: number, waitMin = 0) => ({
    id,
    handsMin,
    waitMin,
  })
  return {
    id: `dog${at + 1}`,
    ...(share() < 0.15 ? { household: `house${Math.floor(at / 2)}` } : {}),
    bring: clock(bring),
    promise: clock(Math.min(1079, bring + whole(16, 24) * 10)),
    stages: [
      stage('arrive', 4),
      stage('look-over', 2),
      ...(share() < 0.5 ? [stage('brush-out', min(6))] : []),
      stage('wash', min(4)),
      ...(share() < 0.7
        ? [stage('condition', 1, 5), ...(share() < 0.5 ? [stage('nails', 4)] : []), stage('rinse', min(3))]
        : []),
      stage('towel', 2),
      stage('dry', min(12), share() < 0.5 ? 15 : 0),
      stage('comb-through', min(3)),
      stage('body', min(6)),
      stage('legs', min(9)),
      stage('feet', 6),
      stage('head', min(10)),
      stage('step-back', 2),
      stage('finish', 2),
      stage('handover', 3),
    ],
    behaviour: share() < 0.1 ? { dryer: 3 } : {},
    handlers: share() < 0.05 ? 2 : 1,
    contagious: share() < 0.03,
  }
}
