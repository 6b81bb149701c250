import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { figureOf } from '@/core/figure'
import { COAT_FACTS } from '@/core/coat'
import { plannedSegments, visitSegments } from '@/core/strip'
import { addDays } from '@/core/units'
import { doneByStage, elapsedMin, outcomes } from '@/core/visit'
import { readBookingsOfDog } from '@/data/bookings'
import { Frame } from '@/ui/frame/Frame'
import { WrapUp } from '@/ui/wrap-up/WrapUp'
import { bookVisit, wrapUp } from '../../../actions'
import { idOf, openHouse } from '../../../house'
import { readVisitFile } from '../../../visitFile'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Wrap-up' }

const DAY_MS = 86_400_000

export default async function WrapUpPage({ params }: { params: Promise<{ visitId: string }> }) {
  const house = await openHouse()
  const { time, nowMs } = house
  const file = await readVisitFile(idOf((await params).visitId))
  if (!file) notFound()
  const { stored, booking, dog, visit, presentMm } = file
  const { plan } = file.now
  const startMs = visit.startMs ?? booking.startMs
  const day = time.day(startMs)
  const weeks = Math.round((COAT_FACTS[dog.coat].returnWeeks[0] + COAT_FACTS[dog.coat].returnWeeks[1]) / 2)
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
        results={outcomes(plan.card, plan.stages, visit, presentMm)}
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
          day: addDays(day, weeks * 7),
          longDay: time.longDay(time.at(addDays(day, weeks * 7), '12:00')),
          weeks,
          range: COAT_FACTS[dog.coat].returnWeeks,
        }}
        close={wrapUp}
        book={bookVisit}
      />
    </Frame>
  )
}
