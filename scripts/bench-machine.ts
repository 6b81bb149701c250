import { existsSync, readFileSync } from 'node:fs'

/** How long something took, and whether the machine was ours meanwhile. */
export interface Took {
  ms: number
  /** Others who share the machine took at most a tenth of one core. */
  calm: boolean
}

const SHARE_OF_OTHERS = 0.1
const STOLEN_AT = 8
/** /proc counts in hundredths of a second. */
const TICK_MS = 10

/** What others on the same machine took of all its cores since it started, ms; 0 where it does not tell. Source: proc(5), `steal`. */
function stolenMs(): number {
  if (!existsSync('/proc/stat')) return 0
  const [all = ''] = readFileSync('/proc/stat', 'utf8').split('\n')
  return Number(all.split(/ +/)[STOLEN_AT] ?? 0) * TICK_MS
}

/** Times something, on a machine that others may use as well. */
export async function tookOf(work: () => Promise<unknown>): Promise<Took> {
  const [before, from] = [stolenMs(), performance.now()]
  await work()
  const ms = performance.now() - from
  return { ms, calm: stolenMs() - before <= SHARE_OF_OTHERS * ms }
}
