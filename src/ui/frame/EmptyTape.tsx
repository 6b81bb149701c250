/** The tape without stages. */
export function EmptyTape() {
  return (
    <div className="kv-page" role="status" aria-busy="true" aria-label="Loading">
      <svg width={1224} height={120} style={{ maxWidth: '100%', marginTop: 40 }} aria-hidden="true">
        <rect x={12} y={20} width={1100} height={74} fill="var(--kv-flax)" stroke="var(--kv-flax-edge)" />
        <rect x={3} y={18.5} width={9} height={77} fill="var(--kv-ink-2)" />
      </svg>
    </div>
  )
}
