import { showFigure, lengthColour } from '../coat-map'
import { isOnRung, ladderWords, type LadderProps } from './ladder'

export const ROW_PX = 30
const NAME_PX = 64
const FIGURE_PX = 56
const MOST_MM = 27

/** The ladder on a phone: every tool a row, the hair that it leaves lying to scale, its figure at the right. */
export function LadderLying({ rungs, unit, wantedMm, nearest, width }: LadderProps & { width: number }) {
  const pxPerMm = (width - NAME_PX - FIGURE_PX) / MOST_MM
  const height = rungs.length * ROW_PX
  return (
    <svg width={width} height={height} role="img" aria-label={ladderWords(rungs, unit)} style={{ display: 'block' }}>
      {rungs.map((rung, at) => {
        const { kind, name, withMm, againstMm, owned } = rung
        const y = at * ROW_PX
        const near = nearest !== undefined && isOnRung(rung, nearest.way)
        const ink = owned ? 'var(--kv-ink)' : 'var(--kv-ink-3)'
        return (
          <g key={kind + name}>
            <text x={0} y={y + 20} fontSize={13.5} fontWeight={owned ? 700 : 400} fill={ink}>
              {kind === 'comb' ? `comb ${name}` : name}
            </text>
            {owned ? (
              <rect x={NAME_PX} y={y + 7} width={withMm * pxPerMm} height={16} fill={lengthColour(withMm)} />
            ) : (
              <path
                d={`M${NAME_PX} ${y + 15}h${withMm * pxPerMm}`}
                stroke={ink}
                strokeWidth={1.2}
                strokeDasharray="2 3"
              />
            )}
            {owned && againstMm < withMm - 0.05 && (
              <path
                d={`M${NAME_PX + againstMm * pxPerMm} ${y + 6}v18`}
                stroke="var(--kv-ink-2)"
                strokeDasharray="3 2"
              />
            )}
            {near && (
              <rect
                x={NAME_PX - 2}
                y={y + 4}
                width={withMm * pxPerMm + 4}
                height={22}
                fill="none"
                stroke="var(--kv-now)"
                strokeWidth={3}
              />
            )}
            <text x={width} y={y + 20} fontSize={14} fontWeight={owned ? 700 : 400} textAnchor="end" fill={ink}>
              {showFigure(withMm, unit)}
            </text>
          </g>
        )
      })}
      {wantedMm !== null && wantedMm <= MOST_MM && (
        <path d={`M${NAME_PX + wantedMm * pxPerMm} 0V${height}`} stroke="var(--kv-now)" strokeWidth={2} />
      )}
    </svg>
  )
}
