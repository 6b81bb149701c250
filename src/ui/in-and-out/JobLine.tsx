import type { Job } from './acts'
import styles from './inAndOut.module.css'

const DOING = { backup: 'The house is being backed up', restore: 'The house is coming back' }

/** How far it is, on a tape of a hundred; how it ended, in its own words. */
export function JobLine({ job, away }: { job: Job; away: boolean }) {
  if (job.ended)
    return (
      <p className={job.ended.ok ? styles.done : 'kv-late'} role="status">
        {job.ended.words}
      </p>
    )
  const percent = Math.round(job.share * 100)
  return (
    <div className={styles.job} role="status">
      <span>
        {away ? 'The pages are opened anew on the house that came back' : `${DOING[job.what]}, ${percent} %`}
        {job.what === 'backup' && '. Everybody can go on working.'}
      </span>
      <span className={styles.tape} aria-hidden="true">
        <span style={{ width: `${percent}%` }} />
      </span>
    </div>
  )
}
