import { useState } from 'react'
import { TextField } from './TextField'

interface NumberFieldProps {
  label: string
  value: number | null
  unit: string
  /** What is usual where nobody says it. */
  usual?: number | null
  fault?: string | undefined
  onChange: (value: number | null) => void
}

/** A figure as it is said; a comma is a point, and what is no figure stays in the field with a word about it. */
export function NumberField({ label, value, unit, usual = null, fault, onChange }: NumberFieldProps) {
  const [typed, setTyped] = useState<string | null>(null)
  const shown = typed ?? (value === null ? '' : String(value))
  const isWrong = typed !== null && numberOf(typed) === undefined
  return (
    <TextField
      label={label}
      value={shown}
      unit={unit}
      mode="decimal"
      placeholder={usual === null ? '' : String(usual)}
      fault={isWrong ? `Give the ${label.toLowerCase()} as a number.` : fault}
      onChange={(text) => {
        const number = numberOf(text)
        setTyped(number === undefined || /[.,]$/.test(text) || /[.,]\d*0$/.test(text) ? text : null)
        if (number !== undefined) onChange(number)
      }}
    />
  )
}

/** Null for nothing, undefined for what is no number. */
function numberOf(text: string): number | null | undefined {
  if (text.trim() === '') return null
  const number = Number(text.replace(',', '.'))
  return Number.isFinite(number) && number >= 0 ? number : undefined
}
