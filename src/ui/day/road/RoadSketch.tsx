import type { DayPlan, HouseDay } from '@/core/day'
import { ROAD_FACTOR, SPEED_KMH, type Spot } from '@/core/van'
import type { RoadView } from './view'
import styles from './road.module.css'

const WIDTH = 460
const HEIGHT = 380
const EDGE = 54

/** The way from door to door as the crow flies: no map stands behind it, and it says so. */
export function RoadSketch({ view, plan }: { view: RoadView; plan: DayPlan }) {
  const { day, doors, base } = view
  const van = day.van
  if (!van?.base) return null
  const spotOfDog = (dog: string | undefined): Spot | undefined => day.dogs.find(({ id }) => id === dog)?.home
  const stops = plan.stops.map(({ dogs }) => ({ dogs, spot: spotOfDog(dogs[0]) }))
  const refills = van.refills.filter(({ id }) => plan.stops.some(({ refillBefore }) => refillBefore === id))
  const path = pathOf(plan, van, spotOfDog)
  const at = scaleOf([van.base, ...refills, ...path])
  const madeUp = Object.values(doors).filter((door) => door.madeUp).length
  return (
    <figure className={styles.sketch}>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={`The way: ${wayWords(plan, base)}`}>
        <polyline points={path.map((spot) => at(spot).join()).join(' ')} />
        {refills.map((spot) => (
          <Place key={spot.id} at={at(spot)} name={spot.id} kind="refill" />
        ))}
        <Place at={at(van.base)} name={base} kind="base" />
        {stops.map(({ dogs, spot }, number) =>
          spot ? (
            <Place key={dogs.join()} at={at(spot)} name={dogs.join(' and ')} kind="door" number={number + 1} />
          ) : null,
        )}
      </svg>
      <figcaption className="kv-small">
        Straight lines from door to door. No map service is connected: ways are reckoned as {ROAD_FACTOR} times the
        straight line at {SPEED_KMH} km/h.
        {madeUp > 0 &&
          ` Where ${madeUp === 1 ? 'one door lies' : `${madeUp} doors lie`} is made up from the address: say it in the household’s file.`}
      </figcaption>
    </figure>
  )
}

/** From the base over doors and refills back to the base. */
function pathOf(
  plan: DayPlan,
  van: NonNullable<HouseDay['van']>,
  spotOfDog: (dog: string | undefined) => Spot | undefined,
) {
  const base = van.base as Spot
  return [
    base,
    ...plan.stops.flatMap(({ dogs, refillBefore }) => {
      const refill = refillBefore === 'base' ? base : van.refills.find(({ id }) => id === refillBefore)
      const door = spotOfDog(dogs[0])
      return [...(refill ? [refill] : []), ...(door ? [door] : [])]
    }),
    base,
  ]
}

const wayWords = ({ stops }: DayPlan, base: string): string =>
  [base, ...stops.map(({ dogs }) => dogs.join(' and ')), base].join(', ')

/** North is up, and a kilometre as long one way as the other. */
function scaleOf(spots: readonly Spot[]) {
  const shrink = Math.cos(((spots[0]?.lat ?? 0) * Math.PI) / 180)
  const flat = spots.map(({ lat, lon }) => [lon * shrink, -lat] as const)
  const [xs, ys] = [flat.map(([x]) => x), flat.map(([, y]) => y)]
  const [left, top] = [Math.min(...xs), Math.min(...ys)]
  const [wide, high] = [Math.max(...xs) - left || 1e-6, Math.max(...ys) - top || 1e-6]
  const by = Math.min((WIDTH - 2 * EDGE) / wide, (HEIGHT - 2 * EDGE) / high)
  const [padX, padY] = [(WIDTH - wide * by) / 2, (HEIGHT - high * by) / 2]
  return ({ lat, lon }: Spot): [number, number] => [
    Math.round(padX + (lon * shrink - left) * by),
    Math.round(padY + (-lat - top) * by),
  ]
}

interface PlaceProps {
  at: [number, number]
  name: string
  kind: 'base' | 'door' | 'refill'
  number?: number
}

function Place({ at: [x, y], name, kind, number }: PlaceProps) {
  const anchor = x > WIDTH - 120 ? 'end' : x < 120 ? 'start' : 'middle'
  return (
    <g data-kind={kind}>
      {kind === 'door' ? <circle cx={x} cy={y} r={12} /> : <rect x={x - 8} y={y - 8} width={16} height={16} />}
      {number !== undefined && (
        <text x={x} y={y + 5} textAnchor="middle">
          {number}
        </text>
      )}
      <text x={x} y={y - 18} textAnchor={anchor} data-name="">
        {name}
      </text>
    </g>
  )
}
