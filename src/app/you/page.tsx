import type { Metadata } from 'next'
import { standingOf } from '@/core/rights'
import { Frame } from '@/ui/frame/Frame'
import { YouDesk } from '@/ui/who/YouDesk'
import { theHouse } from '../theHouse'
import { changeOwn, signOut } from '../who/actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'You' }

export default async function You() {
  const house = await theHouse()
  const { hasPassphrase = false, hasPin = false } = house.staff.find(({ id }) => id === house.who.id) ?? {}
  const { name } = house.who
  return (
    <Frame here={null} house={house}>
      <YouDesk
        view={{ name, standing: standingOf(house.who), hasPassphrase, hasPin, demo: house.demo }}
        acts={{ changeOwn, signOut }}
      />
    </Frame>
  )
}
