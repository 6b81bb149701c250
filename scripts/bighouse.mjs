// `npm run bighouse -- 100000`: a home of its own with ten years of made-up visits; cut off, it goes on when it is called again.
// With `--young` behind: the same weeks of work in a house that was opened weeks ago.
import { mkdirSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { runAtHome } from './lib/atHome.mjs'
import { ensureModules, ensurePrograms } from './lib/install.mjs'
import { Trouble, explain } from './lib/steps.mjs'

process.chdir(join(dirname(fileURLToPath(import.meta.url)), '..'))

/** A tenth of its time was clearing away what a stretch leaves behind. */
const NODE_OPTIONS = `${process.env.NODE_OPTIONS ?? ''} --max-semi-space-size=64`

async function main() {
  const [many = 100_000, ...rest] = process.argv.slice(2)
  const visits = Number(many)
  if (!Number.isInteger(visits) || visits < 1 || rest.some((each) => each !== '--young'))
    throw new Trouble('Say how many visits: npm run bighouse -- 100000 [--young]')
  const home = resolve(process.env.KOVIT_HOME ?? '.kovit-big')
  mkdirSync(home, { recursive: true, mode: 0o700 })
  await ensurePrograms({ mariadbd: 'mariadb-server' })
  await ensureModules()
  const hear = (data) => process.stdout.write(String(data).replaceAll(/% (\d+)\n/g, '\r$1 %'))
  await runAtHome(home, 'scripts/bighouse.ts', [String(visits), ...rest], {
    env: { KOVIT_PROGRESS: '1', NODE_OPTIONS },
    hear,
  })
  process.stdout.write(`Open it with KOVIT_HOME=${home} npm start\n`)
}

main().catch((error) => (process.exitCode = explain(error)))
