import type { Manifest } from '@/core/archive'
import type { Problem } from '@/core/result'
import { database } from '@/data/connection'

/** The exit code that says: these words are for the person at the terminal. */
const SAID = 3

/** Tells whoever started this how far it is, in whole percents, a line each. */
export function progressLines(): (share: number) => void {
  let last = -1
  return (share) => {
    const percent = Math.min(100, Math.floor(share * 100))
    if (process.env.KOVIT_PROGRESS && percent > last) process.stdout.write(`% ${(last = percent)}\n`)
  }
}

/** Runs a command about archives; problems are its last words. */
export function archiveCommand(work: () => Promise<{ ok: true; value: string } | { ok: false; problems: Problem[] }>) {
  process.env.KOVIT_CALL_MS = '0' // a whole house may take its time
  void work()
    .then((done) => {
      if (!done.ok) process.exitCode = SAID
      process.stdout.write(`${done.ok ? done.value : done.problems.map(({ sentence }) => sentence).join('\n')}\n`)
    })
    .catch((error: unknown) => {
      process.exitCode = 1
      process.stderr.write(`${error instanceof Error ? error.stack : String(error)}\n`)
    })
    .finally(() => database().sequelize.close())
}

/** What an archive holds, in a few words. */
export const holds = ({ house, tables }: Manifest): string =>
  `${house.name}: ${tables.dogs?.rows ?? 0} dogs, ${tables.visits?.rows ?? 0} visits`
