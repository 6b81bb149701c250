import type { Metadata } from 'next'
import { inAndOutView } from '@/service/archive/inAndOutView'
import { SHEET_NAMES } from '@/service/archive/spreadsheet'
import { Frame } from '@/ui/frame/Frame'
import { InAndOut } from '@/ui/in-and-out/InAndOut'
import { notYours } from '../../notYours'
import { theHouse } from '../../theHouse'
import { backUpNow, bringBack, lookIntoArchive, saveBackups } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'In and out' }

export default async function InAndOutPage() {
  const house = await theHouse()
  const barred = notYours(house, 'out', 'House')
  if (barred) return barred
  return (
    <Frame here="House" house={house}>
      <InAndOut
        view={await inAndOutView(house)}
        sheets={SHEET_NAMES}
        acts={{ backUpNow, saveBackups, lookIntoArchive, bringBack }}
      />
    </Frame>
  )
}
