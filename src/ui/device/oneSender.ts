import { chosenHouse, type BenchKey } from './store'

/** Runs work for a bench while no other tab of this browser does: two senders would each count the other's events as new. */
export async function oneSender(bench: BenchKey, work: () => Promise<void>): Promise<void> {
  // Over plain http on another name than this machine's the browser has no locks; the server takes each event once anyway.
  if (!('locks' in navigator)) return work()
  await navigator.locks.request(`kovit.send.${chosenHouse()}.${bench}`, work)
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
