import type { FigureView } from '@/core/figure'

/** Fine lines of a face and of toes. */
export const INK = { fill: 'none', stroke: 'var(--kv-ink)', strokeOpacity: 0.75, pointerEvents: 'none' } as const
/** Nose and eyes, each with its light. */
export function FaceMarks({ view, px }: { view: FigureView; px: number }) {
  const { eyeMm: radius, eyeBroad: broad } = view
  return (
    <g pointerEvents="none">
      <path d={view.nose} fill="var(--kv-ink)" />
      <path d={view.nostrils} fill="none" stroke="var(--kv-ink-3)" strokeWidth={px} strokeLinecap="round" />
      {view.eyes.map(({ x, y }) => (
        <g key={x}>
          <ellipse cx={x} cy={y} rx={radius * broad} ry={radius} fill="var(--kv-ink)" />
          <path
            d={`M${x - radius * broad * 1.2} ${y - radius * 0.25}q${radius * broad * 1.2} ${-radius * 1.9} ${radius * broad * 2.4} 0`}
            {...INK}
            strokeWidth={1.3 * px}
          />
          <circle cx={x - radius * 0.3} cy={y - radius * 0.34} r={radius * 0.26} fill="var(--kv-sheet)" />
        </g>
      ))}
    </g>
  )
}
