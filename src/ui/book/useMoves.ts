import { useRouter } from 'next/navigation'
import { useEffect, useState, useTransition } from 'react'
import { clockOf, weekdayOf } from '@/core/people'
import { showDay } from '@/core/units'
import type { Carried } from './useCarry'
import type { BookActs, MovedTo } from './view'

type Place = MovedTo['before']
interface Move {
  bookingId: number
  dog: string
  from: Place
  to: Place
}

const placeWords = (dog: string, { day, clock }: Place) =>
  `${dog} moved to ${weekdayOf(day)} ${showDay(day)}, ${clock}.`

/** What speaks against a place, and what happens when a person wants it all the same. */
interface Clash {
  dog: string
  sentences: readonly string[]
  put: () => void
  /** Where it was put down; null for a step back. */
  carried: Carried | null
}

/** Moves of bookings, kept by the house one after another, with undo and redo. Nothing is overruled unasked, a step back neither. */
export function useMoves(acts: BookActs) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const [going, setGoing] = useState<Carried | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const [clash, setClash] = useState<Clash | null>(null)
  const [moves, setMoves] = useState<{ done: Move[]; undone: Move[] }>({ done: [], undone: [] })
  const [saying, setSaying] = useState('')
  // What was kept is drawn once the house has sent it; until then it lies where it was put.
  useEffect(() => {
    if (!busy && going) {
      const timer = setTimeout(() => setGoing(null), 0)
      return () => clearTimeout(timer)
    }
  }, [busy, going])
  const send = (
    dog: string,
    input: object,
    clashOf: Pick<Clash, 'put' | 'carried'>,
    kept: (moved: MovedTo) => void,
  ) => {
    setClash(null)
    start(async () => {
      const answer = await acts.move(input)
      const problems = answer.ok ? [] : answer.problems
      const sentences = problems.map(({ sentence }) => sentence)
      const mayOverrule = !answer.ok && problems.every(({ path }) => path === 'anyway')
      setFault(answer.ok || mayOverrule ? null : sentences.join(' '))
      if (mayOverrule) setClash({ dog, sentences, ...clashOf })
      if (answer.ok) kept(answer.value)
      router.refresh()
    })
  }
  const move = (carried: Carried, anyway: boolean) => {
    const { line, day, staffId, from } = carried
    const { bookingId, dog, version, slotMin } = line
    const to = { day, clock: clockOf(from), staffId, slotMin }
    setGoing(carried)
    send(dog, { bookingId, version, ...to, anyway }, { carried, put: () => move(carried, true) }, ({ before }) => {
      setMoves(({ done }) => ({ done: [...done, { bookingId, dog, from: before, to }], undone: [] }))
      setSaying(placeWords(dog, to))
    })
  }
  const step = (one: Move, place: Place, next: typeof moves, anyway = false): void => {
    const { bookingId, dog } = one
    const put = () => step(one, place, next, true)
    send(dog, { bookingId, ...place, anyway }, { carried: null, put }, () => {
      setMoves(next)
      setSaying(placeWords(dog, place))
    })
  }
  const { done, undone } = moves
  const last = done.at(-1)
  const next = undone.at(-1)
  return {
    going,
    fault,
    saying,
    clash,
    /** Asks before the house does: by the book as it is on this screen. */
    ask: (carried: Carried, sentences: readonly string[]) =>
      setClash({ dog: carried.line.dog, sentences, carried, put: () => move(carried, true) }),
    leave: () => setClash(null),
    move,
    undo: last ? () => step(last, last.from, { done: done.slice(0, -1), undone: [...undone, last] }) : null,
    redo: next ? () => step(next, next.to, { done: [...done, next], undone: undone.slice(0, -1) }) : null,
  }
}
