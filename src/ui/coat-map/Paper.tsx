import { memo } from 'react'
import type { CoatId } from '@/core/coat'

/** Pattern paper: 5 px and 50 px grid, one border. */
export const Paper = memo(function Paper({ id, width, height }: { id: string; width: number; height: number }) {
  return (
    <g>
      <defs>
        <pattern id={`${id}mm`} width={5} height={5} patternUnits="userSpaceOnUse">
          <path d="M5 0H0V5" fill="none" stroke="var(--kv-grid-mm)" strokeWidth={0.6} />
        </pattern>
        <pattern id={`${id}cm`} width={50} height={50} patternUnits="userSpaceOnUse">
          <rect width={50} height={50} fill={`url(#${id}mm)`} />
          <path d="M50 0H0V50" fill="none" stroke="var(--kv-grid-cm)" strokeWidth={0.9} />
        </pattern>
      </defs>
      <rect width={width} height={height} fill="var(--kv-sheet)" />
      <rect x={0.5} y={0.5} width={width - 1} height={height - 1} fill={`url(#${id}cm)`} stroke="var(--kv-grid-cm)" />
    </g>
  )
})

const CURLS =
  'M6 8q4-5 8 0q-2 5-6 3M30 5q5-3 7 2q-1 5-6 3M18 22q4-5 8 0q-2 5-6 3M41 25q5-3 6 2q-1 4-6 3M4 36q5-4 8 1q-2 4-6 3M28 40q4-5 8 0q-2 5-6 3'
const STROKES = 'M5 4l-2 9M22 12l-2 9M38 6l-2 9M12 28l-2 9M30 32l-2 9M45 27l-2 9'

/** A sparse texture in the coat's own kind, the same on every dog of that coat. */
export function Texture({ id, coat, px }: { id: string; coat: CoatId; px: number }) {
  const curled = coat === 'curly' || coat === 'fleece' || coat === 'cotton'
  return (
    <defs>
      <pattern id={`${id}coat`} width={52} height={50} patternUnits="userSpaceOnUse" patternTransform={`scale(${px})`}>
        <path d={curled ? CURLS : STROKES} fill="none" stroke="var(--kv-ink)" strokeWidth={1.1} />
      </pattern>
    </defs>
  )
}
