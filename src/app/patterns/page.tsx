import type { Metadata } from 'next'
import { patternsView } from '@/service/patterns/patternsView'
import { Frame } from '@/ui/frame/Frame'
import { PatternBook } from '@/ui/patterns/PatternBook'
import { retirePattern } from './actions'
import { theHouse } from '../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Patterns' }

export default async function PatternsPage() {
  const house = await theHouse()
  return (
    <Frame here="Patterns" house={house}>
      <PatternBook {...await patternsView(house)} retire={retirePattern} />
    </Frame>
  )
}
