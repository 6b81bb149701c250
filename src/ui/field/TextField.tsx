import { useId, type ReactNode } from 'react'
import styles from './field.module.css'

interface TextFieldProps {
  label: string
  value: string
  fault?: string | undefined
  onChange: (value: string) => void
  type?: 'text' | 'tel' | 'date'
  autoFocus?: boolean
  placeholder?: string
  /** The unit, at the right inside. */
  unit?: string
  list?: string
  mode?: 'decimal'
  children?: ReactNode
}

/** One thing that is said: label above, a rule below, what is wrong under it. */
export function TextField({ label, value, fault, onChange, unit, mode, children, ...rest }: TextFieldProps) {
  const id = useId()
  return (
    <div className={styles.field}>
      <label htmlFor={id}>{label}</label>
      <span className={styles.input}>
        <input
          {...rest}
          id={id}
          value={value}
          inputMode={mode}
          maxLength={200}
          autoComplete="off"
          aria-invalid={fault !== undefined}
          aria-describedby={fault ? `${id} fault` : undefined}
          onChange={(event) => onChange(event.target.value)}
        />
        {unit && <span className="kv-small">{unit}</span>}
      </span>
      {fault && (
        <span id={`${id} fault`} className="kv-late">
          {fault}
        </span>
      )}
      {children}
    </div>
  )
}
