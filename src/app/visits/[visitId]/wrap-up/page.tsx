import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { figureOf } from '@/core/figure'
import { openWait, returnOf } from '@/core/plan'
import { repeatScore } from '@/core/repeat'
import { returnWords } from '@/core/returning'
import { plannedSegments, visitSegments } from '@/core/strip'
import { addDays } from '@/core/units'
import { apart, cutCard, doneByStage, elapsedMin, outcomes } from '@/core/visit'
import { readBookingsOfDog } from '@/data/bookings'
import { Frame } from '@/ui/frame/Frame'
import { WrapUp } from '@/ui/wrap-up/WrapUp'
import { bookVisit, ownerSaid, wrapUp } from '../../../actions'
import { idOf, openHouse } from '../../../house'
import { readVisitFile } from '../../../visitFile'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Wrap-up' }

const DAY_MS = 86_400_000
/** From so many weeks on a coat wants a bath and tidy between. Source: common practice, weeks from memory. */
const LONG_BETWEEN = 4

export default async function WrapUpPage({ params }: { params: Promise<{ visitId: string }> }) {
  const house = await openHouse()
  const { time, nowMs } = house
  const file = await readVisitFile(idOf((await params).visitId))
  if (!file) notFound()
  const { stored, booking, dog, visit, presentMm } = file
  const { plan } = file.now
  const startMs = visit.startMs ?? booking.startMs
  const day = time.day(startMs)
  const results = outcomes(plan.card, plan.stages, visit, presentMm)
  const cut = cutCard(results)
  const waitMin = plan.stages.reduce((sum, _, at) => sum + openWait(plan.stages, at), 0)
  const back = returnOf(file.now.case, plan.stages, waitMin, cut)
  const tidyDay =
    back.weeks >= LONG_BETWEEN && file.now.case.request.pattern !== 'bath-tidy'
      ? addDays(day, Math.round(back.weeks / 2) * 7)
      : null
  const middayOf = (on: string) => time.longDay(time.at(on, '12:00'))
  const [next] = await readBookingsOfDog(dog.id, time.startOfDay(day) + DAY_MS)
  return (
    <Frame here="Dogs" house={house.name} timeZone={house.timeZone} nowMs={nowMs}>
      <WrapUp
        visitId={stored.id}
        dog={{
          id: dog.id,
          name: dog.name,
          ...figureOf(dog),
        }}
        plan={plan}
        results={results}
        apart={apart(plan.stages, visit, file.now.case.pace ?? null, nowMs)}
        toCard={visit.finishedMs === null ? null : repeatScore(plan.card, cut)}
        toLast={visit.finishedMs === null ? null : repeatScore(file.now.case.last?.card ?? [], cut)}
        verdicts={stored.verdicts}
        say={ownerSaid}
        minutes={[...doneByStage(visit, nowMs)].map(([stage, { handsMin, waitMin }]) => ({ stage, handsMin, waitMin }))}
        skipped={visit.skipped}
        notes={visit.notes.map(({ words, stage, atMs }) => ({ words, stage, clock: time.clock(atMs) }))}
        planned={plannedSegments(plan.stages)}
        done={visitSegments(plan, visit, startMs, nowMs)}
        doneMin={elapsedMin(visit, nowMs)}
        slotMin={booking.slotMin}
        finished={visit.finishedMs !== null}
        closed={stored.closedMs !== null}
        liked={stored.liked}
        unit={house.unit}
        staff={house.staff}
        today={time.day(nowMs)}
        next={next ? { href: `/bookings/${next.id}/plan`, when: time.longDay(next.startMs) } : null}
        proposal={{
          day: back.on,
          longDay: middayOf(back.on),
          weeks: back.weeks,
          because: returnWords(back.because),
          tidy: tidyDay === null ? null : { day: tidyDay, longDay: middayOf(tidyDay) },
        }}
        close={wrapUp}
        book={bookVisit}
      />
    </Frame>
  )
}
