import Link from 'next/link'
import styles from './card.module.css'

export interface VersionLine {
  version: number
  kind: 'planned' | 'cut' | 'saved'
  when: string
  by: string
  why: string
}

interface VersionsProps {
  versions: readonly VersionLine[]
  here: number
  dogId: number
}

const MOST = 12
const KINDS = { planned: 'planned', cut: 'as cut', saved: 'saved at the desk' }

/** Every version with who, when and why. Open one, and save it again to go back to it. */
export function Versions({ versions, here, dogId }: VersionsProps) {
  const shown = versions.slice(0, MOST)
  return (
    <section className={styles.versions}>
      <h2>Versions</h2>
      <p className="kv-quiet">Nothing is overwritten. Open an earlier one and save it to go back to it.</p>
      <table className="kv-rows kv-stack">
        <tbody>
          {shown.map(({ version, kind, when, by, why }) => (
            <tr key={version} aria-current={version === here ? 'true' : undefined}>
              <td style={{ width: 110 }}>
                {version === here ? (
                  <b>Version {version}</b>
                ) : (
                  <Link className="kv-link" href={`/dogs/${dogId}/card?version=${version}`}>
                    Version {version}
                  </Link>
                )}
              </td>
              <td style={{ width: 150 }}>{KINDS[kind]}</td>
              <td style={{ width: 170 }}>{when}</td>
              <td style={{ width: 90 }}>{by}</td>
              <td className="kv-quiet">{why}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {versions.length > MOST && <p className="kv-small">{versions.length - MOST} earlier ones are kept as well.</p>}
    </section>
  )
}
