'use client'

import { useKeep } from '../house/useKeep'
import { Archives } from './Archives'
import { HowKept } from './HowKept'
import { JobLine } from './JobLine'
import { TakeAlong } from './TakeAlong'
import type { InAndOutActs, InAndOutView } from './acts'
import { useJob } from './useJob'
import styles from './inAndOut.module.css'

/** What goes in and out of the house: backups, the house to take along, sheets for other programs. */
export function InAndOut({
  view,
  sheets,
  acts,
}: {
  view: InAndOutView
  sheets: readonly string[]
  acts: InAndOutActs
}) {
  const keep = useKeep()
  const { job, away, follow } = useJob(view.job)
  const isOn = job !== null && job.ended === null
  return (
    <>
      <div className="kv-head">
        <h1>In and out</h1>
        <p className="kv-quiet">What is in the drawer is yours: it can be opened without Kovit, and it comes back.</p>
        <span className={keep.isFault ? 'kv-late' : 'kv-small'} role="status">
          {keep.saying}
        </span>
      </div>
      <div className={styles.columns}>
        <section aria-label="Backups" className={styles.section}>
          <h2>Backups</h2>
          <p className={view.last.isOld ? `${styles.last} kv-late` : styles.last}>{view.last.words}</p>
          <button
            type="button"
            className="kv-button"
            disabled={isOn}
            onClick={() => keep.send(acts.backUpNow, {}, () => follow('backup'))}
          >
            Back up now
          </button>
          {job && <JobLine job={job} away={away} />}
          <Archives view={view} acts={acts} keep={keep} disabled={isOn} onBegun={() => follow('restore')} />
        </section>
        <div className={styles.side}>
          <TakeAlong newest={view.archives.find(({ own, locked }) => own && !locked)} sheets={sheets} />
          <HowKept view={view} acts={acts} keep={keep} />
        </div>
      </div>
    </>
  )
}
