'use client'

import { useRouter } from 'next/navigation'
import { useEffect } from 'react'

/** Keeps a server page as young as this many seconds while it is looked at. */
export function Refresh({ everySeconds }: { everySeconds: number }) {
  const router = useRouter()
  useEffect(() => {
    const timer = setInterval(() => document.visibilityState === 'visible' && router.refresh(), everySeconds * 1000)
    return () => clearInterval(timer)
  }, [router, everySeconds])
  return null
}
