import { familyOf } from '@/core/stages'
import type { Segment } from '@/core/strip'
import { hundredths } from '@/core/units'

interface TapeDownProps {
  slotMin: number
  segments: readonly Segment[]
  pxPerMin: number
  width: number
  /** Median finish, minutes from the slot's start. */
  likelyMin: number | null
}

/** Room above and below for the ferrule and the pin's head, px. */
export const TAPE_DOWN_EDGE = 6

/** A groom strip that hangs down, for a phone: its ferrule above, its pin at the promise below. Its words stand beside it. */
export function TapeDown({ slotMin, segments, pxPerMin, width, likelyMin }: TapeDownProps) {
  const y = (min: number) => hundredths(TAPE_DOWN_EDGE + min * pxPerMin)
  const lastMin = Math.max(slotMin, likelyMin ?? 0, segments.at(-1)?.toMin ?? 0)
  const height = y(lastMin) + TAPE_DOWN_EDGE
  const pin = likelyMin !== null && likelyMin > slotMin + 0.5 ? 'var(--kv-late)' : 'var(--kv-ink)'
  return (
    <svg width={width + 8} height={height} aria-hidden="true" style={{ display: 'block', overflow: 'visible' }}>
      <rect x={0} y={y(0)} width={width} height={slotMin * pxPerMin} fill="var(--kv-flax)" />
      {segments.map(({ stage, kind, state, fromMin, toMin }, at) => (
        <rect
          key={at}
          x={kind === 'wait' ? width * 0.45 : 3}
          y={y(fromMin)}
          width={kind === 'wait' ? width * 0.3 : width - 3}
          height={hundredths(Math.max(0, (toMin - fromMin) * pxPerMin - 0.7))}
          fill={`var(--kv-${familyOf(stage)}-${state === 'planned' ? 'tint' : 'ink'})`}
        />
      ))}
      {lastMin > slotMin && (
        <rect
          x={0.5}
          y={y(slotMin)}
          width={width - 1}
          height={(lastMin - slotMin) * pxPerMin}
          fill="none"
          stroke="var(--kv-late)"
        />
      )}
      <rect x={-1} y={y(0) - 5} width={width + 2} height={5} fill="var(--kv-ink-2)" />
      <path d={`M-3 ${y(slotMin)}H${width + 2}`} stroke={pin} strokeWidth={2} />
      <circle cx={width + 4} cy={y(slotMin)} r={3.6} fill={pin} />
    </svg>
  )
}
