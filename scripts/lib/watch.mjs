import { pause } from './mariadb.mjs'

const MOST_TIMES = 5
const WITHIN_MS = 600_000
const FIRST_WAIT_MS = 500
const LONGEST_WAIT_MS = 15_000

/** How long to wait before the next start, ms; null when it has ended so often that somebody has to look. */
export function nextWait(endings, nowMs) {
  const lately = endings.filter((ms) => nowMs - ms < WITHIN_MS).length
  return lately >= MOST_TIMES ? null : Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (lately - 1))
}

/**
 * Keeps one process running. It is started again when it ends by itself, each time after a longer wait; after five endings
 * in ten minutes it is given up.
 * @param name as it is said on the terminal
 * @param start starts it; resolves with what it is and when it ends
 * @param log where its words are
 */
export async function keepRunning({ name, start, log, say, isStopping, giveUp }) {
  const endings = []
  let now = await start()
  const watch = async () => {
    for (;;) {
      await now.ended
      if (isStopping()) return
      endings.push(Date.now())
      const waitMs = nextWait(endings, Date.now())
      if (waitMs === null) return giveUp(`${name} ended by itself five times in ten minutes. Its log is ${log}.`)
      say(`${name} ended by itself; it is started again in ${waitMs / 1000} s.`)
      await pause(waitMs)
      if (isStopping()) return
      const again = await start().catch((error) => ({ ended: Promise.resolve(), error }))
      if (again.error) say(`${name} did not start: ${again.error.message}`)
      else say(`${name} runs again.`)
      now = again
    }
  }
  void watch()
  return { current: () => now }
}
