import type { DayPlan } from '@/core/day'
import { clockOf, minutesOf } from '@/core/people'
import { drawnStops, heightOf, tankEdge, type DrawnStop } from './roadLine'
import { mayMove } from './moved'
import type { RoadView } from './view'
import styles from './road.module.css'

const TANK_PX = 72

interface RoadLineProps {
  view: RoadView
  plan: DayPlan
  /** Puts a stop one earlier or later; null where nothing may be decided. */
  move: ((at: number, by: -1 | 1) => void) | null
}

/** The road as one line, driving and grooming to scale, with the tank as a falling edge beside it. */
export function RoadLine({ view, plan, move }: RoadLineProps) {
  const { day, doors, base, setUpMin, packMin, refillMin } = view
  const tankLitres = day.van?.tankLitres ?? 0
  const first = plan.stops[0]
  if (!first) return null
  const departMin = Math.floor(minutesOf(first.arrive) - first.driveMin)
  const stops = drawnStops(plan, departMin, refillMin)
  const homeMin = minutesOf(plan.end.at)
  const y = heightOf(stops, departMin, homeMin)
  return (
    <section className={styles.line} aria-label="The road" style={{ height: y(homeMin) + 40 }}>
      <i className={styles.road} style={{ top: y(departMin), height: y(homeMin) - y(departMin) }} aria-hidden="true" />
      <p className={styles.at} style={{ top: y(departMin) }} data-base="">
        <time>{clockOf(departMin)}</time> <b>leaves {base}</b>
      </p>
      <ol>
        {stops.map((stop, at) => (
          <li key={stop.dogs.join()}>
            <Way
              stop={stop}
              isFirst={at === 0}
              y={y}
              fromMin={stops[at - 1]?.leaveMin ?? departMin}
              base={base}
              refillMin={refillMin}
            />
            <div
              className={styles.stop}
              style={{ top: y(stop.arriveMin), height: y(stop.leaveMin) - y(stop.arriveMin) }}
            >
              <time>{clockOf(stop.arriveMin)}</time>
              <div className={styles.tape}>
                <i
                  style={{
                    top: y(stop.arriveMin + setUpMin) - y(stop.arriveMin),
                    bottom: y(stop.leaveMin) - y(stop.leaveMin - packMin),
                  }}
                  aria-hidden="true"
                />
                <b>{stop.dogs.join(' and ')}</b>
                <span>
                  {stop.dogs.length > 1 ? `one door, ${stop.dogs.length} dogs` : doors[stop.dogs[0] ?? '']?.what}
                </span>
                <span>{doors[stop.dogs[0] ?? '']?.place}</span>
                <span>until {clockOf(stop.leaveMin)}</span>
              </div>
              {move && (
                <p className={styles.moves}>
                  {MOVES.map(({ by, word }) =>
                    mayMove(plan, day, at, by) ? (
                      <button
                        key={word}
                        type="button"
                        className="kv-word"
                        data-by={by}
                        aria-label={`${word}: ${stop.dogs.join(' and ')}`}
                        onClick={() => move(at, by)}
                      >
                        {word}
                      </button>
                    ) : null,
                  )}
                </p>
              )}
            </div>
          </li>
        ))}
      </ol>
      <p className={styles.at} style={{ top: y(homeMin) }} data-base="">
        <time>{plan.end.at}</time> <b>home</b>
      </p>
      <Tank stops={stops} edge={tankEdge(stops, { departMin, homeMin, tankLitres })} y={y} tankLitres={tankLitres} />
    </section>
  )
}

const MOVES = [
  { by: -1, word: 'Earlier' },
  { by: 1, word: 'Later' },
] as const

interface WayProps {
  stop: DrawnStop
  isFirst: boolean
  y: (min: number) => number
  fromMin: number
  base: string
  refillMin: number
}

/** The way to a stop, and where the tank is filled on it. */
function Way({ stop: { driveMin, km, arriveMin, refill }, isFirst, y, fromMin, base, refillMin }: WayProps) {
  const words = `${Math.round(driveMin)} min, ${km} km`
  return (
    <>
      {refill && (
        <p className={styles.refill} style={{ top: y(refill.fromMin) }}>
          <b>fill the tank at {refill.id === 'base' ? base : refill.id}</b>, {refillMin} min
        </p>
      )}
      <p
        className={styles.way}
        style={{ top: y(refill ? (refill.toMin + arriveMin) / 2 : (fromMin + arriveMin) / 2) - (isFirst ? 2 : 10) }}
      >
        {words}
      </p>
    </>
  )
}

interface TankProps {
  stops: readonly DrawnStop[]
  edge: readonly { min: number; litres: number }[]
  y: (min: number) => number
  tankLitres: number
}

function Tank({ stops, edge, y, tankLitres }: TankProps) {
  const x = (litres: number) => TANK_PX * (1 - litres / Math.max(1, tankLitres))
  const points = edge.map(({ min, litres }) => `${x(litres)},${y(min)}`)
  const [top, bottom] = [y(edge[0]?.min ?? 0), y(edge.at(-1)?.min ?? 0)]
  return (
    <div className={styles.tank}>
      <span className={styles.tankName} style={{ top: top - 22 }}>
        tank {Math.round(tankLitres)} l
      </span>
      <svg width={TANK_PX} height={bottom + 4} aria-hidden="true">
        <polygon points={[`${TANK_PX},${top}`, ...points, `${TANK_PX},${bottom}`].join(' ')} />
      </svg>
      {stops.map(({ dogs, leaveMin, litres }) => (
        <span
          key={dogs.join()}
          className={styles.litres}
          style={{ top: y(leaveMin) - 20, right: TANK_PX - x(litres) + 4 }}
        >
          {Math.round(litres)} l
        </span>
      ))}
    </div>
  )
}
