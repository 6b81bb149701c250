import { useSyncExternalStore } from 'react'

/** Whether the house's server is heard: without a network, or while it is started again, everything is kept here. */
export type Link = { state: 'unheard' } | { state: 'up' } | { state: 'offline' | 'starting'; sinceMs: number }

let link: Link = { state: 'unheard' }
const told = new Set<() => void>()

function change(next: Link): void {
  link = next
  for (const tell of told) tell()
}

/** The server answered. */
function heardServer(): void {
  if (link.state !== 'up') change({ state: 'up' })
}

let nobody = false
/** Whether the server knows nobody at this table any more, since it was last told who is. */
export const isNobodyHeard = (): boolean => nobody
export function onNobody(tell: () => void): () => void {
  told.add(tell)
  return () => told.delete(tell)
}
function hearWho(isNobody: boolean): void {
  if (nobody === isNobody) return
  nobody = isNobody
  for (const tell of told) tell()
}
/** Somebody took the table. */
export const heardSomebody = (): void => hearWho(false)
/** What the server answers where nobody is signed in. */
const NOBODY = 401

const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]']

/**
 * The server did not answer, or said that it cannot. On the machine that it runs on, and where it answers with a fault, it is
 * being started again; else it is the network.
 */
function missedServer(answered: boolean): void {
  const starting = answered || (navigator.onLine && LOOPBACK.includes(location.hostname))
  const state = starting ? 'starting' : 'offline'
  if (link.state === state) return
  const sinceMs = link.state === 'offline' || link.state === 'starting' ? link.sinceMs : Date.now()
  change({ state, sinceMs })
}

/** Whether the server did not answer when it was last asked. */
export const isAway = (): boolean => link.state === 'offline' || link.state === 'starting'

export const useLink = (): Link =>
  useSyncExternalStore(
    (tell) => {
      told.add(tell)
      return () => told.delete(tell)
    },
    () => link,
    () => link,
  )

/** A call to the server that takes longer than this is over. */
const CALL_MS = 10_000

/** No answer, or none that can be used: it is tried again later. */
export class NoAnswer extends Error {}

/**
 * Asks the house's server.
 * @throws NoAnswer without a network, after 10 s, when the server says that it is in trouble, or on half an answer
 */
export async function askServer(path: string, ask: RequestInit = {}): Promise<{ status: number; body: unknown }> {
  try {
    const response = await fetch(path, { cache: 'no-store', signal: AbortSignal.timeout(CALL_MS), ...ask })
    if (response.status >= 500) {
      missedServer(true)
      throw new NoAnswer('The server did not take it.')
    }
    const text = await response.text()
    const body: unknown = response.headers.get('content-type')?.includes('json') ? JSON.parse(text) : text
    heardServer()
    if (response.status === NOBODY) hearWho(true)
    return { status: response.status, body }
  } catch (error) {
    // A fetch that fails is a TypeError, one that takes too long a DOMException, half an answer a SyntaxError.
    const isMissed = error instanceof TypeError || error instanceof DOMException || error instanceof SyntaxError
    if (!isMissed) throw error
    missedServer(false)
    throw new NoAnswer('No answer.', { cause: error })
  }
}
