import { COAT_FACTS, learnRates } from '@/core/coat'
import { insightOf, type Groomed } from '@/core/insight'
import { mayDo } from '@/core/rights'
import { showDay } from '@/core/units'
import { readDogs } from '@/data/dogs'
import { readFacts } from '@/data/groomFacts'
import { readGrowthPairs } from '@/data/growth'
import { DAY_MS } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import type { Person } from '../who/whoAsks'

const YEAR_MS = 365 * DAY_MS
/** So many dogs' growth is drawn; more lines tell nothing. */
const MOST_LINES = 6
/** A growth learned from fewer measures is the table's. */
const FEWEST_MEASURES = 3

/** What the house's own grooms of a year say; every groom of the year counts. Of people only who may see all sees more than themself. */
export async function insightView(
  { time, nowMs, nameOf }: OpenHouse,
  who: Pick<Person, 'id' | 'name' | 'role' | 'owner'>,
) {
  const sinceMs = nowMs - YEAR_MS
  const sinceDay = time.day(sinceMs)
  const stored = await readFacts(sinceMs)
  const grooms = stored.map(({ startedMs, staffId, facts }): Groomed => ({
    ...facts,
    month: time.day(startedMs).slice(0, 7),
    groomer: nameOf(staffId),
  }))
  const insight = insightOf(grooms)
  const everybodys = mayDo(who, 'figures')
  const byGroomer = insight.byGroomer.filter(({ name }) => everybodys || name === who.name)
  return {
    insight: { ...insight, byGroomer },
    everybodys,
    since: `${showDay(sinceDay)} ${sinceDay.slice(0, 4)}`,
    growth: await growths(nowMs),
  }
}

/** How fast the bodies of measured dogs grow, against what their coat does by the table: those that differ most. mm a week. */
async function growths(nowMs: number) {
  const [dogs, pairs] = await Promise.all([readDogs(), readGrowthPairs(nowMs)])
  const measured = dogs.flatMap(({ id, name, coat }) => {
    const { body } = learnRates(coat, pairs.get(id) ?? [])
    const tableMm = COAT_FACTS[coat].growthMmPerWeek
    return body.pairs < FEWEST_MEASURES ? [] : [{ name, coat, mmPerWeek: body.mmPerWeek, tableMm }]
  })
  const off = ({ mmPerWeek, tableMm }: (typeof measured)[number]) => Math.abs(Math.log(mmPerWeek / tableMm))
  return {
    shown: measured.sort((a, b) => off(b) - off(a)).slice(0, MOST_LINES),
    measured: measured.length,
    dogs: dogs.length,
  }
}
