import { Input } from 'antd'

interface FieldProps {
  label: string
  value: string
  numeric?: boolean
  autoComplete?: string
  fault?: string | undefined
  onChange: (value: string) => void
}

export const WordField = ({ label, value, numeric, autoComplete = 'off', fault, onChange }: FieldProps) => (
  <label className="kv-field">
    {label}
    <Input
      value={value}
      maxLength={60}
      inputMode={numeric ? 'numeric' : 'text'}
      autoComplete={autoComplete}
      onChange={(event) => onChange(event.target.value)}
    />
    {fault && <span className="kv-late">{fault}</span>}
  </label>
)

/** What nobody else should read; it can be looked at, and pasted. */
export const SecretField = ({ label, value, numeric, autoComplete = 'off', fault, onChange }: FieldProps) => (
  <label className="kv-field">
    {label}
    <Input.Password
      value={value}
      maxLength={numeric ? 4 : 200}
      inputMode={numeric ? 'numeric' : 'text'}
      autoComplete={autoComplete}
      onChange={(event) => onChange(event.target.value)}
    />
    {fault && <span className="kv-late">{fault}</span>}
  </label>
)
