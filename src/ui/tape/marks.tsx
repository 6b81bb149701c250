import { figuresEvery, ticksOf } from './ticks'

/** The hatches of a forecast: teal up to the pin, brick beyond. */
export function Hatches({ id }: { id: string }) {
  return (
    <defs>
      {(['teal', 'late'] as const).map((name) => (
        <pattern
          key={name}
          id={`${id}${name}`}
          width={name === 'late' ? 6 : 4}
          height={6}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect
            width={name === 'late' ? 2 : 1.4}
            height={6}
            fill={name === 'late' ? 'var(--kv-late)' : 'var(--kv-ink-2)'}
          />
        </pattern>
      ))}
    </defs>
  )
}

/** The ferrule at the start of the tape. */
export function Ends({ x, top, height }: { x: number; top: number; height: number }) {
  return (
    <g>
      <rect x={x - 9} y={top - 1.5} width={9} height={height + 3} fill="var(--kv-ink-2)" />
      <circle cx={x - 4.5} cy={top + height / 2} r={1.8} fill="var(--kv-sheet)" />
    </g>
  )
}

/** The pin at the promise; brick once the median passes it. */
export function Pin({ x, top, height, late }: { x: number; top: number; height: number; late: boolean }) {
  const large = height > 50
  const color = late ? 'var(--kv-late)' : 'var(--kv-ink)'
  const head = large ? 6.5 : 4.5
  const above = large ? 10 : 5
  return (
    <g fill={color}>
      <path d={`M${x - 1} ${top - above}h2V${top + height + (large ? 8 : 4)}l-1 5l-1 -5z`} />
      <circle cx={x} cy={top - above} r={head} />
      <circle cx={x - head * 0.3} cy={top - above - head * 0.3} r={head * 0.25} fill="var(--kv-sheet)" />
    </g>
  )
}

interface TicksProps {
  slotMin: number
  pxPerMin: number
  x: (min: number) => number
  top: number
  height: number
  offsetMin: number | undefined
  figure: ((min: number) => string) | undefined
  textPx: number
}

/** Ticks hang from the top edge in the upper quarter; figures at each quarter hour. */
export function TapeTicks({ slotMin, pxPerMin, x, top, height, offsetMin = 0, figure, textPx }: TicksProps) {
  const quarter = height / 4
  const ticks = ticksOf(slotMin, pxPerMin, offsetMin)
  const figureMin = figuresEvery(
    pxPerMin,
    Math.max(...ticks.map(({ min }) => figure?.(min).length ?? 0), 2) * textPx * 0.62,
  )
  const hasFigure = ({ min, strong }: (typeof ticks)[number]) =>
    strong && (min + offsetMin) % figureMin === 0 && (slotMin - min) * pxPerMin > textPx * 2.6
  return (
    <g>
      {([true, false] as const).map((isStrong) => (
        <path
          key={String(isStrong)}
          d={ticks
            .map(({ min, depth, strong }) => (strong === isStrong ? `M${x(min)} ${top}v${quarter * depth}` : ''))
            .join('')}
          stroke={isStrong ? 'var(--kv-ink)' : 'var(--kv-ink-3)'}
          strokeWidth={isStrong ? 1.2 : 0.8}
        />
      ))}
      {figure &&
        ticks.filter(hasFigure).map(({ min }) => (
          <text
            key={min}
            x={x(min) + 3}
            y={top + quarter - 2}
            fontSize={textPx}
            fill="var(--kv-ink-2)"
            style={{ fontFamily: 'var(--kv-mono)' }}
          >
            {figure(min)}
          </text>
        ))}
    </g>
  )
}
