import type { Manifest } from '@/core/archive'
import { refuse, type Result } from '@/core/result'
import { database } from '@/data/connection'
import { oneAtATime } from '@/data/archive/oneAtATime'
import { isUpToDate } from '@/data/migrations'
import { backUp, backUpNow, isBackupDue } from '@/service/archive/backUp'
import { openHouseIfSetUp } from '@/service/house/openHouse'
import { archiveCommand, holds, progressLines } from './lib/archiveCommand'

/**
 * A backup into the file that is named; with --kept into the house's own folder, where the oldest are let go of, and with
 * --due the same where the last one is a day old. One at a time, whoever begins it.
 */
archiveCommand(async () => {
  const to = process.argv[2] ?? ''
  if (!(await isUpToDate(database())))
    return refuse('house', 'The tables of this house are of an older Kovit. Start Kovit once, then back up.')
  const house = await openHouseIfSetUp()
  const isDue = to === '--due'
  if (isDue && !(house && (await isBackupDue(house)))) return { ok: true, value: 'No backup is due.' }
  if (!house) return refuse('house', 'This book is empty: there is nothing to back up yet.')
  const began = Date.now()
  const { lock } = house.backups
  const made = await oneAtATime<Result<Manifest>>('kovit backup', () =>
    isDue || to === '--kept' ? backUpNow(house, progressLines()) : backUp(to, house, lock ?? null, progressLines()),
  )
  if (made === null) return refuse('house', 'A backup of this house is being made already.')
  if (!made.ok) return made
  const seconds = ((Date.now() - began) / 1000).toFixed(1)
  return { ok: true, value: `${holds(made.value)}${lock ? ', locked' : ''}, read back and whole, ${seconds} s.` }
})
