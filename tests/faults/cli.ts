import { closeAll, openAll, tableOf } from './session'
import { runSchedule, type Outcome } from './run'
import { ensureBuild } from '../../scripts/lib/build.mjs'

/** `npm run faults [-- --seeds 200 --from 1 | --seed 17]`: seeded fault runs, a table at the end; the exit code says whether all held. */
function asked(): number[] {
  const value = (name: string) => {
    const at = process.argv.indexOf(`--${name}`)
    return at < 0 ? null : Number(process.argv[at + 1])
  }
  const one = value('seed')
  if (one !== null) return [one]
  const from = value('from') ?? 1
  return Array.from({ length: value('seeds') ?? 200 }, (_, nth) => from + nth)
}

const holds = ({ lost, doubled, wrong }: Outcome) => lost.length + doubled.length + wrong.length === 0

async function main(): Promise<void> {
  await ensureBuild()
  const all = await openAll('.kovit-test/faults')
  const outcomes: Outcome[] = []
  try {
    for (const seed of asked()) {
      const from = Date.now()
      const outcome = await runSchedule(all, seed)
      outcomes.push(outcome)
      const seconds = ((Date.now() - from) / 1000).toFixed(1)
      process.stdout.write(
        `${seed}: ${outcome.taps} taps, ${outcome.inBooks} in the books, ${outcome.aside} aside, ${seconds} s`,
      )
      process.stdout.write(`; ${outcome.faults.join(', ')}\n`)
      if (holds(outcome)) continue
      const { lost, doubled, wrong } = outcome
      process.stdout.write(`   FAILED, run alone with --seed ${seed}: ${JSON.stringify({ lost, doubled, wrong })}\n`)
    }
  } finally {
    await closeAll(all)
  }
  process.stdout.write(`\n${tableOf(outcomes)}\n`)
  process.exitCode = outcomes.every(holds) ? 0 : 1
}

void main()
