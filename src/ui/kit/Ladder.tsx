import type { NearWay } from '@/core/lengths'
import { figureMm, inchFraction, type LengthUnit } from '@/core/units'
import { lengthColour } from '../coat-map'
import { isOnRung, type Rung } from './ladder'

interface LadderProps {
  rungs: readonly Rung[]
  unit: LengthUnit
  /** A length that is asked about, mm, and the way that comes nearest. */
  wantedMm: number | null
  nearest: NearWay | undefined
}

const WIDTH = 1224
const LEFT = 46
const PX_PER_MM = 8.6
const MOST_MM = 27
const SKIN_Y = MOST_MM * PX_PER_MM + 22
const HEIGHT = SKIN_Y + 52

const yOf = (mm: number) => SKIN_Y - mm * PX_PER_MM

/** Every tool as a tuft of the length it leaves, standing on the skin, to scale: with the coat filled, against it open. */
export function Ladder({ rungs, unit, wantedMm, nearest }: LadderProps) {
  const step = (WIDTH - LEFT - 10) / rungs.length
  const shown = wantedMm !== null && wantedMm <= MOST_MM
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width={WIDTH}
      style={{ maxWidth: '100%', height: 'auto', display: 'block' }}
      role="img"
      aria-label={`What each tool leaves: ${rungs
        .filter(({ owned }) => owned)
        .map(({ name, kind, withMm }) => `${kind} ${name} ${figureMm(withMm)} mm`)
        .join(', ')}`}
    >
      <rect
        x={LEFT}
        y={0.5}
        width={WIDTH - LEFT - 1}
        height={SKIN_Y}
        fill="var(--kv-sheet)"
        stroke="var(--kv-flax-edge)"
      />
      <Rule unit={unit} />
      {rungs.map((rung, at) => (
        <Tuft
          key={rung.kind + rung.name}
          rung={rung}
          x={LEFT + step * (at + 0.5)}
          step={step}
          near={nearest !== undefined && isOnRung(rung, nearest.way)}
          lay={nearest?.way.lay ?? 'with'}
        />
      ))}
      <path d={`M${LEFT} ${SKIN_Y}H${WIDTH - 1}`} stroke="var(--kv-ink)" strokeWidth={2.4} />
      {shown && (
        <>
          <path d={`M${LEFT} ${yOf(wantedMm)}H${WIDTH - 1}`} stroke="var(--kv-now)" strokeWidth={2} />
          <path d={`M${LEFT - 1} ${yOf(wantedMm)}l-9 -6v12z`} fill="var(--kv-now)" />
        </>
      )}
    </svg>
  )
}

/** The rule at the left: mm and fives, or eighths of an inch. */
function Rule({ unit }: { unit: LengthUnit }) {
  const stepMm = unit === 'mm' ? 1 : 25.4 / 8
  const ticks = Array.from({ length: Math.floor(MOST_MM / stepMm) + 1 }, (_, at) => at)
  const every = unit === 'mm' ? 5 : 2
  return ticks.map((at) => (
    <g key={at}>
      <path
        d={`M${LEFT} ${yOf(at * stepMm)}h${at % every === 0 ? WIDTH - LEFT - 1 : 6}`}
        stroke={at % every === 0 ? 'var(--kv-grid-cm)' : 'var(--kv-ink-3)'}
        strokeWidth={at % every === 0 ? 0.9 : 0.7}
      />
      {at % every === 0 && (
        <text
          x={LEFT - 14}
          y={yOf(at * stepMm) + 4}
          fontSize={12.5}
          textAnchor="end"
          fill="var(--kv-ink-2)"
          style={{ fontFamily: 'var(--kv-mono)' }}
        >
          {unit === 'mm' ? at : at === 0 ? 0 : inchFraction(at * stepMm)}
        </text>
      )}
    </g>
  ))
}

interface TuftProps {
  rung: Rung
  x: number
  step: number
  near: boolean
  lay: 'with' | 'against'
}

const HAIRS = 5

function Tuft({ rung, x, step, near, lay }: TuftProps) {
  const { name, kind, withMm, againstMm, owned } = rung
  const half = Math.min(11, step * 0.2)
  const apart = againstMm < withMm - 0.05
  const withX = apart ? x - half - 1 : x
  return (
    <g>
      {owned ? (
        <Hairs x={withX} half={half} lengthMm={withMm} />
      ) : (
        <path d={`M${x} ${SKIN_Y}V${yOf(withMm)}`} stroke="var(--kv-ink-3)" strokeWidth={1.2} strokeDasharray="2 3" />
      )}
      {owned && apart && (
        <rect
          x={x + 2}
          y={yOf(againstMm)}
          width={half * 1.7}
          height={Math.max(1, againstMm * PX_PER_MM)}
          fill="none"
          stroke="var(--kv-ink-2)"
          strokeWidth={1}
          strokeDasharray="3 2"
        />
      )}
      {near && (
        <rect
          x={(lay === 'against' && apart ? x + 2 : withX - half) - 3}
          y={yOf(lay === 'with' ? withMm : againstMm) - 3}
          width={half * 2 + 6}
          height={(lay === 'with' ? withMm : againstMm) * PX_PER_MM + 3}
          fill="none"
          stroke="var(--kv-now)"
          strokeWidth={3}
        />
      )}
      <text x={x} y={yOf(withMm) - 7} fontSize={12.5} textAnchor="middle" fill="var(--kv-ink-2)">
        {figureMm(withMm)}
      </text>
      <text
        x={x}
        y={SKIN_Y + 19}
        fontSize={14}
        fontWeight={owned ? 700 : 400}
        textAnchor="middle"
        fill={owned ? 'var(--kv-ink)' : 'var(--kv-ink-3)'}
      >
        {name}
      </text>
      <text x={x} y={SKIN_Y + 36} fontSize={12.5} textAnchor="middle" fill="var(--kv-ink-3)">
        {owned ? kind : 'not here'}
      </text>
    </g>
  )
}

/** A few hairs on a ground of the length's own colour. */
function Hairs({ x, half, lengthMm }: { x: number; half: number; lengthMm: number }) {
  const hairs = Array.from({ length: HAIRS }, (_, at) => x - half + (2 * half * at) / (HAIRS - 1))
  return (
    <>
      <rect
        x={x - half}
        y={yOf(lengthMm)}
        width={half * 2}
        height={Math.max(1, lengthMm * PX_PER_MM)}
        fill={lengthColour(lengthMm)}
      />
      <path
        d={hairs
          .map(
            (at, index) =>
              `M${at} ${SKIN_Y}C${at} ${yOf(lengthMm * 0.5)} ${at + 1.4} ${yOf(lengthMm * 0.8)} ${at + (index % 2)} ${yOf(lengthMm)}`,
          )
          .join('')}
        stroke="var(--kv-ink)"
        strokeWidth={0.9}
        fill="none"
      />
    </>
  )
}
