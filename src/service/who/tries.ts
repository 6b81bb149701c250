import { LOCKED_AT, heldBackMs } from '@/core/rights'
import { inTransaction } from '@/data/connection'
import { holdTries, keepTries, readTries } from '@/data/signIns'

/** What is tried: each is counted by itself, over all devices. */
export type Tried = `pin ${number}` | `passphrase ${number}` | 'code'

/** What is said to who has to wait for too many others. */
export const WAIT = 'Too many tries at once. Wait a little, then try again.'

/** Who would wait longer than this for their turn is told to come back, ms. */
const LONGEST_WAIT_MS = 15_000

/**
 * Tries a secret. Every try is counted before it is looked at, and those that are wrong are answered later and later, one
 * after another, so that many devices at once come no further than one. A PIN is locked by the tenth.
 */
export async function trySecret(
  what: Tried,
  isRight: () => Promise<boolean>,
): Promise<'right' | 'wrong' | 'locked' | 'wait'> {
  const turn = await inTransaction(async () => {
    const { n, freeMs } = await holdTries(what)
    if (what.startsWith('pin') && n >= LOCKED_AT) return 'locked'
    const fromMs = Math.max(Date.now(), freeMs)
    if (fromMs - Date.now() > LONGEST_WAIT_MS) return 'wait'
    const next = { n: n + 1, freeMs: fromMs + heldBackMs(n + 1) }
    await keepTries(what, next)
    return { fromMs, answerMs: next.freeMs }
  })
  if (typeof turn === 'string') return turn
  await until(turn.fromMs)
  if (await isRight()) {
    await forgetTries(what)
    return 'right'
  }
  await until(turn.answerMs)
  return 'wrong'
}

/** Nothing wrong was tried: after a right one, or when the owner says so. */
export const forgetTries = (what: Tried): Promise<void> =>
  inTransaction(async () => {
    await holdTries(what)
    await keepTries(what, { n: 0, freeMs: 0 })
  })

/** Whose PIN was tried wrong so often that it is locked. */
export async function lockedPins(): Promise<number[]> {
  const tries = [...(await readTries())].filter(([, n]) => n >= LOCKED_AT)
  return tries.flatMap(([what]) => Number(/^pin (\d+)$/.exec(what)?.[1]) || [])
}

const until = (ms: number) => new Promise<void>((done) => setTimeout(done, Math.max(0, ms - Date.now())))
