import type { Metadata } from 'next'
import { takeInView } from '@/service/dog/takeInView'
import { Frame } from '@/ui/frame/Frame'
import { TakeInDesk } from '@/ui/take-in/TakeInDesk'
import { theHouse } from '../../theHouse'
import { notYours } from '../../notYours'
import { takeIn, whoCalls } from '../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'A new dog' }

interface Asked {
  searchParams: Promise<{ household?: unknown }>
}

export default async function NewDogPage({ searchParams }: Asked) {
  const house = await theHouse()
  const barred = notYours(house, 'files', 'Dogs')
  if (barred) return barred
  const { household } = await searchParams
  const householdId = typeof household === 'string' && /^[1-9]\d{0,8}$/.test(household) ? Number(household) : undefined
  return (
    <Frame here="Dogs" house={house}>
      <TakeInDesk view={await takeInView(house, householdId)} takeIn={takeIn} whoCalls={whoCalls} />
    </Frame>
  )
}
