import type { ZoneId } from '@/core/zones'
import { spoken, type PlacedCallout } from './callouts'

interface CalloutProps {
  callout: PlacedCallout
  width: number
  size: keyof typeof SIZES
  picked: boolean
  onPick?: (zone: ZoneId) => void
}

/** A gauge is drawn to scale: 1.6 px to the mm, 0.7 on long coats. */
const GAUGE_PX = 1.6
const LONG_GAUGE_PX = 0.7
const LONG_MM = 30

/** Sizes of its words, and where its leader leaves it, px; on a phone words at the right end at the paper's edge. */
const SIZES = {
  desk: { name: 12.5, figure: 16.5, below: 12.5, edge: 112, right: 106 },
  large: { name: 18, figure: 25, below: 18, edge: 132, right: 132 },
  tight: { name: 18, figure: 24, below: 18, edge: 84, right: 12 },
  close: { name: 12.5, figure: 16.5, below: 12.5, edge: 74, right: 6 },
}

/** Name, figure with unit, a gauge to scale and the tool; one leader with one bend to a dot on the zone. */
export function CalloutMark({ callout, width, size: sizeName, picked, onPick }: CalloutProps) {
  const { zone, name, figure, unit, lengthMm, below, caution, side, labelY, dot } = callout
  const left = side === 'left'
  const size = SIZES[sizeName]
  const { x, edge, bend, words } = placeOf(left, width, sizeName)
  const ink = caution ? 'var(--kv-caution)' : 'var(--kv-ink)'
  const figureWidth = figure.length * size.figure * 0.6
  const gauge = lengthMm * (lengthMm > LONG_MM ? LONG_GAUGE_PX : GAUGE_PX)
  return (
    <g
      {...(onPick
        ? {
            role: 'button',
            tabIndex: 0,
            'aria-label': spoken(callout),
            'aria-pressed': picked,
            onClick: () => onPick(zone),
            onKeyDown: (event) =>
              (event.key === 'Enter' || event.key === ' ') && (event.preventDefault(), onPick(zone)),
            style: { cursor: 'pointer' },
          }
        : {})}
    >
      <path d={`M${edge} ${labelY - 2}H${bend}L${dot.x} ${dot.y}`} fill="none" stroke={ink} strokeWidth={0.9} />
      <circle cx={dot.x} cy={dot.y} r={3.6} fill="var(--kv-sheet)" />
      <circle cx={dot.x} cy={dot.y} r={2.6} fill={ink} />
      <rect
        x={left ? x - 5 : edge}
        y={labelY - size.figure - 8}
        width={left ? edge - x + 5 : width - edge}
        height={size.figure + size.name + (below ? 16 : 2)}
        fill="transparent"
      />
      <text
        {...words}
        x={x}
        y={labelY - size.figure * 0.55}
        fontSize={size.name}
        fill={caution ? ink : 'var(--kv-ink-2)'}
        fontWeight={picked ? 700 : 400}
      >
        {name}
      </text>
      <text {...words} x={x} y={labelY + size.figure * 0.45} fontSize={size.figure} fontWeight={700} fill={ink}>
        {figure}
        <tspan fontSize={size.name} fontWeight={400} dx={3}>
          {unit}
        </tspan>
      </text>
      {sizeName === 'desk' && gauge > 2 && gauge < 62 && (
        <Gauge
          x={x + figureWidth + 32}
          y={labelY + 1}
          width={Math.min(gauge, (left ? edge : width - 6) - x - figureWidth - 36)}
          ink={ink}
        />
      )}
      {below && (
        <text
          {...words}
          x={x}
          y={labelY + size.figure * 0.45 + size.below + 2}
          fontSize={size.below}
          fill="var(--kv-ink-3)"
        >
          {below}
        </text>
      )}
    </g>
  )
}

/** Where the words stand, and the two points of the leader's bend; on a phone they may lie over the dog, with paper behind each letter. */
function placeOf(left: boolean, width: number, sizeName: keyof typeof SIZES) {
  const { edge: room, right } = SIZES[sizeName]
  const tight = sizeName === 'tight' || sizeName === 'close'
  const x = left ? (tight ? 6 : 15) : width - right
  const edge = left ? room : tight ? width - room : x - 8
  const halo = { stroke: 'var(--kv-sheet)', strokeWidth: 4, paintOrder: 'stroke' }
  const words = tight ? { textAnchor: left ? ('start' as const) : ('end' as const), ...halo } : {}
  return { x, edge, bend: left ? edge + 14 : edge - 14, words }
}

function Gauge({ x, y, width, ink }: { x: number; y: number; width: number; ink: string }) {
  if (width < 3) return null
  return (
    <path
      d={`M${x} ${y - 4}v8M${x + width} ${y - 4}v8M${x} ${y}h${width}`}
      fill="none"
      stroke={ink}
      strokeWidth={1.2}
    />
  )
}
