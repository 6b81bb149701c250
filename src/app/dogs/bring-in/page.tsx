import type { Metadata } from 'next'
import { broughtInView } from '@/service/bring-in/bringIn'
import { BringInDesk } from '@/ui/bring-in/BringInDesk'
import { Frame } from '@/ui/frame/Frame'
import { notYours } from '../../notYours'
import { theHouse } from '../../theHouse'
import { whoCalls } from '../actions'
import { bringAppointments, bringIn, lookAppointments, takeBackList, takeOver } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Bring a list in' }

export default async function BringInPage() {
  const house = await theHouse()
  const barred = notYours(house, 'lists', 'Dogs')
  if (barred) return barred
  return (
    <Frame here="Dogs" house={house}>
      <BringInDesk
        view={await broughtInView(house)}
        acts={{ bringIn, takeBackList, lookAppointments, bringAppointments, takeOver, whoCalls }}
      />
    </Frame>
  )
}
