// `npm run passphrase -- Wren`: a new passphrase for somebody who forgot theirs, at the machine that keeps the house.
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { homeMeant, mustHoldHouse, runAtHome } from './lib/atHome.mjs'
import { Trouble, explain } from './lib/steps.mjs'

process.chdir(join(dirname(fileURLToPath(import.meta.url)), '..'))
const name = process.argv[2] ?? ''

async function main() {
  if (name === '') throw new Trouble('Say whose: npm run passphrase -- Wren')
  const home = homeMeant()
  mustHoldHouse(home)
  process.stdout.write(await runAtHome(home, 'scripts/passphrase.ts', [name]))
}

main().catch((error) => (process.exitCode = explain(error)))
