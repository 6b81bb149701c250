import { showAge } from '@/core/clock'
import { readFirstCalled } from '@/data/households'
import { sexWords } from '../dog/dogFacts'
import { dogRecords } from '../dog/dogRecords'
import type { OpenHouse } from '../house/openHouse'
import { visitFile } from './visitFile'

/** Facts, dates and sizes for the vet; null when there is no such visit. */
export async function vetNoteView(visitId: number, { time, name, place, timeZone }: OpenHouse) {
  const file = await visitFile(visitId)
  if (!file) return null
  const { dog, visit, booking } = file
  const [earlier, owners] = await Promise.all([dogRecords(dog.id, visitId), readFirstCalled([dog.householdId])])
  const day = time.day(booking.startMs)
  return {
    visitId,
    dog,
    facts: `${dog.breed}, ${sexWords(dog)}, ${showAge(dog.bornOn, day)}, ${visit.weightKg ?? dog.weightKg} kg`,
    owner: owners.get(dog.householdId)?.name ?? 'unknown',
    from: `${name}, ${place}`,
    day: time.longDay(booking.startMs),
    today: visit.findings,
    earlier: earlier.findings,
    timeZone,
  }
}
