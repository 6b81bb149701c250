import type { CSSProperties } from 'react'
import { figureMm, inchFraction, type LengthUnit } from '@/core/units'
import { lengthColour } from '../coat-map'
import { AsWide } from '../screen/AsWide'
import { isOnRung, ladderWords, type LadderProps, type Rung } from './ladder'
import { LadderLying, ROW_PX } from './LadderLying'
import styles from './kit.module.css'

/** A desk's width, until the screen says; narrower than this the tufts lie, px: the style sheet says the same. */
const FIRST_PX = 1224
const STANDING_PX = 600
/** A tuft with so much room says what it is. */
const ROOMY_PX = 56
const LEFT = 46
const PX_PER_MM = 8.6
const MOST_MM = 27
const SKIN_Y = MOST_MM * PX_PER_MM + 22
const HEIGHT = SKIN_Y + 52

const yOf = (mm: number) => SKIN_Y - mm * PX_PER_MM

/** Every tool as a tuft of the length it leaves, standing on the skin, to scale: with the coat filled, against it open. */
export function Ladder(props: LadderProps) {
  return (
    <div className={styles.place}>
      <div
        className={styles.ladder}
        style={{ '--standing': `${HEIGHT}px`, '--lying': `${props.rungs.length * ROW_PX}px` } as CSSProperties}
      >
        <AsWide first={FIRST_PX}>
          {(width) =>
            width < STANDING_PX ? <LadderLying {...props} width={width} /> : <Standing {...props} width={width} />
          }
        </AsWide>
      </div>
    </div>
  )
}

function Standing({ rungs, unit, wantedMm, nearest, width }: LadderProps & { width: number }) {
  const step = (width - LEFT - 10) / rungs.length
  const shown = wantedMm !== null && wantedMm <= MOST_MM
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width={width}
      height={HEIGHT}
      style={{ display: 'block' }}
      role="img"
      aria-label={ladderWords(rungs, unit)}
    >
      <rect
        x={LEFT}
        y={0.5}
        width={width - LEFT - 1}
        height={SKIN_Y}
        fill="var(--kv-sheet)"
        stroke="var(--kv-flax-edge)"
      />
      <Rule unit={unit} width={width} />
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
      <path d={`M${LEFT} ${SKIN_Y}H${width - 1}`} stroke="var(--kv-ink)" strokeWidth={2.4} />
      {shown && (
        <>
          <path d={`M${LEFT} ${yOf(wantedMm)}H${width - 1}`} stroke="var(--kv-now)" strokeWidth={2} />
          <path d={`M${LEFT - 1} ${yOf(wantedMm)}l-9 -6v12z`} fill="var(--kv-now)" />
        </>
      )}
    </svg>
  )
}

/** The rule at the left: mm and fives, or eighths of an inch. */
function Rule({ unit, width }: { unit: LengthUnit; width: number }) {
  const stepMm = unit === 'mm' ? 1 : 25.4 / 8
  const ticks = Array.from({ length: Math.floor(MOST_MM / stepMm) + 1 }, (_, at) => at)
  const every = unit === 'mm' ? 5 : 2
  return ticks.map((at) => (
    <g key={at}>
      <path
        d={`M${LEFT} ${yOf(at * stepMm)}h${at % every === 0 ? width - LEFT - 1 : 6}`}
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
        {owned ? kind : step > ROOMY_PX ? 'not here' : ''}
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
