import { spawn, spawnSync } from 'node:child_process'
import { existsSync, statSync } from 'node:fs'
import { Trouble, step } from './steps.mjs'

const running = new Set()

/** Ends what is being run, so that a start which is stopped leaves nothing behind. */
export const endRunning = () => running.forEach((child) => child.kill('SIGTERM'))

/** The exit code of a program whose words are a sentence for the person at the terminal. */
const SAID = 3

/** Runs a command; its output goes to the terminal only when it fails, and piece by piece to who hears it. */
export function run(command, args, { hear, ...options } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], ...options })
    running.add(child)
    child.on('exit', () => running.delete(child))
    let output = ''
    child.stdout?.on('data', (data) => {
      output += data
      hear?.(data)
    })
    child.stderr?.on('data', (data) => (output += data))
    child.on('error', reject)
    child.on('exit', (code) =>
      code === 0
        ? resolve(output)
        : reject(
            new Trouble(code === SAID ? output.trim() : `${command} ${args.join(' ')} failed:\n${output.slice(-4000)}`),
          ),
    )
  })
}

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19))
    throw new Trouble(
      `Kovit needs Node 20.19 or newer; this is ${process.versions.node}. The file .nvmrc names a good one.`,
    )
}

const onPath = (program) =>
  spawnSync('sh', ['-c', `PATH="$PATH:/usr/sbin:/usr/local/sbin" command -v ${program}`]).status === 0

/** Installs Debian packages whose program is missing; without root it names the one command to run. */
export async function ensurePrograms(programs) {
  const missing = Object.entries(programs).filter(
    ([program]) => !(program.startsWith('/') ? existsSync(program) : onPath(program)),
  )
  const packages = missing.map(([, name]) => name)
  if (packages.length === 0) return
  if (process.getuid?.() !== 0)
    throw new Trouble(`Run this once, then start again:\n  sudo apt-get install -y ${packages.join(' ')}`)
  await step(`Installing ${packages.join(', ')}`, async () => {
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
    await run('apt-get', ['update', '-q'], { env })
    await run('apt-get', ['install', '-y', '-q', '--no-install-recommends', ...packages], { env })
  })
}

/** `npm ci` when node_modules is missing or older than the lockfile. */
export async function ensureModules() {
  const mark = 'node_modules/.package-lock.json'
  const fresh = existsSync(mark) && statSync(mark).mtimeMs >= statSync('package-lock.json').mtimeMs
  if (fresh) return
  await step('Installing npm packages', async () => void (await run('npm', ['ci', '--no-audit', '--no-fund'])))
}
