// `npm test`: everything, browser included. `npm test -- unit data` runs the parts named.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { spawn, spawnSync } from 'node:child_process'
import { dirname, join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import { ensureBuild } from './lib/build.mjs'
import { checkNode, ensureModules, ensurePrograms } from './lib/install.mjs'
import { explain } from './lib/steps.mjs'

process.chdir(join(dirname(fileURLToPath(import.meta.url)), '..'))
const RESULTS = '.kovit-test/results'
const BROWSER = {
  '/usr/bin/chromium': 'chromium',
  '/usr/bin/chromedriver': 'chromium-driver',
  '/usr/share/fonts/truetype/dejavu': 'fonts-dejavu-core',
}
const DATABASE = { mariadbd: 'mariadb-server' }
const CHECKS = {
  lint: ['node_modules/eslint/bin/eslint.js', '.'],
  format: ['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.'],
  layers: ['node_modules/dependency-cruiser/bin/dependency-cruise.mjs', 'src', '--config', '.dependency-cruiser.cjs'],
  types: ['node_modules/typescript/bin/tsc', '--noEmit'],
}
const PROJECTS = ['unit', 'reference', 'data', 'e2e', 'faults']
const WITH_BROWSER = ['e2e', 'faults']
const PARTS = [...Object.keys(CHECKS), ...PROJECTS]

const counts = { passed: 0, failed: 0 }
/** What failed, told once more at the end: the tail of a long run may be all that is kept of it. */
const fallen = []

/** Runs a Node program with its output on the terminal, or to who hears it; true when it ended well. */
const node = (args, { env = {}, hear } = {}) =>
  new Promise((done) => {
    const stdio = ['inherit', ...(hear ? ['pipe', 'pipe'] : ['inherit', 'inherit'])]
    const child = spawn(process.execPath, args, { stdio, env: { ...process.env, ...env } })
    for (const said of hear ? [child.stdout, child.stderr] : []) said.on('data', hear)
    child.on('close', (code) => done(code === 0))
  })

function count(ok, what) {
  if (ok) return void (counts.passed += 1)
  counts.failed += 1
  fallen.push(what)
}

/** Every test of one part that failed, and every file that could not be run, with the first lines of why. */
const failuresOf = ({ testResults }) =>
  testResults.flatMap(({ name, status, message, assertionResults }) => {
    const file = relative(process.cwd(), name)
    const failed = assertionResults.filter((test) => test.status === 'failed')
    if (status === 'failed' && failed.length === 0) return [`${file}\n${firstLines(message)}`]
    return failed.map(({ fullName, failureMessages: [why] }) => `${file}: ${fullName}\n${firstLines(why)}`)
  })
const firstLines = (text = '') => text.split('\n').slice(0, 12).join('\n')

/** The checks are each on one core: they run beside each other, and what each says stays together. */
const runChecks = (parts) =>
  Promise.all(
    parts.map(async (part) => {
      let said = ''
      const ok = await node(CHECKS[part], { hear: (data) => (said += data) })
      process.stdout.write(`\n== ${part}\n${said}`)
      count(ok, `${part}\n${firstLines(said)}`)
    }),
  )

async function runProject(part) {
  process.stdout.write(`\n== ${part}\n`)
  const browser = WITH_BROWSER.includes(part)
  if (part === 'data' || browser) await ensurePrograms(browser ? { ...DATABASE, ...BROWSER } : DATABASE)
  if (browser) await ensureBuild()
  const file = join(RESULTS, `${part}.json`)
  const ok = await node([
    'node_modules/vitest/vitest.mjs',
    'run',
    '--project',
    part,
    '--reporter',
    'default',
    '--reporter',
    'json',
    '--outputFile.json',
    file,
  ])
  if (!existsSync(file)) return count(false, `${part}: ended without a result`)
  const told = JSON.parse(readFileSync(file, 'utf8'))
  counts.passed += told.numPassedTests
  // A part that ran nothing has not passed.
  if (ok && told.numPassedTests === 0) return count(false, `${part}: no test ran`)
  if (ok) return
  const failures = failuresOf(told)
  for (const each of failures.length ? failures : [`${part}: ended badly, though no test of it failed`])
    count(false, each)
}

async function main() {
  checkNode()
  const asked = process.argv.slice(2)
  const unknown = asked.find((part) => !PARTS.includes(part))
  if (unknown) throw new Error(`There is no part "${unknown}". The parts are: ${PARTS.join(', ')}.`)
  await ensureModules()
  // A fault run that was killed leaves its small disk behind.
  spawnSync('umount', ['.kovit-test/faults'], { stdio: 'ignore' })
  rmSync('.kovit-test', { recursive: true, force: true })
  mkdirSync(RESULTS, { recursive: true })
  // Next writes the types that tsc reads; a clean clone has none yet.
  if (!existsSync('next-env.d.ts'))
    await node(['node_modules/next/dist/bin/next', 'typegen'], { env: { NEXT_TELEMETRY_DISABLED: '1' } })
  const parts = PARTS.filter((each) => asked.length === 0 || asked.includes(each))
  await runChecks(parts.filter((part) => part in CHECKS))
  for (const part of parts.filter((part) => !(part in CHECKS))) await runProject(part)
  for (const each of fallen) process.stdout.write(`\nFAILED ${each}\n`)
  process.stdout.write(`\n${counts.passed} passed, ${counts.failed} failed\n`)
  process.exitCode = counts.failed === 0 ? 0 : 1
}

main().catch((error) => (process.exitCode = explain(error)))
