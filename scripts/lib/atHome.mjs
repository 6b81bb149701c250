import { existsSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { run } from './install.mjs'
import { reachMariadb } from './mariadb.mjs'
import { Trouble } from './steps.mjs'

/** The home that a command means: the one it is told, or a book of one's own. */
export const homeMeant = () => resolve(process.env.KOVIT_HOME ?? '.kovit-own')

export const holdsHouse = (home) => existsSync(join(home, 'database.json'))

/**
 * Runs a script on the database of a home, which is started for as long as it takes where it does not run; or on the one
 * that is given by KOVIT_DATABASE_URL.
 * @returns what the script said
 */
export async function runAtHome(home, script, args, { env = {}, hear } = {}) {
  const given = process.env.KOVIT_DATABASE_URL
  const { url, end } = given ? { url: given, end: async () => {} } : await reachMariadb(home)
  try {
    return await run(process.execPath, ['--import', 'tsx', script, ...args], {
      env: { ...process.env, KOVIT_HOME: home, KOVIT_DATABASE_URL: url, ...env },
      hear,
    })
  } finally {
    await end()
  }
}

/** @throws Trouble where no house is kept */
export function mustHoldHouse(home) {
  if (!process.env.KOVIT_DATABASE_URL && !holdsHouse(home))
    throw new Trouble(`There is no house in ${home}. Name its folder in KOVIT_HOME.`)
}
