import type { Metadata } from 'next'
import { devicesView } from '@/service/who/devices'
import { sharedAt } from '@/service/who/shared'
import { Frame } from '@/ui/frame/Frame'
import { DevicesDesk } from '@/ui/who/DevicesDesk'
import { notYours } from '../../notYours'
import { theHouse } from '../../theHouse'
import { letThisIn, makeCode, turnOff } from '../../who/actions'
import { saveHouse } from '../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Devices' }

export default async function Devices() {
  const house = await theHouse()
  const barred = notYours(house, 'devices', 'House')
  if (barred) return barred
  const { restMin, version } = house
  return (
    <Frame here="House" house={house}>
      <DevicesDesk
        view={{ devices: await devicesView(house.who, house), restMin, version, shared: sharedAt() }}
        acts={{ makeCode, letThisIn, turnOff, saveHouse }}
      />
    </Frame>
  )
}
