import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { DayPlan } from '@/core/day'
import { clockOf } from '@/core/people'
import type { Piece } from './lanes'
import type { Decide, HandsView } from './view'

/** Dropped beside where it was by less than this, a piece keeps its time, min. */
const MOVED_MIN = 5

/** What a person decides about the plan of a day: kept by the house first, then drawn. */
export function useDecisions({ day, bookings, staff, standing }: HandsView, decide: Decide, kept: () => void) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const [fault, setFault] = useState<string | null>(null)
  const send = (deed: object) =>
    start(async () => {
      const answer = await decide({ day: day.date, after: standing.lastNo, deed }).catch(() => null)
      setFault(
        answer === null ? NOT_REACHED : answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '),
      )
      if (answer?.ok) kept()
      router.refresh()
    })
  const lock = ({ dog, ids }: Piece, person: string | null, from: string | null) =>
    send({
      kind: 'lock',
      bookingId: bookings[dog],
      stages: ids,
      staffId: person === null ? null : (staff[person] ?? null),
      from,
    })
  return {
    busy,
    fault,
    take: (plan: DayPlan) => send({ kind: 'take', plan }),
    lock,
    bay: ({ dog }: Piece, may: boolean) => send({ kind: 'bay', bookingId: bookings[dog], may }),
    undo: () => send({ kind: 'undo', of: standing.last?.no }),
    /** Put down elsewhere: into other hands, at another time, or both. */
    carried: (piece: Piece, person: string, byMin: number) => {
      const moved = Math.abs(byMin) >= MOVED_MIN
      if (person === piece.person && !moved) return
      const fromMin = Math.max(0, Math.round((piece.fromMin + byMin) / MOVED_MIN) * MOVED_MIN)
      lock(piece, person, moved ? clockOf(fromMin) : null)
    },
  }
}

const NOT_REACHED = 'The house does not answer. Nothing was changed; try again when it does.'
