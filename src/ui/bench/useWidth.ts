'use client'

import { useEffect, useRef, useState } from 'react'

/** The width of an element as the screen gives it, px; `first` until it is known. */
export function useWidth(first: number) {
  const ref = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(first)
  useEffect(() => {
    const element = ref.current
    if (!element) return
    const watch = new ResizeObserver(([entry]) => entry && setWidth(entry.contentRect.width))
    watch.observe(element)
    return () => watch.disconnect()
  }, [])
  return { ref, width }
}
