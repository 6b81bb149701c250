import { database } from '@/data/connection'
import { migrate } from '@/data/migrations'
import { progressLines } from './lib/archiveCommand'
import { bundled } from './lib/bundled'

/** `npm run bighouse -- 100000 [--young]`: ten years of a house for measuring, or its first weeks. */
async function main(): Promise<void> {
  const visits = Number(process.argv[2])
  await migrate(database())
  const { fillBigHouse } = await bundled<typeof import('./big/fill')>('scripts/big/fill.ts')
  const from = performance.now()
  const said = await fillBigHouse({ visits, young: process.argv.includes('--young') }, Date.now(), progressLines())
  process.stdout.write(`${said}, in ${((performance.now() - from) / 60_000).toFixed(1)} min\n`)
}

process.env.KOVIT_CALL_MS = '0'
main()
  .catch((error: unknown) => {
    process.exitCode = 1
    process.stderr.write(`${error instanceof Error ? error.stack : String(error)}\n`)
  })
  .finally(() => database().sequelize.close())
