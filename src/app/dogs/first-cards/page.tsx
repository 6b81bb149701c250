import type { Metadata } from 'next'
import { FirstCards } from '@/ui/first-cards/FirstCards'
import { Frame } from '@/ui/frame/Frame'
import { keepRemark } from '../../actions'
import { notYours } from '../../notYours'
import { theHouse } from '../../theHouse'
import { putPaper, saveVersion } from '../[dogId]/card/actions'
import { findDogsOfCards, openFirstCard } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'A drawer of cards' }

export default async function FirstCardsPage() {
  const house = await theHouse()
  const barred = notYours(house, 'cards', 'Dogs')
  if (barred) return barred
  return (
    <Frame here="Dogs" house={house}>
      <FirstCards
        houseKey={house.key}
        acts={{ find: findDogsOfCards, open: openFirstCard, save: saveVersion, remark: keepRemark, putPaper }}
      />
    </Frame>
  )
}
