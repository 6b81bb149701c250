import { ownConnection } from './ownConnection'

/**
 * Does something that only one of all processes and machines on this database may do at a time; null where one does.
 * @param waitS how long the other is waited for
 */
export async function oneAtATime<T>(name: string, work: () => Promise<T>, waitS = 0): Promise<T | null> {
  const connection = await ownConnection()
  try {
    // The server takes the lock back when its connection ends, however that comes about.
    const [row] = await connection.query<[unknown][]>('SELECT GET_LOCK(CONCAT(?, DATABASE()), ?)', [name, waitS])
    return Number(row?.[0]) === 1 ? await work() : null
  } finally {
    await connection.end()
  }
}
