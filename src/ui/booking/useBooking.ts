import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState, useTransition } from 'react'
import type { GroomKind } from '@/core/repeats'
import { addDays } from '@/core/units'
import { askHouse } from '../device/askHouse'
import type { BookProps } from './props'

export interface Offered {
  day: string
  clock: string
  staffId: number
  why: string
  slotMin: number
  percent: number
}

interface Times {
  offered: Offered[]
  around: string
  others: { dogId: number; name: string }[]
  place: string
  works: 'salon' | 'van' | 'both'
  waterLitres: number
  tankLitres: number
  /** How often it comes, weeks; null where its visits do not tell. */
  everyWeeks: number | null
}

export type Again = { kind: 'once' } | { kind: 'again'; everyWeeks: number; steps: GroomKind[] }

export interface Asked {
  day: string
  clock: string
  staffId: number
  sameAsLast: boolean
  tidy: boolean
  /** Asked for and not promised yet. */
  standing: 'booked' | 'asked'
  setting: 'salon' | 'mobile'
  home: { place: string; from: string; to: string }
  /** Other dogs of the household: beside this one, or behind it. */
  others: Record<number, { how: 'beside' | 'after'; staffId: number }>
  again: Again
}

const NO_HOME = { place: '', from: '', to: '' }

/** A booking as it is being made: what fits, what is chosen, what speaks against it. */
export function useBooking({ dogId, staff, today, day, at, again = true, tidy = false, book }: BookProps) {
  const router = useRouter()
  const groomers = staff.filter(({ role }) => role !== 'bather')
  const [looked, setLooked] = useState<{ for: string; times: Times | null; problem: string | null } | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  /** Why the time is taken; asked again it is booked all the same. */
  const [clash, setClash] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const [asked, choose] = useState<Asked>(() => ({
    day: at?.day ?? day ?? addDays(today, 7),
    clock: at?.clock ?? '09:00',
    staffId: at?.staffId ?? groomers[0]?.id ?? 0,
    sameAsLast: again,
    tidy,
    standing: 'booked',
    setting: 'salon',
    home: NO_HOME,
    others: {},
    again: { kind: 'once' },
  }))
  const touched = useRef(at !== undefined)
  const { sameAsLast, tidy: tidied } = asked
  const groom = `${sameAsLast} ${tidied}`
  // Until the house has said what fits, the time in the fields is nobody's choice.
  const looking = looked?.for !== groom
  const set = (change: Partial<Asked>) => {
    // A time that a person chose stays; other choices leave the first proposal in its place.
    if (change.day ?? change.clock ?? change.staffId) touched.current = true
    setClash(null)
    choose({ ...asked, ...change })
  }
  useEffect(() => {
    let gone = false
    const toFit = { dogId, sameAsLast, tidy: tidied, ...(day ? { around: day } : {}) }
    void askHouse<Times>('/book/times', toFit).then((answer) => {
      if (gone) return
      const said = answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' ')
      setLooked({ for: groom, times: answer.ok ? answer.value : null, problem: said })
      if (!answer.ok) return
      const [first] = answer.value.offered
      const { works, place } = answer.value
      choose((was) => ({
        ...was,
        // What a person chose stays; only the first proposal is put in by itself.
        ...(first && !touched.current ? { day: first.day, clock: first.clock, staffId: first.staffId } : {}),
        setting: works === 'van' ? 'mobile' : was.setting,
        home: was.home.place === '' ? { ...was.home, place } : was.home,
      }))
    })
    return () => {
      gone = true
    }
  }, [dogId, day, sameAsLast, tidied, groom])
  const save = () =>
    start(async () => {
      const answer = await send(asked, { dogId, anyway: clash !== null }, book)
      if (answer.ok) return router.push(answer.href)
      setClash(answer.mayOverrule ? answer.sentences : null)
      setFault(answer.mayOverrule ? null : answer.sentences)
    })
  return {
    times: looked?.times ?? null,
    looking,
    problem: looked?.problem ?? null,
    asked,
    set,
    save,
    busy,
    clash,
    fault,
    groomers,
  }
}

export type Booking = ReturnType<typeof useBooking>

type Sent = { ok: true; href: string } | { ok: false; sentences: string; mayOverrule: boolean }

async function send(
  { again, others, home, setting, ...asked }: Asked,
  { dogId, anyway }: { dogId: number; anyway: boolean },
  book: BookProps['book'],
): Promise<Sent> {
  const stop = setting === 'mobile' ? { home: { place: home.place, from: home.from || null, to: home.to || null } } : {}
  if (again.kind === 'again') {
    const { everyWeeks, steps } = again
    const { day: firstDay, clock, staffId } = asked
    const repeat = { dogId, staffId, firstDay, clock, programme: { everyWeeks, steps }, setting, ...stop }
    return answerOf(await book.repeat(repeat), () => `/book/repeats?dog=${dogId}`)
  }
  const first = { dogId, ...asked, setting, ...stop, anyway }
  const rest = Object.entries(others).map(([id, { how, staffId }]) => ({
    dogId: Number(id),
    how,
    staffId,
    sameAsLast: true,
    setting,
    anyway,
  }))
  const answer = await book.together({ first, others: rest })
  return answerOf(answer, ({ booked }) => `/bookings/${booked[0]?.bookingId ?? 0}/plan`)
}

function answerOf<Value>(
  answer: { ok: true; value: Value } | { ok: false; problems: { path: string; sentence: string }[] },
  href: (value: Value) => string,
): Sent {
  if (answer.ok) return { ok: true, href: href(answer.value) }
  return {
    ok: false,
    sentences: answer.problems.map(({ sentence }) => sentence).join(' '),
    mayOverrule: answer.problems.every(({ path }) => path === 'anyway'),
  }
}
