import { copyFileSync, existsSync, openSync, renameSync, statSync, truncateSync } from 'node:fs'

const MOST_BYTES = 5_000_000
const KEPT = 3
const LOOK_MS = 60_000

/** A log that is longer than 5 MB begins anew; three older ones are kept beside it. Whoever writes to it goes on writing. */
export function rotate(file) {
  if (!existsSync(file) || statSync(file).size < MOST_BYTES) return
  for (let nth = KEPT; nth > 1; nth--)
    if (existsSync(`${file}.${nth - 1}`)) renameSync(`${file}.${nth - 1}`, `${file}.${nth}`)
  copyFileSync(file, `${file}.1`)
  truncateSync(file)
}

/** Opens a log to append to, and keeps it short as long as this process lives. */
export function openLog(file) {
  rotate(file)
  setInterval(() => rotate(file), LOOK_MS).unref()
  return openSync(file, 'a', 0o600)
}
