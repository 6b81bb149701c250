// `npm run backup -- FILE`: the whole house in one file, while it goes on working.
import { existsSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { holdsHouse, homeMeant, mustHoldHouse, runAtHome } from './lib/atHome.mjs'
import { ensureModules } from './lib/install.mjs'
import { Trouble, explain } from './lib/steps.mjs'

const from = process.env.INIT_CWD ?? process.cwd()
process.chdir(join(dirname(fileURLToPath(import.meta.url)), '..'))

/** Without a word the book of one's own; where there is none, the demo. */
function homeToKeep() {
  const own = homeMeant()
  return !process.env.KOVIT_HOME && !holdsHouse(own) ? resolve('.kovit') : own
}

async function main() {
  const given = process.argv[2]
  if (!given) throw new Trouble('Name the file: npm run backup -- house.zip')
  const file = resolve(from, given)
  if (existsSync(file)) throw new Trouble(`${file} is there already. Give another name; nothing is written over.`)
  const home = homeToKeep()
  mustHoldHouse(home)
  await ensureModules()
  process.stdout.write(await runAtHome(home, 'scripts/backup.ts', [file]))
}

main().catch((error) => (process.exitCode = explain(error)))
