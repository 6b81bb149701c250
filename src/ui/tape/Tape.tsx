import { useId } from 'react'
import type { Segment } from '@/core/strip'
import { hundredths } from '@/core/units'
import { Ends, Hatches, Pin, TapeTicks } from './marks'
import { SegmentMark } from './SegmentMark'

export interface TapeProps {
  /** What the tape is called for a screen reader, such as "Quill, planned". */
  label: string
  slotMin: number
  segments: readonly Segment[]
  pxPerMin: number
  /** Height of the band: 32 to 34 dense, 70 to 74 where it is the subject. */
  height: number
  /** Room drawn to the right of the start, minutes; work may run past the slot. */
  extentMin: number
  /** Room to the left of the slot's start, minutes. */
  leadMin?: number
  /** Median and 90 % finish, minutes from the slot's start. */
  forecast?: { p50: number; p90: number } | null
  nowMin?: number | null
  /** Figures at the ticks: clock time or minutes. Left out on dense tapes. */
  figure?: (min: number) => string
  /** Minutes past the quarter hour at the slot's start, so that ticks fall on clock quarters. */
  offsetMin?: number
  missed?: readonly number[]
  /** Names every stage by family only, for small tapes. */
  terse?: boolean
  /** Size of its words and figures, px; they are left out where they do not fit. */
  textPx?: number
}

const LEFT = 12
const TEXT_PX = 12.5
const ABOVE = 16

/** The groom strip as a measuring tape: the slot is a length of tape, pinned at the promise; work is laid on it. */
export function Tape(props: TapeProps) {
  const {
    label,
    slotMin,
    segments,
    pxPerMin,
    height,
    extentMin,
    leadMin = 0,
    forecast,
    nowMin,
    figure,
    offsetMin,
    missed = [],
    terse,
    textPx = TEXT_PX,
  } = props
  const id = useId().replace(/[^a-zA-Z0-9]/g, '')
  const x = (min: number) => hundredths(LEFT + (min + leadMin) * pxPerMin)
  const width = x(extentMin) + 14
  const below = forecast ? 26 : 16
  const finish = forecast?.p50 ?? segments.at(-1)?.toMin ?? 0
  const late = finish > slotMin + 0.5
  const top = ABOVE
  return (
    <svg
      width={width}
      height={ABOVE + height + below}
      viewBox={`0 0 ${width} ${ABOVE + height + below}`}
      role="img"
      aria-label={`${label}: ${describe(segments, slotMin)}`}
    >
      <Hatches id={id} />
      <rect x={x(0)} y={top} width={hundredths(slotMin * pxPerMin)} height={height} fill="var(--kv-flax)" />
      <path d={`M${x(0)} ${top}H${x(slotMin)}M${x(0)} ${top + height}H${x(slotMin)}`} stroke="var(--kv-flax-edge)" />
      <TapeTicks
        slotMin={slotMin}
        pxPerMin={pxPerMin}
        x={x}
        top={top}
        height={height}
        offsetMin={offsetMin}
        figure={figure}
        textPx={textPx}
      />
      <Ends x={x(0)} top={top} height={height} />
      {segments.map((segment, index) => (
        <SegmentMark
          key={index}
          segment={segment}
          x={x}
          top={top + height / 4}
          height={height * 0.75}
          slotMin={slotMin}
          hatch={`${id}late`}
          terse={terse}
          textPx={textPx}
          before={segments[index - 1]}
          next={segments[index + 1]}
        />
      ))}
      {missed.map((min) => (
        <rect key={min} x={x(min) - 1} y={top + height / 4} width={2} height={height * 0.75} fill="var(--kv-late)" />
      ))}
      {forecast && (
        <g>
          <rect
            x={x(Math.min(forecast.p50, slotMin))}
            y={top + height + 1}
            width={hundredths(
              Math.max(0, Math.min(forecast.p90, slotMin) - Math.min(forecast.p50, slotMin)) * pxPerMin,
            )}
            height={height > 50 ? 9 : 5}
            fill={`url(#${id}teal)`}
          />
          <rect
            x={x(Math.max(forecast.p50, slotMin))}
            y={top + height + 1}
            width={hundredths(Math.max(0, forecast.p90 - Math.max(forecast.p50, slotMin)) * pxPerMin)}
            height={height > 50 ? 9 : 5}
            fill={`url(#${id}late)`}
          />
          <rect
            x={x(forecast.p50) - 1}
            y={top + height}
            width={2}
            height={height > 50 ? 11 : 7}
            fill={late ? 'var(--kv-late)' : 'var(--kv-now)'}
          />
        </g>
      )}
      <Pin x={x(slotMin)} top={top} height={height} late={late} />
      {nowMin !== null && nowMin !== undefined && (
        <g fill="var(--kv-now)">
          <rect x={x(nowMin) - 2} y={top - 8} width={4} height={height + 14} />
          <path d={`M${x(nowMin) - 8} ${top - 14}h16l-8 9z`} />
        </g>
      )}
    </svg>
  )
}

function describe(segments: readonly Segment[], slotMin: number): string {
  const end = segments.at(-1)?.toMin ?? 0
  return `${Math.round(end)} of ${slotMin} minutes, ${new Set(segments.map(({ stage }) => stage)).size} stages`
}
