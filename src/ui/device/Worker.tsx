'use client'

import { useEffect } from 'react'
import { NoAnswer, askServer } from './link'
import { takeNewVersion } from './newVersion'

const LOOK_MS = 60_000
const WARM_MS = 10 * 60_000

/** The service worker: it opens today's and tomorrow's pages without a network, and takes a new version between dogs. */
export function Worker() {
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return
    const worker = navigator.serviceWorker
    let hadOne = worker.controller !== null
    // A page of the old version is drawn anew by the new one; the first worker of all changes nothing.
    const changed = () => {
      if (hadOne) location.reload()
      hadOne = true
    }
    worker.addEventListener('controllerchange', changed)
    let over = false
    const timers: ReturnType<typeof setInterval>[] = []
    const begin = async () => {
      // A page that is still being loaded is not drawn anew in the middle of it.
      if (document.readyState !== 'complete')
        await new Promise((done) => addEventListener('load', done, { once: true }))
      const registration = await worker.register('/service-worker.js').catch(() => null)
      if (registration === null || over) return
      const look = () =>
        void registration
          .update()
          .catch(() => {})
          .then(() => takeNewVersion(registration))
      registration.addEventListener('updatefound', () => {
        const next = registration.installing
        next?.addEventListener('statechange', () => next.state === 'installed' && void takeNewVersion(registration))
      })
      look()
      void warm()
      timers.push(
        setInterval(look, LOOK_MS),
        setInterval(() => void warm(), WARM_MS),
      )
    }
    void begin()
    return () => {
      over = true
      worker.removeEventListener('controllerchange', changed)
      timers.forEach(clearInterval)
    }
  }, [])
  return null
}

/** Has the pages that are needed without a network fetched beforehand. */
async function warm(): Promise<void> {
  const { active } = await navigator.serviceWorker.ready
  try {
    const { status, body } = await askServer('/offline-pages')
    if (status === 200) active?.postMessage({ type: 'WARM', urls: body })
  } catch (error) {
    if (!(error instanceof NoAnswer)) throw error
  }
}
