import { useEffect } from 'react'

/** Held shared by every bench with a groom under way: a new version of the app waits until nobody holds it. */
const MIDDLE = 'kovit.in-the-middle'

/** While a groom is under way on this page, no new version of the app is taken. */
export function useInTheMiddle(isInTheMiddle: boolean): void {
  useEffect(() => {
    if (!isInTheMiddle || !('locks' in navigator)) return
    let done: () => void = () => {}
    const over = new Promise<void>((resolve) => (done = resolve))
    void navigator.locks.request(MIDDLE, { mode: 'shared' }, () => over)
    return done
  }, [isInTheMiddle])
}

/** Takes the new version that waits, if no groom is under way on any page; the pages are drawn anew then. */
export async function takeNewVersion(registration: ServiceWorkerRegistration): Promise<void> {
  const { waiting } = registration
  if (!waiting) return
  await navigator.locks.request(MIDDLE, { mode: 'exclusive', ifAvailable: true }, (lock) => {
    if (lock) waiting.postMessage({ type: 'SKIP_WAITING' })
    return Promise.resolve()
  })
}
