import type { Family } from '@/core/stages'

const FAMILIES: readonly [Family, string][] = [
  ['look', 'Look over'],
  ['prepare', 'Prepare'],
  ['bath', 'Bath'],
  ['dry', 'Dry'],
  ['clip', 'Clip'],
  ['scissor', 'Scissor'],
]

/** What the colours of the tape mean; every stage is named besides. */
export function FamilyKey() {
  return (
    <ul
      style={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 28,
        listStyle: 'none',
        margin: 0,
        padding: '0 0 0 12px',
        fontSize: 12.5,
      }}
    >
      {FAMILIES.map(([family, label]) => (
        <li key={family} style={{ display: 'flex', alignItems: 'center', gap: 6 }}>
          <svg width={17} height={9} aria-hidden="true">
            <rect width={8} height={9} fill={`var(--kv-${family}-ink)`} />
            <rect x={8} width={9} height={9} fill={`var(--kv-${family}-tint)`} />
          </svg>
          {label}
        </li>
      ))}
      <li style={{ display: 'flex', alignItems: 'center', gap: 6 }}>
        <svg width={20} height={11} aria-hidden="true">
          <path d="M0 1h20M0 10h20" stroke="var(--kv-bath-ink)" strokeWidth={1.4} strokeDasharray="4 3" />
        </svg>
        Wait, hands free
      </li>
    </ul>
  )
}
