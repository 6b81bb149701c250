import { AsyncLocalStorage } from 'node:async_hooks'
import mariadb from 'mariadb'
import { ConnectionError, Sequelize, Transaction } from 'sequelize'
import { tellNoValues } from './errorValues'
import { defineModels, type Models } from './models'

export interface Database {
  sequelize: Sequelize
  models: Models
}

/** A call that the database has not answered after this long is over, ms. */
const CALL_MS = 5000
/** Who waits for ever for an answer still has to reach the database in this time, ms. */
export const PATIENT_MS = 60_000
/** Screens, a close and a booking at the same moment: each holds one connection for its transaction. */
const MOST_CONNECTIONS = 12

/** One for the whole process: pages and routes may each carry a copy of this file, and must find the same transaction. */
const shared = globalThis as {
  kovitDatabase?: Database
  kovitRunning?: AsyncLocalStorage<Map<string, unknown>>
  kovitQueryTook?: (ms: number) => void
}

/** Every query of a transaction finds it here, so that no repository has to hand it on. */
const running = (shared.kovitRunning ??= new AsyncLocalStorage())
Sequelize.useCLS({
  get: (key: string) => running.getStore()?.get(key),
  set: (key: string, value: unknown) => running.getStore()?.set(key, value),
  run: (work: (context: unknown) => void) => running.run(new Map(), () => work(undefined)),
  bind: <Work>(work: Work) => work,
})

/**
 * Opens a pool to the house's database. All times are UTC, and each query sees what others have committed by then.
 * @param callMs when a call without an answer is over; 0 waits for ever
 */
export function openDatabase(url: string, callMs = 0): Database {
  const sequelize = new Sequelize(url, {
    dialect: 'mariadb',
    dialectModule: mariadb,
    benchmark: true,
    logging: (_, tookMs) => shared.kovitQueryTook?.(tookMs ?? 0),
    timezone: '+00:00',
    dialectOptions: {
      initSql: 'SET SESSION TRANSACTION ISOLATION LEVEL READ COMMITTED',
      ...(callMs > 0 ? { connectTimeout: callMs, socketTimeout: callMs } : { connectTimeout: PATIENT_MS }),
    },
    pool: { max: MOST_CONNECTIONS, min: 0, ...(callMs > 0 ? { acquire: callMs } : {}) },
    define: { underscored: true, timestamps: false },
  })
  tellNoValues(sequelize)
  return { sequelize, models: defineModels(sequelize) }
}

/** Who is told how long each question to the database took until its answer was read, ms. */
export const tellQueries = (told: (tookMs: number) => void): void => void (shared.kovitQueryTook = told)

/** The one pool of this process, from KOVIT_DATABASE_URL. @throws when that is not set */
export function database(): Database {
  if (shared.kovitDatabase) return shared.kovitDatabase
  const url = process.env.KOVIT_DATABASE_URL
  if (!url) throw new Error('KOVIT_DATABASE_URL is not set; start with npm start.')
  return (shared.kovitDatabase = openDatabase(url, Number(process.env.KOVIT_CALL_MS ?? CALL_MS)))
}

/** How many connections the pool has, how many of them work, and who waits for one. */
export function poolNow(): { open: number; busy: number; waiting: number } {
  const { pool } = database().sequelize.connectionManager as unknown as {
    pool: { size: number; using: number; waiting: number }
  }
  return { open: pool.size, busy: pool.using, waiting: pool.waiting }
}

/** Two that wait for each other: the database ends one of them, which is then done again. */
const DEADLOCK = 1213
const TRIES = 5

/**
 * Does one thing as a whole: all of it is kept, or nothing. Each query sees what others have committed by then, so that
 * what is read behind a lock is never older than the lock. Inside another transaction it joins that one.
 */
export async function inTransaction<T>(work: () => Promise<T>): Promise<T> {
  if (isInTransaction()) return work()
  for (let tries = 1; ; tries++)
    try {
      return await database().sequelize.transaction(work)
    } catch (error) {
      if (tries === TRIES || errorNumber(error) !== DEADLOCK) throw error
    }
}

/** Whether what is asked from here belongs to a transaction that is open. */
export const isInTransaction = (): boolean => Boolean(running.getStore()?.get('transaction'))

/** The database's own number of an error; null for any other error. */
export function errorNumber(error: unknown): number | null {
  const { parent } = error as { parent?: { errno?: unknown } }
  return typeof parent?.errno === 'number' ? parent.errno : null
}

/** Whether an error says that the database is away, or did not answer in time: what was asked may have been done. */
export function isAway(error: unknown): boolean {
  const { parent } = error as { parent?: { fatal?: unknown } }
  return error instanceof ConnectionError || parent?.fatal === true
}

/** Holds a row until the transaction ends: whoever else wants to change it waits. */
export const HELD = { lock: Transaction.LOCK.UPDATE } as const
