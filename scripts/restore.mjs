// `npm run restore -- FILE`: a house comes back from a backup, beside the one that is kept here.
import { existsSync, mkdirSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { createInterface } from 'node:readline/promises'
import { fileURLToPath } from 'node:url'
import { homeMeant, runAtHome } from './lib/atHome.mjs'
import { ensureModules, ensurePrograms } from './lib/install.mjs'
import { endProcess, isAlive, readPid, switchBack, switchSchema } from './lib/mariadb.mjs'
import { PAGES } from './lib/pages.mjs'
import { Trouble, explain } from './lib/steps.mjs'

const from = process.env.INIT_CWD ?? process.cwd()
process.chdir(join(dirname(fileURLToPath(import.meta.url)), '..'))
const flags = process.argv.filter((each) => each.startsWith('--'))
const given = process.argv.slice(2).find((each) => !each.startsWith('--'))
const home = homeMeant()
const PAGES_MS = 3000
const isElsewhere = Boolean(process.env.KOVIT_DATABASE_URL)

/** Begun by the pages themselves: they are started anew on the house that came back. */
const isRunning = flags.includes('--running')

async function main() {
  if (!isRunning) mustBeStopped()
  if (flags.includes('--back')) {
    if (!switchBack(home)) throw new Trouble('No house was restored here: there is none to go back to.')
    return process.stdout.write('The house before the restore is open again at the next start.\n')
  }
  if (!given) throw new Trouble('Name the file: npm run restore -- house.zip')
  const file = resolve(from, given)
  if (!existsSync(file)) throw new Trouble(`There is no file ${file}.`)
  if (!isElsewhere) await ensurePrograms({ mariadbd: 'mariadb-server' })
  await ensureModules()
  mkdirSync(home, { recursive: true, mode: 0o700 })
  const said = await runAtHome(home, 'scripts/restore.ts', [file, ...ways()], {
    env: await secret(file),
    hear: (data) => isRunning && process.stdout.write(data),
  })
  const { schema, words } = JSON.parse(said.trim().split('\n').at(-1))
  if (!isElsewhere) switchSchema(home, schema)
  // What the house makes of its rows by itself, as a start would: its pages find it made.
  if (isRunning) await runAtHome(home, 'scripts/database.ts', [])
  // Screens that listen hold the pages open for as long as they may; what they noted is kept on the device.
  if (isRunning) await endProcess(readPid(join(home, 'web.pid')), PAGES, PAGES_MS)
  const back = isElsewhere ? '' : ' The one that was here is kept: npm run restore -- --back\n'
  process.stdout.write(`${words}\n${back}`)
}

/** The demo only goes where somebody names a home for it; another house only where somebody says so. */
function ways() {
  const isNamed = (!isRunning && Boolean(process.env.KOVIT_HOME)) || isElsewhere || flags.includes('--demo')
  return [
    ...(isElsewhere ? ['--here'] : []),
    ...(isNamed ? ['--demo'] : []),
    ...(flags.includes('--another') ? ['--another'] : []),
  ]
}

function mustBeStopped() {
  const pid = readPid(join(home, 'start.pid'))
  if (pid && isAlive(pid, 'start.mjs')) throw new Trouble(`Kovit runs on ${home}. Stop it with Ctrl-C first.`)
}

/** The passphrase of a locked backup: from KOVIT_PASSPHRASE, or asked at the terminal and not shown there. */
async function secret(file) {
  if (process.env.KOVIT_PASSPHRASE || !file.endsWith('.locked') || !process.stdin.isTTY) return {}
  process.stdout.write('The passphrase of this backup: ')
  const asking = createInterface({ input: process.stdin, terminal: true, output: undefined })
  const passphrase = await asking.question('')
  asking.close()
  process.stdout.write('\n')
  return { KOVIT_PASSPHRASE: passphrase }
}

main().catch((error) => (process.exitCode = explain(error)))
