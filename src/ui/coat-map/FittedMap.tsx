'use client'

import { useSize } from '../screen/useSize'
import { CoatMap } from './CoatMap'
import type { CoatMapProps } from './map'

/** So much height a label needs beside the dog, and the paper above and below them, px. */
const LABEL_PX = 54
const EDGES_PX = 44

/** A coat map as wide as its place, at the most as given; narrower it keeps the height that its labels need. */
export function FittedMap(props: CoatMapProps) {
  const { ref, width: room } = useSize(props.width)
  const width = Math.min(props.width, Math.max(200, Math.floor(room)))
  const labels = Math.ceil(props.callouts.length / 2) * LABEL_PX + EDGES_PX
  const height = Math.max(Math.round((props.height * width) / props.width), Math.min(props.height, labels))
  return (
    <div ref={ref}>
      <CoatMap {...props} width={width} height={height} />
    </div>
  )
}
