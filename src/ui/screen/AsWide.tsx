'use client'

import type { ReactNode } from 'react'
import { useSize } from './useSize'

interface AsWideProps {
  /** Its width on a desk, until the screen says, px. */
  first: number
  /** Draws it so wide. */
  children: (widthPx: number) => ReactNode
}

/** Something that is drawn as wide as its place, so that its words keep their size on any screen. */
export function AsWide({ first, children }: AsWideProps) {
  const { ref, width } = useSize(first)
  return (
    <div ref={ref} className="kv-as-wide">
      {children(width)}
    </div>
  )
}
