'use client'

import { useEffect, useRef, useState } from 'react'

/** The room that an element has on the screen, px; as given until it is known. */
export function useSize<Of extends HTMLElement = HTMLDivElement>(width: number, height = 0) {
  const ref = useRef<Of>(null)
  const [size, setSize] = useState({ width, height })
  useEffect(() => {
    const element = ref.current
    if (!element) return
    const watch = new ResizeObserver(
      ([entry]) => entry && setSize({ width: entry.contentRect.width, height: entry.contentRect.height }),
    )
    watch.observe(element)
    return () => watch.disconnect()
  }, [])
  return { ref, ...size }
}
