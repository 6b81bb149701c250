import type { GrowthStep } from '@/core/coat'
import { showDay, type LengthUnit } from '@/core/units'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { lengthColour, showFigure, unitWord } from '../coat-map'

/** A wish that waits for coat, as far as it has come today. */
export interface WishGrowing {
  zone: ZoneId
  wantedMm: number
  presentMm: number
  readyOn: string | null
  /** The visits on the way. */
  steps: GrowthStep[]
}

const BAR_PX = 520
const BAR_TOP = 8
const BAR_HEIGHT = 12

/** Wishes that wait for coat: each a strand as long as it is today, against the length that was wished. */
export function GrowingWishes({ wishes, unit }: { wishes: readonly WishGrowing[]; unit: LengthUnit }) {
  if (wishes.length === 0) return null
  return (
    <section aria-label="Growing" style={{ marginTop: 18 }}>
      <h2>Growing to a wish</h2>
      {wishes.map((wish) => (
        <div key={wish.zone} style={{ marginTop: 8 }}>
          <p>
            <b>{zoneLabel(wish.zone)}</b> {showFigure(wish.presentMm, unit)} of {showFigure(wish.wantedMm, unit)}{' '}
            {unitWord(unit)}
            {wish.presentMm >= wish.wantedMm
              ? ': long enough, it is cut at the next visit'
              : wish.readyOn
                ? `, there on ${showDay(wish.readyOn)}`
                : ''}
          </p>
          <Strand wish={wish} unit={unit} />
        </div>
      ))}
    </section>
  )
}

function Strand({ wish, unit }: { wish: WishGrowing; unit: LengthUnit }) {
  const { wantedMm, presentMm, steps } = wish
  const at = (mm: number) => Math.min(BAR_PX, (mm / wantedMm) * BAR_PX)
  const shown = steps.slice(0, -1)
  return (
    <svg
      width={BAR_PX + 24}
      height={44}
      role="img"
      aria-label={steps.map(({ on, lengthMm }) => `${showDay(on)}: ${showFigure(lengthMm, unit)}`).join(', ')}
    >
      <rect
        x={0.5}
        y={BAR_TOP}
        width={BAR_PX}
        height={BAR_HEIGHT}
        fill="var(--kv-sheet)"
        stroke="var(--kv-flax-edge)"
        strokeDasharray="4 3"
      />
      <rect
        x={0.5}
        y={BAR_TOP}
        width={at(presentMm)}
        height={BAR_HEIGHT}
        fill={lengthColour(presentMm)}
        stroke="var(--kv-ink-2)"
      />
      <path d={`M${BAR_PX} 2v26`} stroke="var(--kv-ink)" strokeWidth={2} />
      <circle cx={BAR_PX} cy={4} r={4} fill="var(--kv-ink)" />
      {shown.map(({ on, lengthMm }, index) => (
        <g key={on}>
          <path d={`M${at(lengthMm)} ${BAR_TOP}v${BAR_HEIGHT + 4}`} stroke="var(--kv-ink-2)" />
          {at(lengthMm) - (index === 0 ? at(presentMm) - 60 : at(shown[index - 1]?.lengthMm ?? 0)) > 52 && (
            <text x={at(lengthMm)} y={40} fontSize={12} textAnchor="middle" fill="var(--kv-ink-2)">
              {shortDay(on)}
            </text>
          )}
        </g>
      ))}
    </svg>
  )
}

/** `16 Mar` */
const shortDay = (day: string): string => showDay(day).replace(/^(\d+ \w{3})\w*$/, '$1')
