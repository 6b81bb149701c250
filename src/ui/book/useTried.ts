import { useEffect, useRef, useState } from 'react'
import { chanceAt, hindrances, type BookedFit, type Hindrance } from '@/core/book'
import { clockOf } from '@/core/people'
import { askHouse } from '../device/askHouse'
import type { Carried } from './useCarry'
import type { BookView } from './view'

interface Curves {
  curve: BookedFit['curve']
  shortestMin: number
}

/** The hand rests this long over a line before its chance is asked, ms. */
const REST_MS = 60

/**
 * What speaks against the place under the hand, at once, and the chance there as soon as the house has planned it: with
 * somebody else, or weeks later, a groom takes other minutes.
 */
export function useTried(carried: Carried | null, view: BookView): { percent: number | null; against: Hindrance[] } {
  const [known, setKnown] = useState<ReadonlyMap<string, Curves>>(new Map())
  const asking = useRef(new Set<string>())
  const key = carried && `${carried.line.bookingId} ${carried.day} ${carried.staffId}`
  useEffect(() => {
    if (!carried || !key || asking.current.has(key)) return
    const timer = setTimeout(() => {
      asking.current.add(key)
      void tryThere(carried).then((curves) => curves && setKnown((was) => new Map(was).set(key, curves)))
    }, REST_MS)
    return () => clearTimeout(timer)
  }, [carried, key])
  if (!carried) return { percent: null, against: [] }
  const curves = key ? known.get(key) : undefined
  return {
    percent: curves ? chanceAt(curves.curve, carried.line.slotMin) : null,
    against: againstIt(carried, view),
  }
}

async function tryThere({ line, day, staffId, from }: Carried): Promise<Curves | null> {
  const { bookingId, slotMin } = line
  const answer = await askHouse<Curves>('/book/try', { bookingId, day, staffId, slotMin, clock: clockOf(from) })
  return answer.ok ? answer.value : null
}

/** By the book as it is on this screen; the house looks again when it is put down. */
export function againstIt({ line, day, staffId, from }: Carried, view: BookView): Hindrance[] {
  const hand = view.staff.find(({ id }) => id === staffId)
  if (!hand) return []
  const taken = view.lines
    .filter(({ bookingId }) => bookingId !== line.bookingId)
    .map((each) => ({ ...each, to: each.from + each.slotMin }))
  const needs = { groomer: line.fit?.groomer ?? false, skills: line.fit?.skills ?? [] }
  const wanted = { dogId: line.dogId, dog: line.dog, day, from, to: from + line.slotMin, needs }
  return hindrances(wanted, { opening: view.opening, hand, taken, busy: view.busy })
}
