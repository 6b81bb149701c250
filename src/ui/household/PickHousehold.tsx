import { useState } from 'react'
import { useFound } from '../find/useFound'
import { TextField } from '../field/TextField'
import styles from './household.module.css'

interface PickProps {
  label: string
  /** The household that is asked from. */
  not: number
  onPick: (id: number, name: string) => void
}

/** Another household, found by a name or a number. */
export function PickHousehold({ label, not, onPick }: PickProps) {
  const [text, setText] = useState('')
  const { found } = useFound(text)
  const homes = found.flatMap(({ kind, href, name, words }) =>
    kind === 'household' ? [{ id: Number(href.split('/').at(-1)), name, words }] : [],
  )
  return (
    <div className={styles.pick}>
      <TextField label={label} value={text} placeholder="a name or a number" autoFocus onChange={setText} />
      {text !== '' &&
        homes
          .filter(({ id }) => id !== not)
          .map(({ id, name, words }) => (
            <button key={id} type="button" className={styles.home} onClick={() => onPick(id, name)}>
              <b>{name}</b> <span className="kv-quiet">{words}</span>
            </button>
          ))}
    </div>
  )
}
