import type { ReactNode } from 'react'

/** A page that has nothing to show: the empty tape, one sentence, one way on. */
export function Saying({ title, children, way }: { title: string; children: ReactNode; way?: ReactNode }) {
  return (
    <section
      style={{
        padding: '56px 0',
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr)',
        gap: 16,
        justifyItems: 'start',
      }}
    >
      <svg width={420} height={56} viewBox="0 0 420 56" style={{ maxWidth: '100%' }} aria-hidden="true">
        <rect x={12} y={12} width={380} height={34} fill="var(--kv-flax)" stroke="var(--kv-flax-edge)" />
        <rect x={3} y={10.5} width={9} height={37} fill="var(--kv-ink-2)" />
        <path d="M391 4v48" stroke="var(--kv-ink)" strokeWidth={2} />
        <circle cx={391} cy={5} r={4.5} fill="var(--kv-ink)" />
        {[40, 80, 120, 160, 200, 240, 280, 320, 360].map((x) => (
          <path key={x} d={`M${12 + x} 12v6`} stroke="var(--kv-ink-3)" />
        ))}
      </svg>
      <h1>{title}</h1>
      <p className="kv-quiet" style={{ maxWidth: 560 }}>
        {children}
      </p>
      {way}
    </section>
  )
}
