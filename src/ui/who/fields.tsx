import { useId, useState, type ReactNode } from 'react'
import styles from './who.module.css'

interface FieldProps {
  label: string
  value: string
  numeric?: boolean
  autoComplete?: string
  fault?: string | undefined
  onChange: (value: string) => void
}

interface SaidProps extends FieldProps {
  type: 'text' | 'password'
  most: number
  beside?: ReactNode
}

function Said({ label, value, numeric, autoComplete = 'off', fault, onChange, type, most, beside }: SaidProps) {
  const id = useId()
  return (
    <div className={styles.said}>
      <label className="kv-field">
        {label}
        <input
          type={type}
          value={value}
          maxLength={most}
          inputMode={numeric ? 'numeric' : 'text'}
          autoComplete={autoComplete}
          aria-invalid={fault !== undefined}
          aria-describedby={fault ? id : undefined}
          onChange={(event) => onChange(event.target.value)}
        />
      </label>
      {beside}
      {fault && (
        <span id={id} className="kv-late">
          {fault}
        </span>
      )}
    </div>
  )
}

export const WordField = (props: FieldProps) => <Said {...props} type="text" most={60} />

/** What nobody else should read; it can be looked at, and pasted. */
export function SecretField(props: FieldProps) {
  const [isShown, setShown] = useState(false)
  const show = isShown ? 'Hide' : 'Show'
  return (
    <Said
      {...props}
      type={isShown ? 'text' : 'password'}
      most={props.numeric ? 4 : 200}
      beside={
        <button
          type="button"
          className="kv-word"
          aria-label={`${show} ${props.label}`}
          onClick={() => setShown(!isShown)}
        >
          {show}
        </button>
      }
    />
  )
}
