import { INSTRUMENTS, isSilent, readingWords, type Heard, type InstrumentId } from '@/core/instruments'
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

/** What the devices at this table say, with a caution where it can hurt; nothing where none has spoken. */
export function AtTheTable({ heard, nowMs, isOver, weigh, isStandIn }: AtTheTableProps) {
  const { last, fault, faults } = heard
  const ids = (Object.keys(INSTRUMENTS) as InstrumentId[]).filter((id) => id !== 'pedal' && last[id])
  if (ids.length === 0 && faults === 0) return null
  return (
    <section className={styles.table} aria-label="Devices at this table">
      <b>{isStandIn ? 'Stand-ins, no real devices' : 'At this table'}</b>
      {ids.map((id) => {
        const { reading, atMs } = last[id] as NonNullable<Heard['last'][InstrumentId]>
        const { words, caution } = readingWords(reading)
        const silent = isSilent(id, atMs, nowMs)
        return (
          <span key={id} className={caution && !silent ? 'kv-caution' : undefined}>
            {INSTRUMENTS[id]} {silent ? `has said nothing for ${Math.round((nowMs - atMs) / 1000)} s` : words}
            {!silent && caution && <>. {caution}</>}
            {reading.from === 'scale' && reading.still && !isOver && (
              <button type="button" className="kv-word" onClick={() => weigh(Math.round(reading.kg * 10) / 10)}>
                Keep as today’s weight
              </button>
            )}
          </span>
        )
      })}
      {faults > 0 && (
        <span className="kv-quiet">
          {faults === 1 ? 'One line' : `${faults} lines`} could not be read. {fault}
        </span>
      )}
    </section>
  )
}
