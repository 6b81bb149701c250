/** Runs work for a visit while no other tab of this browser does: two senders would each count the other's events as new. */
export async function oneSender(visitId: number, work: () => Promise<void>): Promise<void> {
  // Over plain http on another name than this machine's the browser has no locks; the server takes each event once anyway.
  if (!('locks' in navigator)) return work()
  await navigator.locks.request(`kovit.send.${visitId}`, work)
}

/** Tells the other tabs on a visit that this one has kept or sent something. */
export function tabsOn(visitId: number, told: () => void): { tell: () => void; close: () => void } {
  const channel = new BroadcastChannel(`kovit.visit.${visitId}`)
  channel.onmessage = told
  return { tell: () => channel.postMessage('kept'), close: () => channel.close() }
}
