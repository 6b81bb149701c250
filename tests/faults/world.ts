import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { existsSync, mkdirSync, openSync, rmSync, writeSync, closeSync } from 'node:fs'
import { join } from 'node:path'
import type { Database } from '@/data/connection'
import { migrate } from '@/data/migrations'
import { freePort } from '../../scripts/lib/mariadb.mjs'
import { PAGES } from '../../scripts/lib/pages.mjs'
import { bookAgain, bookQuill, connect, openToAnybody, startMariadb, startVisit, type Server } from '../data/house'
import { DatabaseProxy, PageProxy } from './proxy'

const DISK_MB = 600
const READY_MS = 60_000
const pause = (ms: number) => new Promise((done) => setTimeout(done, ms))

/** A house of its own with everything that can fail: its disk, its database, its server, and the ways between them. */
export class World {
  private server!: Server
  private web: ChildProcess | null = null
  private webPort = 0
  private database!: Database
  private ids!: { dogId: number; staffId: number; bookingId: number }
  readonly hasOwnDisk: boolean
  pages!: PageProxy
  way!: DatabaseProxy

  private constructor(private readonly home: string) {
    if (existsSync(home)) spawnSync('umount', [home])
    rmSync(home, { recursive: true, force: true })
    mkdirSync(home, { recursive: true })
    // A disk that can be filled without harm; only root may mount one, elsewhere that fault is left out, and says so.
    this.hasOwnDisk = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK_MB}m`, 'none', home]).status === 0
  }

  static async open(home: string): Promise<World> {
    const world = new World(home)
    await world.startDatabase()
    await migrate(world.database)
    await world.database.models.house.create({ name: 'Test house', place: 'Quay', timeZone: 'UTC', unit: 'mm' })
    world.ids = await bookQuill(world.database)
    await openToAnybody(world.database)
    world.way = await DatabaseProxy.start(() => world.server.port)
    world.pages = await PageProxy.start(() => world.webPort)
    world.webPort = (await freePort()) ?? 0
    await world.startServer()
    return world
  }

  /** A dog whose groom begins now, in the book of a day of its own. */
  async begin(nth: number): Promise<number> {
    const day = Date.UTC(2030, 0, 1 + nth, 9)
    const booking = await bookAgain(this.database, this.ids, day, { pattern: 'one-length' }, { all: 38 })
    return startVisit(booking.id, this.ids.dogId, undefined, Date.now())
  }

  async startDatabase(): Promise<void> {
    this.server = await startMariadb(this.home, this.server?.port)
    this.database = connect(this.server.url)
  }
  killDatabase(): void {
    if (!this.server.exited()) process.kill(this.server.pid, 'SIGKILL')
  }
  /** As the start's watch does: what has ended is started again, on a full disk only when there is room. */
  async mend(): Promise<void> {
    if (this.isFull) return
    if (this.server.exited()) await this.startDatabase()
    if (this.web === null || this.web.exitCode !== null || this.web.signalCode !== null) await this.startServer()
  }

  async startServer(): Promise<void> {
    const url = new URL(this.server.url)
    url.port = String(this.way.port)
    const args = [PAGES, String(this.webPort)]
    const env = {
      ...process.env,
      KOVIT_DATABASE_URL: url.href,
      NODE_ENV: 'production' as const,
      NEXT_TELEMETRY_DISABLED: '1',
    }
    this.web = spawn(process.execPath, args, { env, stdio: 'ignore' })
    const until = Date.now() + READY_MS
    while (Date.now() < until) {
      if (
        await fetch(`http://127.0.0.1:${this.webPort}/health`).then(
          (each) => each.ok,
          () => false,
        )
      )
        return
      await pause(50)
    }
    throw new Error('The pages did not come up.')
  }
  killServer(): void {
    this.web?.kill('SIGKILL')
  }
  get webAddress(): string {
    return `http://127.0.0.1:${this.webPort}`
  }
  get webPid(): number {
    return this.web?.pid ?? 0
  }

  private isFull = false
  fillDisk(): void {
    if (!this.hasOwnDisk) return
    this.isFull = true
    const file = openSync(join(this.home, 'full'), 'w')
    const block = Buffer.alloc(1 << 20)
    try {
      for (;;) writeSync(file, block)
    } catch (error) {
      if ((error as { code?: string }).code !== 'ENOSPC') throw error
    } finally {
      closeSync(file)
    }
  }
  freeDisk(): void {
    this.isFull = false
    rmSync(join(this.home, 'full'), { force: true })
  }

  async stop(): Promise<void> {
    this.killServer()
    await this.pages.stop()
    await this.way.stop()
    await this.database.sequelize.close()
    await this.server.stop()
    if (this.hasOwnDisk) spawnSync('umount', [this.home])
  }
}
