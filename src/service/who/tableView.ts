import { standingOf } from '@/core/rights'
import { signInsOn } from '@/data/signIns'
import type { OpenHouse } from '../house/openHouse'
import { isUnclaimed } from './firstOwner'
import { deviceOf, isAwake, whoAsks, type Shown } from './whoAsks'

/** Who can take the table here, and how; nobody's name is told to a browser that was not let in. */
export async function tableView(shown: Shown, house: OpenHouse) {
  const device = await deviceOf(shown)
  const who = await whoAsks(shown, house)
  const isOpen = house.demo && (!shown.outside || device !== null)
  const here = device ? await signInsOn(device.id) : []
  const awake = new Set(here.filter((each) => isAwake(each, house)).map(({ staffId }) => staffId))
  const people = isOpen || device?.letIn ? house.staff : []
  const needsCode = shown.outside && !device
  return {
    // Who was not let in is not told where they are either.
    house: needsCode ? '' : house.name,
    demo: house.demo,
    who: who && { id: who.id, name: who.name },
    device: device?.letIn ? device.name : null,
    /** Only a code helps: this is another screen, and was not let in. */
    needsCode,
    unclaimed: !shown.outside && isUnclaimed(house),
    people: people.map((person) => ({
      id: person.id,
      name: person.name,
      standing: standingOf(person),
      by: isOpen || awake.has(person.id) ? ('press' as const) : person.hasPin ? ('pin' as const) : ('code' as const),
    })),
  }
}
