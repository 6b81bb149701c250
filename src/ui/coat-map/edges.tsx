import { memo } from 'react'
import type { FigurePart, FigureView } from '@/core/figure'

/** Far beyond any dog, mm. */
export const EVERYWHERE = { x: -2000, y: -3000, width: 6000, height: 6000 }

interface EdgeProps {
  paths: string[]
  id: string
  stroke: { colour: string; width: number; opacity?: number; dash?: string }
}

/** The common edge of several shapes: only what of their lines lies outside all of them. */
function CommonEdge({ paths, id, stroke }: EdgeProps) {
  return (
    <g pointerEvents="none">
      <mask id={id} maskUnits="userSpaceOnUse" {...EVERYWHERE}>
        <rect {...EVERYWHERE} fill="white" />
        {paths.map((d, index) => (
          <path key={index} d={d} fill="black" />
        ))}
      </mask>
      <g mask={`url(#${id})`}>
        {paths.map((d, index) => (
          <path
            key={index}
            d={d}
            fill="none"
            stroke={stroke.colour}
            strokeOpacity={stroke.opacity}
            strokeWidth={stroke.width}
            strokeDasharray={stroke.dash}
          />
        ))}
      </g>
    </g>
  )
}

/** The skin under the coat, fine and faint. */
export const SkinLine = memo(
  ({ parts, id, px }: { parts: FigurePart[]; id: string; px: number }) => (
    <CommonEdge
      paths={parts.map(({ skin }) => skin)}
      id={`${id}skin`}
      stroke={{ colour: 'var(--kv-ink)', opacity: 0.4, width: 1.4 * px }}
    />
  ),
  (a, b) =>
    a.px === b.px && a.parts.length === b.parts.length && a.parts.every(({ skin }, at) => skin === b.parts[at]?.skin),
)
SkinLine.displayName = 'SkinLine'

/** Another layer of coat as one dotted line round the whole dog. */
export const Dotted = memo(({ view, id, px }: { view: FigureView; id: string; px: number }) => (
  <CommonEdge
    paths={view.parts.filter(({ place }) => place !== 'far').map(({ coat }) => coat)}
    id={id}
    stroke={{ colour: 'var(--kv-ink-2)', width: 1.8 * px, dash: `${2 * px} ${3 * px}` }}
  />
))
Dotted.displayName = 'Dotted'
