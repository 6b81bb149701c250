// `npm run passphrase -- Wren`: a new passphrase for somebody who forgot theirs, at the machine that keeps the house.
import { existsSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { run } from './lib/install.mjs'
import { reachMariadb } from './lib/mariadb.mjs'
import { Trouble, explain } from './lib/steps.mjs'

process.chdir(join(dirname(fileURLToPath(import.meta.url)), '..'))
const home = resolve(process.env.KOVIT_HOME ?? '.kovit-own')
const name = process.argv[2] ?? ''

async function main() {
  if (name === '') throw new Trouble('Say whose: npm run passphrase -- Wren')
  const given = process.env.KOVIT_DATABASE_URL
  if (!given && !existsSync(join(home, 'database.json')))
    throw new Trouble(`There is no house in ${home}. Name its folder in KOVIT_HOME.`)
  const { url, end } = given ? { url: given, end: async () => {} } : await reachMariadb(home)
  try {
    const said = await run(process.execPath, ['--import', 'tsx', 'scripts/passphrase.ts', name], {
      env: { ...process.env, KOVIT_DATABASE_URL: url },
    })
    process.stdout.write(said)
  } finally {
    await end()
  }
}

main().catch((error) => (process.exitCode = explain(error)))
