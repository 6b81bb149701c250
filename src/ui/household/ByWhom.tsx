import { useState } from 'react'

const KEPT = 'kovit.who'

export interface Who {
  by: string
  staff: readonly string[]
  choose: (name: string) => void
}

/** Who changes a file: the one who did it last on this device, until somebody else is chosen. */
export function useWho(staff: readonly string[]): Who {
  const [by, setBy] = useState<string | null>(null)
  const remembered = by ?? (typeof localStorage === 'undefined' ? null : localStorage.getItem(KEPT))
  const known = remembered !== null && staff.includes(remembered) ? remembered : (staff[0] ?? 'the house')
  const choose = (name: string) => {
    localStorage.setItem(KEPT, name)
    setBy(name)
  }
  return { by: known, staff, choose }
}

export const ByWhom = ({ who: { by, staff, choose } }: { who: Who }) =>
  staff.length < 2 ? null : (
    <label className="kv-small" suppressHydrationWarning>
      by{' '}
      <select
        aria-label="Who changes it"
        value={by}
        onChange={(event) => choose(event.target.value)}
        className="kv-select"
      >
        {staff.map((name) => (
          <option key={name}>{name}</option>
        ))}
      </select>
    </label>
  )
