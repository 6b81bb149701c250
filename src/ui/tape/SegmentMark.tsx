import { familyOf, stageLabel, type Family } from '@/core/stages'
import type { Segment } from '@/core/strip'
import { hundredths } from '@/core/units'

interface SegmentProps {
  segment: Segment
  before: Segment | undefined
  next: Segment | undefined
  x: (min: number) => number
  top: number
  height: number
  slotMin: number
  /** Pattern id of the brick hatch for work past the pin. */
  hatch: string
  terse: boolean | undefined
  textPx: number
}

const FAMILY_LABELS: Record<Family, string> = {
  look: 'Look',
  prepare: 'Prep',
  bath: 'Bath',
  dry: 'Dry',
  clip: 'Clip',
  scissor: 'Scissor',
}
/** A letter is so wide, to the size of its words. */
const LETTER = 0.58
/** From this height on minutes stand under the label. */
const TALL = 45

interface Field {
  left: number
  width: number
  top: number
  height: number
}

/** One stage on the tape: tint when planned, ink when done; a wait is an open section in which hands are free. */
export function SegmentMark(props: SegmentProps) {
  const { segment, x, top, height, slotMin, hatch, terse, textPx } = props
  const { stage, kind, state, fromMin, toMin } = segment
  const left = x(fromMin)
  const field: Field = { left, width: hundredths(Math.max(0, x(toMin) - left)), top, height }
  const ink = `var(--kv-${familyOf(stage)}-ink)`
  const inked = state !== 'planned'
  const label = terse ? FAMILY_LABELS[familyOf(stage)] : stageLabel(stage)
  return (
    <g>
      <title>{`${label}${kind === 'wait' ? ', hands free' : ''}: ${(toMin - fromMin).toFixed(0)} min`}</title>
      {kind === 'wait' ? (
        <WaitField field={field} ink={ink} inked={inked} />
      ) : (
        <rect
          x={left}
          y={top}
          width={hundredths(Math.max(0, field.width - 0.7))}
          height={height}
          fill={inked ? ink : `var(--kv-${familyOf(stage)}-tint)`}
          stroke="var(--kv-sheet)"
          strokeWidth={0.7}
        />
      )}
      {toMin > slotMin && kind === 'hands' && <PastPin field={field} pinX={x(slotMin)} hatch={hatch} />}
      <Label {...props} field={field} label={label} inked={inked} />
      {height > TALL && field.width > textPx * 1.2 && (
        <text
          x={left + 5}
          y={top + height * (kind === 'wait' ? 0.46 : 0.82)}
          fontSize={textPx}
          fill={inked && kind === 'hands' ? 'var(--kv-sheet)' : 'var(--kv-ink-2)'}
        >
          {Math.round(toMin - fromMin)}
        </text>
      )}
    </g>
  )
}

/** Open, dashed while planned; a bar fills along the lower third as it passes. */
function WaitField({ field: { left, width, top, height }, ink, inked }: { field: Field; ink: string; inked: boolean }) {
  return (
    <g>
      <rect x={left} y={top} width={width} height={height} fill="var(--kv-sheet)" />
      <path
        d={`M${left} ${top + 0.7}h${width}M${left} ${top + height - 0.7}h${width}`}
        stroke={ink}
        strokeWidth={1.4}
        strokeDasharray={inked ? undefined : '4 3'}
      />
      {inked && <rect x={left} y={top + height * 0.66} width={width} height={Math.max(3, height * 0.16)} fill={ink} />}
    </g>
  )
}

/** Work beyond the promise: brick hatch over it, brick outline. */
function PastPin({ field: { left, width, top, height }, pinX, hatch }: { field: Field; pinX: number; hatch: string }) {
  const from = Math.max(left, pinX)
  const box = { x: from, y: top, width: left + width - from, height }
  return (
    <g>
      <rect {...box} fill={`url(#${hatch})`} fillOpacity={0.55} />
      <rect {...box} fill="none" stroke="var(--kv-late)" />
    </g>
  )
}

/** The name where it fits; a stage under way is named in the larger of its two parts. */
function Label({
  segment,
  before,
  next,
  x,
  field,
  label,
  inked,
  height,
  top,
  textPx,
}: SegmentProps & { field: Field; label: string; inked: boolean }) {
  const widthOf = (each: Segment | undefined) => (each ? x(each.toMin) - x(each.fromMin) : 0)
  const elsewhere = segment.rest
    ? widthOf(before?.state === 'now' ? before : undefined)
    : widthOf(next?.rest && segment.state === 'now' ? next : undefined)
  const fits = field.width > label.length * textPx * LETTER + 10
  if (segment.kind === 'wait' || !fits || elsewhere > field.width) return null
  return (
    <text
      x={field.left + (segment.rest ? 8 : 5)}
      y={top + height * (height > TALL ? 0.48 : 0.64)}
      fontSize={textPx}
      fontWeight={650}
      fill={inked ? 'var(--kv-sheet)' : 'var(--kv-ink)'}
    >
      {label}
    </text>
  )
}
