'use client'

import { useRouter } from 'next/navigation'
import { useEffect } from 'react'
import { useLink } from '../device/link'

/** Keeps a server page as young as this many seconds while it is looked at and the server is heard. */
export function Refresh({ everySeconds }: { everySeconds: number }) {
  const router = useRouter()
  const { state } = useLink()
  const away = state === 'offline' || state === 'starting'
  useEffect(() => {
    const timer = setInterval(
      () => document.visibilityState === 'visible' && !away && router.refresh(),
      everySeconds * 1000,
    )
    return () => clearInterval(timer)
  }, [router, everySeconds, away])
  return null
}
