import type { Metadata } from 'next'
import { readHousePatterns } from '@/data/housePatterns'
import { Frame } from '@/ui/frame/Frame'
import { PatternBook } from '@/ui/patterns/PatternBook'
import { openHouse } from '../house'
import { retirePattern } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Patterns' }

export default async function PatternsPage() {
  const [house, own] = await Promise.all([openHouse(), readHousePatterns()])
  return (
    <Frame here="Patterns" house={house.name} timeZone={house.timeZone} nowMs={house.nowMs}>
      <PatternBook
        unit={house.unit}
        own={own.map(({ id, name, words, card, madeBy, madeMs }) => ({
          id,
          name,
          words,
          card,
          made: `Made by ${madeBy} on ${house.time.longDay(madeMs)}`,
        }))}
        retire={retirePattern}
      />
    </Frame>
  )
}
