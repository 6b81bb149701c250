import { familyOf, stageLabel, type Family } from '@/core/stages'
import type { Segment } from '@/core/strip'

interface SegmentProps {
  segment: Segment
  next: Segment | undefined
  x: (min: number) => number
  top: number
  height: number
  slotMin: number
  /** Pattern id of the brick hatch for work past the pin. */
  hatch: string
  terse: boolean | undefined
}

const FAMILY_LABELS: Record<Family, string> = { look: 'Look', prepare: 'Prep', bath: 'Bath', dry: 'Dry', clip: 'Clip', scissor: 'Scissor' } // prettier-ignore
const LETTER_PX = 7.2

/** One stage on the tape: tint when planned, ink when done; a wait is an open section in which hands are free. */
export function SegmentMark({ segment, next, x, top, height, slotMin, hatch, terse }: SegmentProps) {
  const { stage, kind, state, fromMin, toMin } = segment
  const family = familyOf(stage)
  const left = x(fromMin)
  const width = Math.max(0, x(toMin) - left)
  const tint = `var(--kv-${family}-tint)`
  const ink = `var(--kv-${family}-ink)`
  const inked = state !== 'planned'
  const label = terse ? FAMILY_LABELS[family] : stageLabel(stage)
  const rest = state === 'now' && next?.stage === stage ? x(next.toMin) - x(next.fromMin) : 0
  const fits = (room: number) => room > label.length * LETTER_PX + 10
  const inRest = state === 'now' && rest > width
  return (
    <g>
      <title>{`${label}${kind === 'wait' ? ', hands free' : ''}: ${(toMin - fromMin).toFixed(0)} min`}</title>
      {kind === 'wait' ? (
        <g>
          <rect x={left} y={top} width={width} height={height} fill="var(--kv-sheet)" />
          <path
            d={`M${left} ${top + 0.7}h${width}M${left} ${top + height - 0.7}h${width}`}
            stroke={ink}
            strokeWidth={1.4}
            strokeDasharray={inked ? undefined : '4 3'}
          />
          {inked && (
            <rect x={left} y={top + height * 0.66} width={width} height={Math.max(3, height * 0.16)} fill={ink} />
          )}
        </g>
      ) : (
        <rect
          x={left}
          y={top}
          width={Math.max(0, width - 0.7)}
          height={height}
          fill={inked ? ink : tint}
          stroke="var(--kv-sheet)"
          strokeWidth={0.7}
        />
      )}
      {toMin > slotMin && kind === 'hands' && (
        <g>
          <rect
            x={Math.max(left, x(slotMin))}
            y={top}
            width={x(toMin) - Math.max(left, x(slotMin))}
            height={height}
            fill={`url(#${hatch})`}
            fillOpacity={0.55}
          />
          <rect
            x={Math.max(left, x(slotMin))}
            y={top}
            width={x(toMin) - Math.max(left, x(slotMin))}
            height={height}
            fill="none"
            stroke="var(--kv-late)"
          />
        </g>
      )}
      {kind === 'hands' && !inRest && fits(width) && !segment.rest && (
        <text
          x={left + 5}
          y={top + (height > 45 ? height * 0.48 : height * 0.64)}
          fontSize={height > 45 ? 12.5 : 12}
          fontWeight={650}
          fill={inked ? 'var(--kv-sheet)' : 'var(--kv-ink)'}
        >
          {label}
        </text>
      )}
      {inRest && fits(rest) && (
        <text
          x={x(next?.fromMin ?? 0) + 7}
          y={top + (height > 45 ? height * 0.48 : height * 0.64)}
          fontSize={12.5}
          fontWeight={650}
          fill="var(--kv-ink)"
        >
          {label}
        </text>
      )}
      {height > 45 && width > 14 && (
        <text
          x={left + 5}
          y={top + height * 0.82}
          fontSize={12}
          fill={inked && kind === 'hands' ? 'var(--kv-sheet)' : 'var(--kv-ink-2)'}
        >
          {Math.round(toMin - fromMin)}
        </text>
      )}
    </g>
  )
}
