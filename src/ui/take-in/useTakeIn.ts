import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { dogOfFile } from '@/core/dog'
import { Call, EMPTY_CALL, calledDog, mindFirst, proposedFrom } from '@/core/intake'
import { proposals, type BusyTime, type Proposal, type ProposalsAsked, type Taken } from '@/core/book'
import type { Opening, Work } from '@/core/people'
import { ANY_SLOT_MIN, makePlan, type Case } from '@/core/plan'
import type { House } from '@/core/order'
import type { Kit } from '@/core/lengths'
import type { Works } from '@/core/house'
import type { LengthUnit } from '@/core/units'
import { forgetDraft, keepDraft, readDraft } from '../device/drafts'
import { useHistory } from '../history/useHistory'

export interface TakeInView {
  today: string
  unit: LengthUnit
  works: Works
  houseKey: string
  kit: Kit
  rules: House
  opening: Opening
  staff: readonly { id: number; name: string; role: string; work: Work }[]
  taken: readonly Taken[]
  busy: readonly BusyTime[]
  household: { householdId: number; household: string; place: string; owner: string } | null
}

const PAGE = 'take-in'

/** A call as it goes on: what is said, what that means for the dog and its plan, and when it could come. */
export function useTakeIn(view: TakeInView) {
  const [start] = useState<Call>(() => ({
    ...EMPTY_CALL,
    id: crypto.randomUUID(),
    householdId: view.household?.householdId ?? null,
  }))
  const { now, put, undo, redo } = useHistory(start)
  const kept = useDraft(view, now, put)
  const called = useMemo(() => calledDog(now, view.today), [now, view.today])
  const plan = useMemo(() => {
    const planned = caseOf(called, view)
    return planned && { mind: mindFirst(planned), made: makePlan(planned) }
  }, [called, view])
  const slotMin = plan?.made.fit.shortestSlotMin ?? null
  const from = proposedFrom(now, called, view.today)
  const { dogs = 0, people = 0 } = called.file?.behaviour ?? {}
  const minds = Math.max(dogs, people)
  const offered = useMemo(
    () => (slotMin === null ? [] : offersFor(view, { slotMin, from, minds, householdId: now.householdId })),
    [view, slotMin, from, minds, now.householdId],
  )
  return { now, put, undo, redo, called, plan: plan?.made ?? null, mind: plan?.mind ?? [], offered, ...kept }
}

function caseOf({ file, request, coatNowMm, mats }: ReturnType<typeof calledDog>, view: TakeInView): Case | null {
  if (!file) return null
  return {
    kovit: 'case/1',
    date: view.today,
    dog: { ...dogOfFile(file, view.today), visits: 0 },
    coatNowMm,
    mats,
    behaviour: file.behaviour,
    health: file.health,
    request,
    kit: view.kit,
    house: view.rules,
    setting: view.works === 'van' ? 'mobile' : 'salon',
    slotMin: ANY_SLOT_MIN,
  }
}

type Offering = Pick<ProposalsAsked, 'slotMin' | 'from' | 'householdId' | 'minds'>

function offersFor({ staff, opening, taken, busy }: TakeInView, asked: Offering): Proposal[] {
  const people = staff.filter(({ role }) => role !== 'bather')
  return proposals({ ...asked, people, opening, taken, busy })
}

/** Keeps the call on this device as it is typed, and finds it again when the page is opened anew. */
function useDraft(view: TakeInView, now: Call, put: (call: Call) => void) {
  const [keeping, setKeeping] = useState<'kept' | 'keeping' | 'not kept'>('kept')
  const ready = useRef(false)
  const done = useRef(false)
  const first = useRef(now)
  const latest = useRef(now)
  const page = view.household ? `${PAGE} ${view.household.householdId}` : PAGE
  useEffect(() => {
    readDraft(view.houseKey, page)
      .then((draft) => {
        const read = Call.safeParse(draft)
        // Whoever was quicker than the device goes on with what is on the page.
        if (read.success && latest.current === first.current) put(read.data)
      })
      .catch(() => setKeeping('not kept'))
      .finally(() => (ready.current = true))
    // Read once, when the page opens.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
  useEffect(() => {
    latest.current = now
    if (!ready.current || done.current) return
    let isLatest = true
    setKeeping('keeping')
    keepDraft(view.houseKey, page, now).then(
      () => isLatest && setKeeping('kept'),
      () => isLatest && setKeeping('not kept'),
    )
    return () => {
      isLatest = false
    }
  }, [now, view.houseKey, page])
  const forget = useCallback(async () => {
    done.current = true
    await forgetDraft(view.houseKey, page).catch(() => undefined)
  }, [view.houseKey, page])
  return { keeping, forget }
}
