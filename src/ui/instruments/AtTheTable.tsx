import { INSTRUMENTS, isSilent, readingWords, type Heard, type InstrumentId } from '@/core/instruments'
import { usePhone } from '../screen/usePhone'
import styles from './instruments.module.css'

interface AtTheTableProps {
  heard: Heard
  nowMs: number
  /** Nothing is noted any more. */
  isOver: boolean
  /** Keeps what the scale says as today’s weight. */
  weigh: (kg: number) => void
  isStandIn: boolean
}

/** What the devices at this table say, as one word in the line above the bench that opens: what can hurt before the rest. */
export function SaidAtTable(props: AtTheTableProps) {
  const { heard, nowMs, isStandIn } = props
  const said = wordsOf(heard, nowMs)
  if (usePhone() || isNothing(heard)) return null
  const [first] = [...said].sort((a, b) => Number(b.short !== null) - Number(a.short !== null))
  return (
    <details className={styles.table}>
      <summary className={first?.short ? 'kv-caution' : undefined}>
        {isStandIn ? 'Stand-ins' : 'Table'}: {first ? firstWords(first) : 'cannot be read'}
      </summary>
      <List {...props} />
    </details>
  )
}

/** The same on a phone, where there is a place for all of it. */
export const SaidOnPhone = (props: AtTheTableProps) =>
  usePhone() && !isNothing(props.heard) ? (
    <section className={styles.open}>
      <b>{props.isStandIn ? 'Stand-ins, no real devices' : 'At this table'}</b>
      <List {...props} />
    </section>
  ) : null

function List({ heard, nowMs, isOver, weigh }: AtTheTableProps) {
  const { fault, faults } = heard
  return (
    <ul aria-label="Devices at this table">
      {wordsOf(heard, nowMs).map(({ id, reading, words, caution }) => (
        <li key={id} className={caution ? 'kv-caution' : undefined}>
          {INSTRUMENTS[id]} {words}
          {caution && `. ${caution}`}
          {reading.from === 'scale' && reading.still && !isOver && (
            <button type="button" className="kv-word" onClick={() => weigh(Math.round(reading.kg * 10) / 10)}>
              Keep as today’s weight
            </button>
          )}
        </li>
      ))}
      {faults > 0 && (
        <li className="kv-quiet">
          {faults === 1 ? 'One line of a device' : `${faults} lines of devices`} could not be read. {fault}
        </li>
      )}
    </ul>
  )
}

/** A press of the pedal is a deed and nothing to tell. */
const isNothing = ({ last, faults }: Heard): boolean =>
  faults === 0 && Object.keys(last).every((id) => id === ('pedal' satisfies InstrumentId))

function wordsOf({ last }: Heard, nowMs: number) {
  return (Object.keys(INSTRUMENTS) as InstrumentId[]).flatMap((id) => {
    const heard = last[id]
    if (!heard || id === 'pedal') return []
    const { reading, atMs } = heard
    if (!isSilent(id, atMs, nowMs)) return [{ id, reading, ...readingWords(reading) }]
    return [{ id, reading, words: `silent for ${Math.round((nowMs - atMs) / 1000)} s`, caution: null, short: null }]
  })
}

const firstWords = ({ id, words, short }: ReturnType<typeof wordsOf>[number]): string =>
  `${INSTRUMENTS[id]} ${words}${short === null ? '' : `, ${short}`}`
