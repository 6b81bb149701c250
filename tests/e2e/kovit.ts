import { spawn, type ChildProcess } from 'node:child_process'
import { cpSync, existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import type { WebDriver } from 'selenium-webdriver'
import { afterAll, beforeAll } from 'vitest'
import { dropTables } from '../data/house'
import { Page, openBrowser } from './browser'

/** A machine whose cores are busy may take this long to make the demo; no test waits for less. */
const READY_MS = 540_000

export interface Running {
  address: string
  words: () => string
  child: ChildProcess
  ended: Promise<number | null>
}

/** Starts Kovit the way a groomer does, on a home and port of its own; resolves when it says where it is open. */
export function startKovit(home: string, env: Record<string, string> = {}, args: string[] = []): Promise<Running> {
  const child = spawn(process.execPath, ['scripts/start.mjs', ...args], {
    env: { ...process.env, KOVIT_HOME: home, KOVIT_DATABASE_URL: undefined, NODE_ENV: 'production', ...env },
  })
  let said = ''
  const ended = new Promise<number | null>((done) => child.on('exit', done))
  return new Promise((ready, failed) => {
    const timer = setTimeout(() => failed(new Error(`Kovit did not start in time:\n${said}`)), READY_MS)
    const hear = (data: Buffer) => {
      said += String(data)
      const address = /open at (http:\S+)/.exec(said)?.[1]
      if (!address) return
      clearTimeout(timer)
      ready({ address, child, ended, words: () => said })
    }
    child.stdout?.on('data', hear)
    child.stderr?.on('data', hear)
    void ended.then((code) => failed(new Error(`Kovit ended with ${code}:\n${said}`)))
  })
}

export async function stopKovit(running: Running | undefined): Promise<number | null> {
  running?.child.kill('SIGTERM')
  return running ? running.ended : null
}

/** Stops Kovit after the last test of a file; what its database holds goes, what it said stays. */
export async function endKovit(running: Running | undefined, home: string): Promise<void> {
  await stopKovit(running)
  dropTables(home)
}

/** A home with the demo, made by a real first start and copied for every file that begins soon after. */
const DEMO = '.kovit-test/demo'
const MADE = `${DEMO}/made-at`
/** The demo is a day that goes on: a file that begins later than this has it made anew. */
const STAYS_MS = 15 * 60_000

/** Starts Kovit on a home of its own that holds the demo. */
export async function startDemo(home: string, env?: Record<string, string>, args?: string[]): Promise<Running> {
  const madeMs = existsSync(MADE) ? Number(readFileSync(MADE, 'utf8')) : 0
  if (Date.now() - madeMs > STAYS_MS) {
    rmSync(DEMO, { recursive: true, force: true })
    const beganMs = Date.now()
    await stopKovit(await startKovit(DEMO))
    writeFileSync(MADE, String(beganMs))
  }
  rmSync(home, { recursive: true, force: true })
  cpSync(DEMO, home, { recursive: true })
  return startKovit(home, env, args)
}

export interface Opened {
  kovit: Running
  driver: WebDriver
  page: Page
}

/** So high that nothing folds at the bench: what has room on which screen is `anyScreen`'s to say. */
const ROOMY = [1280, 1600] as const

/** Starts Kovit on a home with the demo and a browser before the tests of a file, and ends both after them. */
export function openFor(
  home: string,
  tell: (opened: Opened) => unknown,
  size: readonly [number, number] = ROOMY,
  start: { env?: Record<string, string>; args?: string[] } = {},
): void {
  let opened: Partial<Opened> = {}
  beforeAll(async () => {
    const kovit = await startDemo(home, start.env, start.args)
    opened = { kovit }
    const driver = await openBrowser(...size)
    opened = { kovit, driver }
    await tell({ kovit, driver, page: new Page(driver) })
  })
  afterAll(async () => {
    await opened.driver?.quit()
    await endKovit(opened.kovit, home)
  })
}
