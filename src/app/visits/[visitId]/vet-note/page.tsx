import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { readOwners } from '@/data/dogs'
import { readRecords } from '@/data/records'
import { Frame } from '@/ui/frame/Frame'
import { VetNote } from '@/ui/records/VetNote'
import { showAge } from '@/core/clock'
import { idOf, openHouse } from '../../../house'
import { readVisitFile } from '../../../visitFile'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Note for the vet' }

export default async function VetNotePage({ params }: { params: Promise<{ visitId: string }> }) {
  const [house, file] = await Promise.all([openHouse(), readVisitFile(idOf((await params).visitId))])
  if (!file) notFound()
  const { dog, visit, stored, booking } = file
  const [earlier, owners] = await Promise.all([readRecords(dog.id, stored.id), readOwners()])
  return (
    <Frame here="Dogs" house={house.name} timeZone={house.timeZone} nowMs={house.nowMs}>
      <VetNote
        visitId={stored.id}
        dog={dog}
        facts={`${dog.breed}, ${dog.sex}${dog.neutered ? ', neutered' : ''}, ${showAge(dog.bornOn, house.time.day(booking.startMs))}, ${visit.weightKg ?? dog.weightKg} kg`}
        owner={owners.get(dog.householdId)?.name ?? 'unknown'}
        from={`${house.name}, ${house.place}`}
        day={house.time.longDay(booking.startMs)}
        today={visit.findings}
        earlier={earlier.findings}
        timeZone={house.timeZone}
      />
    </Frame>
  )
}
