import type { StageId } from '../stages'
import type { ZoneId } from '../zones'
import { HOWS } from './pace'

interface CutHow {
  zone: ZoneId
  method: string
}

/** The way most zones of a stage are worked, as far as it makes a difference; of the brush-out whether there are mats. */
export function howOf(
  stage: StageId,
  zones: readonly ZoneId[],
  card: readonly CutHow[],
  matted: boolean,
): string | null {
  const ways = HOWS[stage] ?? []
  if (stage === 'brush-out') return matted ? 'matted' : null
  const methods = card.filter(({ zone }) => zones.includes(zone)).map(({ method }) => method)
  const count = (way: string) => methods.filter((method) => method === way).length
  const most = [...ways].sort((a, b) => count(b) - count(a))[0]
  return most !== undefined && count(most) > 0 ? most : null
}
