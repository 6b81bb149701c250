// `npm run bighouse -- 100000`: a home of its own with ten years of made-up visits; cut off, it goes on when it is called again.
import { mkdirSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { runAtHome } from './lib/atHome.mjs'
import { ensureModules, ensurePrograms } from './lib/install.mjs'
import { Trouble, explain } from './lib/steps.mjs'

process.chdir(join(dirname(fileURLToPath(import.meta.url)), '..'))

async function main() {
  const visits = Number(process.argv[2] ?? 100_000)
  if (!Number.isInteger(visits) || visits < 1) throw new Trouble('Say how many visits: npm run bighouse -- 100000')
  const home = resolve(process.env.KOVIT_HOME ?? '.kovit-big')
  mkdirSync(home, { recursive: true, mode: 0o700 })
  await ensurePrograms({ mariadbd: 'mariadb-server' })
  await ensureModules()
  const hear = (data) => process.stdout.write(String(data).replaceAll(/% (\d+)\n/g, '\r$1 %'))
  await runAtHome(home, 'scripts/bighouse.ts', [String(visits)], { env: { KOVIT_PROGRESS: '1' }, hear })
  process.stdout.write(`Open it with KOVIT_HOME=${home} npm start\n`)
}

main().catch((error) => (process.exitCode = explain(error)))
