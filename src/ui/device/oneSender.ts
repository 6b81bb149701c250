import { PAGE, chosenHouse, type BenchKey } from './store'

/** A sender that takes longer than this hangs: nobody waits for it any more. */
const PATIENCE_MS = 20_000
/** The browser says within this who holds what, or never. */
const QUERY_MS = 3000
/** Benches for which this page stands in line: whoever is next sends what everybody noted. */
const inLine = new Set<BenchKey>()

/**
 * Runs work for a bench while no other tab of this browser does: two senders would each count the other's events as new. One
 * that hangs holds nobody up for long, and neither do locks that never answer; the server takes each event once anyway.
 */
export async function oneSender(bench: BenchKey, work: () => Promise<void>): Promise<void> {
  // Over plain http on another name than this machine's the browser has no locks.
  if (!('locks' in navigator)) return work()
  if (inLine.has(bench)) return
  inLine.add(bench)
  const patience = new AbortController()
  let begun: Promise<void> | null = null
  const begin = () => {
    if (begun) return begun
    inLine.delete(bench)
    clearTimeout(timer)
    return (begun = work())
  }
  let timer: ReturnType<typeof setTimeout>
  const withoutLock = new Promise<void>((done) => {
    timer = setTimeout(() => {
      patience.abort()
      done(begin())
    }, PATIENCE_MS)
  })
  const { signal } = patience
  const withLock = navigator.locks.request(`kovit.send.${chosenHouse()}.${bench}`, { signal }, begin).catch(begin)
  await Promise.race([withLock, withoutLock])
}

const LIVES = 'kovit.page.'
let saidToLive = false

/**
 * The pages of this browser that live, this one left out. What such a page noted it sends itself: only it knows by how much
 * its clock was off, if it has not heard the server yet.
 */
export async function otherLivingPages(): Promise<ReadonlySet<string>> {
  if (!('locks' in navigator)) return new Set()
  if (!saidToLive) void navigator.locks.request(LIVES + PAGE, () => new Promise(() => {}))
  saidToLive = true
  const nobody: LockManagerSnapshot = {}
  const silence = new Promise<LockManagerSnapshot>((done) => setTimeout(() => done(nobody), QUERY_MS))
  const { held = [] } = await Promise.race([navigator.locks.query(), silence])
  const living = held.map(({ name = '' }) => name).filter((name) => name.startsWith(LIVES))
  return new Set(living.map((name) => name.slice(LIVES.length)).filter((page) => page !== PAGE))
}

const CHANNEL = 'kovit.kept'
interface Word {
  house: string
  bench: BenchKey
}

/** Calls `told` whenever another tab has kept or sent something, until the returned function is called. */
export function hearTabs(told: (bench: BenchKey) => void): () => void {
  const channel = new BroadcastChannel(CHANNEL)
  channel.onmessage = ({ data }: MessageEvent<Word>) => {
    if (data.house === chosenHouse()) told(data.bench)
  }
  return () => channel.close()
}

let speaking: BroadcastChannel | null = null

/** Tells the other tabs that this one has kept or sent something. */
export function tellTabs(bench: BenchKey): void {
  speaking ??= new BroadcastChannel(CHANNEL)
  speaking.postMessage({ house: chosenHouse(), bench } satisfies Word)
}
