import { addDays } from '@/core/units'
import { bookVisit } from '@/service/booking/bookVisit'
import { dogFileView } from '@/service/dog/dogFileView'
import { saveHouse } from '@/service/house/changeHouse'
import { openHouse, type OpenHouse } from '@/service/house/openHouse'
import { householdView } from '@/service/household/householdView'
import { saveHousehold } from '@/service/household/saveHousehold'
import { done } from './groom'
import type { DemoSalon } from './today'

/** The van of Tern Harbour: its tank, its base, and a tap on the quay. No such harbour is on any map. Demo. */
const DEMO_VAN = {
  tankLitres: 45,
  base: 'the harbour yard',
  spot: '50.1204, -5.2512',
  refill: { name: 'the quay tap', spot: '50.1081, -5.2107' },
}

/** Who is groomed at the door on the van's day, where that is, and when somebody is there. Demo. */
const DEMO_ROAD = [
  { dog: 'Marlow', spot: '50.1420, -5.2301', from: null, to: '11:30' },
  { dog: 'Pilchard', spot: '50.1012, -5.1853', from: '10:00', to: '15:30' },
  { dog: 'Dumpling', spot: '50.0867, -5.2240', from: null, to: '16:00' },
  { dog: 'Pepper', spot: '50.1120, -5.1611', from: '13:00', to: null },
] as const

/** The van drives on the fourth day of next week. Demo. */
const VAN_WEEKDAY = 3
export const isOnRoad = (name: string): boolean => DEMO_ROAD.some(({ dog }) => dog === name)

export async function sayVan(nowMs: number, by: string): Promise<void> {
  const { version } = await openHouse(nowMs)
  done(await saveHouse({ version, van: DEMO_VAN }, by))
}

/** A day of the van, one door after the other as they were asked for: the road is planned better. */
export async function bookRoad(
  house: OpenHouse,
  dogs: DemoSalon['dogs'],
  monday: string,
  { staffId, by }: { staffId: number; by: string },
): Promise<void> {
  const clocks = ['09:00', '11:00', '13:00', '15:00']
  for (const [at, { dog: name, spot, from, to }] of DEMO_ROAD.entries()) {
    const dogId = dogs.find(({ dog }) => dog.name === name)?.id ?? 0
    const place = await sayDoor(dogId, spot, house, by)
    const asked = {
      dogId,
      staffId,
      day: addDays(monday, VAN_WEEKDAY),
      clock: clocks[at] ?? '15:00',
      sameAsLast: true,
      tidy: true,
    }
    const stop = { setting: 'mobile' as const, home: { place, from, to } }
    done(await bookVisit({ ...asked, ...stop, anyway: true, by }, house))
  }
}

/** Says where the door of a dog's household is on the map, and gives its address. */
async function sayDoor(dogId: number, spot: string, house: OpenHouse, by: string): Promise<string> {
  const file = await dogFileView(dogId, house)
  const home = file && (await householdView(file.household.id, house))
  if (!home) throw new Error('A dog of the van is not in the demo')
  const { id: householdId, name, place, notes, owners } = home
  const people = owners.map(({ id, name: called, phone, email, agreed }) => ({
    id,
    name: called,
    phone,
    email,
    agreed,
  }))
  done(await saveHousehold({ householdId, name, place, notes, spot, people, by }, house.nowMs))
  return place
}
