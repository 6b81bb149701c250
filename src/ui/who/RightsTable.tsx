import { RIGHTS, STANDINGS, type Right, type Standing } from '@/core/rights'
import styles from './who.module.css'

/** What who may do, as the house works; one's own column is marked. */
export function RightsTable({ own }: { own: Standing }) {
  return (
    <table className={`kv-rows ${styles.rights}`}>
      <thead>
        <tr>
          <th scope="col">May</th>
          {STANDINGS.map((standing) => (
            <th key={standing} scope="col" className={styles.right}>
              {standing === own ? <b>{standing}, you</b> : standing}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {(Object.keys(RIGHTS) as Right[]).map((right) => {
          const { says } = RIGHTS[right]
          const may: readonly Standing[] = RIGHTS[right].may
          return (
            <tr key={right}>
              <th scope="row" className={styles.says}>
                {says}
              </th>
              {STANDINGS.map((standing) => (
                <td key={standing} className={styles.right}>
                  {may.includes(standing) ? <b>yes</b> : <span className="kv-small">no</span>}
                </td>
              ))}
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
