import { stat } from 'node:fs/promises'
import { refuse } from '@/core/result'
import { database } from '@/data/connection'
import { isUpToDate } from '@/data/migrations'
import { backUp, backUpNow } from '@/service/archive/backUp'
import { openHouseIfSetUp } from '@/service/house/openHouse'
import { archiveCommand, megabytes, progressLines } from './lib/archiveCommand'

/** A backup into the file that is named; with --kept into the house's own folder, where the oldest are let go of. */
archiveCommand(async () => {
  const to = process.argv[2] ?? ''
  if (!(await isUpToDate(database())))
    return refuse('house', 'The tables of this house are of an older Kovit. Start Kovit once, then back up.')
  const house = await openHouseIfSetUp()
  if (!house) return refuse('house', 'This book is empty: there is nothing to back up yet.')
  const began = Date.now()
  const { lock } = house.backups
  const made =
    to === '--kept' ? await backUpNow(house, progressLines()) : await backUp(to, house, lock, progressLines())
  if (!made.ok) return made
  const bytes = 'bytes' in made.value ? made.value.bytes : (await stat(to)).size
  const seconds = ((Date.now() - began) / 1000).toFixed(1)
  const how = lock ? 'locked, ' : ''
  return { ok: true, value: `${house.name}, ${megabytes(bytes)}, ${how}read back and whole, ${seconds} s.` }
})
