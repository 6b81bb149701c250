import { useState } from 'react'
import { STANDINGS, isHere, type Standing } from '@/core/household'
import { Choice } from '../field/Choice'
import styles from './change.module.css'

interface ComesProps {
  name: string
  standing: Standing
  bookings: readonly { id: number; words: string }[]
  onSay: (standing: Standing, callOff: number[]) => void
}

const ORDER = Object.keys(STANDINGS) as Standing[]
const LABELS = ORDER.map((id) => STANDINGS[id].label)

/** Whether a dog still comes; what is booked is asked about, one by one. Nothing is sent to whoever does not come. */
export function Comes({ name, standing, bookings, onSay }: ComesProps) {
  const [wished, setWished] = useState<Standing>(standing)
  const [offs, setOffs] = useState<readonly number[]>(bookings.map(({ id }) => id))
  const asks = wished !== standing
  return (
    <div className={styles.stack}>
      <Choice
        label={`Does ${name} come?`}
        options={LABELS}
        chosen={STANDINGS[wished].label}
        onChoose={(label) => setWished(ORDER[LABELS.indexOf(label)] ?? standing)}
      />
      {asks && (
        <div className="kv-notice">
          <p>
            <b>
              {name} {STANDINGS[wished].says}.
            </b>{' '}
            {isHere(wished) ? 'It is asked for again.' : 'The file stays; nothing is sent any more.'}
          </p>
          {!isHere(wished) &&
            bookings.map(({ id, words }) => (
              <label key={id} className={styles.off}>
                <input
                  type="checkbox"
                  checked={offs.includes(id)}
                  onChange={() => setOffs(offs.includes(id) ? offs.filter((each) => each !== id) : [...offs, id])}
                />{' '}
                Call off {words}
              </label>
            ))}
          <p className={styles.acts}>
            <button type="button" className="kv-button" onClick={() => onSay(wished, isHere(wished) ? [] : [...offs])}>
              Keep that
            </button>
            <button type="button" className="kv-word" onClick={() => setWished(standing)}>
              Leave it
            </button>
          </p>
        </div>
      )}
    </div>
  )
}
