import { PAGE, chosenHouse, type BenchKey } from './store'

/** Runs work for a bench while no other tab of this browser does: two senders would each count the other's events as new. */
export async function oneSender(bench: BenchKey, work: () => Promise<void>): Promise<void> {
  // Over plain http on another name than this machine's the browser has no locks; the server takes each event once anyway.
  if (!('locks' in navigator)) return work()
  await navigator.locks.request(`kovit.send.${chosenHouse()}.${bench}`, work)
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
  const { held = [] } = await navigator.locks.query()
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
