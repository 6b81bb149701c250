import type { Metadata } from 'next'
import { insightOf } from '@/core/insight'
import { COAT_FACTS } from '@/core/coat'
import { readDogs } from '@/data/dogs'
import { readGrowth } from '@/data/growth'
import { readGroomed } from '@/data/insight'
import { Frame } from '@/ui/frame/Frame'
import { InsightDesk } from '@/ui/insight/InsightDesk'
import { openHouse, type OpenHouse } from '../house'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Insight' }

const YEAR_MS = 365 * 86_400_000
/** So many dogs' growth is drawn; more lines tell nothing. */
const MOST_DOGS = 6
/** A growth learned from fewer measures is the table's. */
const FEWEST_MEASURES = 3

export default async function InsightPage() {
  const house = await openHouse()
  const { time, nowMs, nameOf } = house
  const [grooms, growth] = await Promise.all([
    readGroomed(nowMs - YEAR_MS, (ms) => time.day(ms).slice(0, 7), nameOf),
    readGrowths(house),
  ])
  return (
    <Frame here="Insight" house={house.name} timeZone={house.timeZone} nowMs={nowMs}>
      <InsightDesk insight={insightOf(grooms)} growth={growth} />
    </Frame>
  )
}

/** How fast the bodies of measured dogs grow, against what their coat does by the table. mm a week. */
async function readGrowths({ nowMs, time }: OpenHouse) {
  const dogs = await readDogs()
  const rates = await Promise.all(
    dogs.slice(0, 2 * MOST_DOGS).map(async (dog) => ({ dog, rate: (await readGrowth(dog, nowMs, time.day)).body })),
  )
  return rates
    .filter(({ rate }) => rate.pairs >= FEWEST_MEASURES)
    .slice(0, MOST_DOGS)
    .map(({ dog, rate }) => ({
      name: dog.name,
      coat: dog.coat,
      mmPerWeek: rate.mmPerWeek,
      tableMm: COAT_FACTS[dog.coat].growthMmPerWeek,
    }))
}
