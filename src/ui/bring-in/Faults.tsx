import type { FaultHere } from './listWorker'
import styles from './bringIn.module.css'

const SHOWN = 200

/** What could not be read, row by row, and why; rows that stay behind because of it come first. */
export function Faults({ faults, rows }: { faults: readonly FaultHere[]; rows: number }) {
  if (faults.length === 0) return <p className={styles.done}>All {rows} rows can be read.</p>
  const lost = new Set(faults.filter(({ loses }) => loses).map(({ line }) => line))
  const sorted = [...faults].sort((a, b) => Number(b.loses) - Number(a.loses) || a.line - b.line)
  return (
    <section aria-label="What cannot be read" className={styles.section}>
      <h2>What cannot be read</h2>
      <p>
        {rows} rows can be brought in, {lost.size} cannot; {faults.length - lost.size} cells of the others cannot be
        read.
      </p>
      <div className={styles.faults}>
        <table className="kv-stack">
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Column</th>
              <th scope="col">What stands there</th>
              <th scope="col">Why not</th>
            </tr>
          </thead>
          <tbody>
            {sorted.slice(0, SHOWN).map(({ line, column, text, why, loses }, at) => (
              <tr key={at}>
                <td data-label="Line">{line}</td>
                <td data-label="Column">{column}</td>
                <td data-label="What stands there">{text}</td>
                <td data-label="Why not" className={loses ? 'kv-late' : undefined}>
                  {why}
                  {loses && ' The row stays behind.'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {sorted.length > SHOWN && <p className="kv-small">and {sorted.length - SHOWN} more</p>}
    </section>
  )
}
