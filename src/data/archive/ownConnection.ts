import mariadb, { type Connection } from 'mariadb'
import { PATIENT_MS, database } from '../connection'

/** What is read and written as it is kept: no time zones, no numbers that lose digits, JSON as its text. */
const AS_KEPT = {
  dateStrings: true,
  bigIntAsNumber: true,
  decimalAsNumber: true,
  insertIdAsNumber: true,
  autoJsonMap: false,
  jsonStrings: true,
  rowsAsArray: true,
  timezone: 'Z',
} as const

/**
 * A connection of one's own to the house's server, beside the pool: for hours, if need be.
 * @param schema another one than the house's own
 */
export function ownConnection(schema?: string): Promise<Connection> {
  const { host, port, username, password, database: own } = database().sequelize.config
  return mariadb.createConnection({
    host: host ?? '127.0.0.1',
    port: Number(port),
    user: username,
    ...(password ? { password } : {}),
    database: schema ?? own,
    connectTimeout: PATIENT_MS,
    ...AS_KEPT,
  })
}
