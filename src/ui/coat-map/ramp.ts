/** Length ramp, straw to moss: the stops of tokens.css, mm and colour. The figure always stands beside it. */
export const LENGTH_STOPS: readonly (readonly [number, string])[] = [
  [0, '#FAF4DC'],
  [3, '#F3E8BE'],
  [6, '#E9DC9F'],
  [10, '#D9D08A'],
  [16, '#B9BC78'],
  [25, '#93A367'],
  [40, '#7C9763'],
  [70, '#54744F'],
]

/** Colour of a length, mixed between the stops; beyond 70 mm it stays. */
export function lengthColour(lengthMm: number): string {
  const above = LENGTH_STOPS.findIndex(([mm]) => mm >= lengthMm)
  const high = LENGTH_STOPS[above] ?? LENGTH_STOPS.at(-1)
  const low = LENGTH_STOPS[above - 1] ?? high
  if (!high || !low || high[0] === low[0]) return high?.[1] ?? '#FAF4DC'
  const share = (lengthMm - low[0]) / (high[0] - low[0])
  const channel = (at: number) => {
    const from = parseInt(low[1].slice(at, at + 2), 16)
    const to = parseInt(high[1].slice(at, at + 2), 16)
    return Math.round(from + (to - from) * share)
      .toString(16)
      .padStart(2, '0')
  }
  return `#${channel(1)}${channel(3)}${channel(5)}`
}
