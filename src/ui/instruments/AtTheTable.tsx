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

type Part = 'said' | 'cautions'

/** What the devices at this table say, in the line above the bench; nothing where none has spoken. */
export const SaidAtTable = (props: AtTheTableProps) => <Table {...props} parts={usePhone() ? [] : ['said']} />

/** What of it can hurt, and what could not be read, among the notices; on a phone all of it. */
export const CautionsAtTable = (props: AtTheTableProps) => (
  <Table {...props} parts={usePhone() ? ['said', 'cautions'] : ['cautions']} />
)

function Table({ heard, nowMs, isOver, weigh, isStandIn, parts }: AtTheTableProps & { parts: readonly Part[] }) {
  const { last, fault, faults } = heard
  const said = (Object.keys(INSTRUMENTS) as InstrumentId[]).flatMap((id) => {
    const word = last[id]
    return word && id !== 'pedal'
      ? [{ id, ...word, ...readingWords(word.reading), silent: isSilent(id, word.atMs, nowMs) }]
      : []
  })
  const cautions = said.filter(({ caution, silent }) => caution !== null && !silent)
  const shows = { said: parts.includes('said'), cautions: parts.includes('cautions') }
  const isEmpty = !(shows.said && said.length > 0) && !(shows.cautions && cautions.length + faults > 0)
  if (isEmpty) return null
  return (
    <section className={styles.table} aria-label={shows.said ? 'Devices at this table' : 'Devices: to mind'}>
      {shows.said && <b>{isStandIn ? 'Stand-ins' : 'At this table'}</b>}
      {shows.said &&
        said.map(({ id, reading, words, silent, atMs }) => (
          <span key={id}>
            {INSTRUMENTS[id]} {silent ? `silent for ${Math.round((nowMs - atMs) / 1000)} s` : words}
            {reading.from === 'scale' && reading.still && !isOver && (
              <button
                type="button"
                className="kv-word"
                aria-label={`Keep ${words} as today’s weight`}
                onClick={() => weigh(Math.round(reading.kg * 10) / 10)}
              >
                Keep
              </button>
            )}
          </span>
        ))}
      {shows.cautions &&
        cautions.map(({ id, words, caution }) => (
          <span key={`${id} caution`} className="kv-caution">
            {INSTRUMENTS[id]} {words}. {caution}
          </span>
        ))}
      {shows.cautions && faults > 0 && (
        <span className="kv-quiet">
          {faults === 1 ? 'One line of a device' : `${faults} lines of devices`} could not be read. {fault}
        </span>
      )}
    </section>
  )
}
