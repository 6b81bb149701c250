import { database, openDatabase, type Database } from '../connection'
import { ownConnection } from './ownConnection'
import { quoted } from './snapshot'

/** A table that stands in a schema for as long as it is being filled. */
const HALF_MADE = 'restore_begun'

/** The schema that the house lives in. */
export const ownSchema = (): string => database().sequelize.config.database ?? 'kovit'

async function askServer(sql: string, values: unknown[] = []): Promise<unknown[][]> {
  const connection = await ownConnection()
  try {
    return await connection.query(sql, values)
  } finally {
    await connection.end()
  }
}

/** An empty schema to restore into, beside all others; those that an earlier try left half made are taken away. */
export async function newSchema(nowMs: number): Promise<string> {
  const left = await askServer('SELECT table_schema FROM information_schema.tables WHERE table_name = ?', [HALF_MADE])
  for (const [name] of left) if (String(name) !== ownSchema()) await dropSchema(String(name))
  const name = `kovit_${new Date(nowMs).toISOString().slice(0, 19).replaceAll(/\D/g, '')}`
  await askServer(`CREATE DATABASE ${quoted(name)} CHARACTER SET utf8mb4`)
  await beginHalf(name)
  return name
}

export const dropSchema = async (name: string): Promise<void> => {
  await askServer(`DROP DATABASE ${quoted(name)}`)
}

export const beginHalf = async (schema: string): Promise<void> => {
  await askServer(`CREATE TABLE IF NOT EXISTS ${quoted(schema)}.${HALF_MADE} (id INT PRIMARY KEY)`)
}
export const endHalf = async (schema: string): Promise<void> => {
  await askServer(`DROP TABLE ${quoted(schema)}.${HALF_MADE}`)
}
export const isHalf = async (schema: string): Promise<boolean> =>
  (
    await askServer('SELECT 1 FROM information_schema.tables WHERE table_schema = ? AND table_name = ?', [
      schema,
      HALF_MADE,
    ])
  ).length > 0

/** The app's pool on another schema of the same server. */
export function openSchema(schema: string): Database {
  const { host, port, username, password } = database().sequelize.config
  const who = `${encodeURIComponent(username)}:${encodeURIComponent(password ?? '')}`
  return openDatabase(`mariadb://${who}@${host}:${port}/${schema}`)
}

/**
 * What an archive leaves out and this server has: who may sign in, and on which devices. Only between two states of one
 * house; a person who is another one by now has nothing of it.
 */
export async function keepSignIns(schema: string): Promise<void> {
  const [from, to] = [quoted(ownSchema()), quoted(schema)]
  await askServer(
    `UPDATE ${to}.staff AS new JOIN ${from}.staff AS old ON old.id = new.id AND BINARY old.name = BINARY new.name
       SET new.passphrase = old.passphrase, new.pin = old.pin`,
  )
  await askServer(`INSERT INTO ${to}.devices SELECT * FROM ${from}.devices`)
  await askServer(
    `INSERT INTO ${to}.sign_ins SELECT s.* FROM ${from}.sign_ins AS s
       JOIN ${from}.staff AS old ON old.id = s.staff_id JOIN ${to}.staff AS new ON new.id = old.id AND BINARY new.name = BINARY old.name`,
  )
  await askServer(
    `INSERT INTO ${to}.calendar_feeds SELECT f.* FROM ${from}.calendar_feeds AS f
       WHERE f.staff_id = 0 OR f.staff_id IN (SELECT id FROM ${to}.staff)`,
  )
}
