import type { ArchiveHere } from './acts'
import styles from './inAndOut.module.css'

const HOLDS: Record<string, string> = {
  owners: 'people, numbers, addresses',
  dogs: 'dogs with their households',
  visits: 'every groom, when and by whom',
  minutes: 'minutes by stage, planned and done',
  cards: 'each dog’s last card, by zone',
}

/** The house in forms that other programs read. */
export function TakeAlong({ newest, sheets }: { newest: ArchiveHere | undefined; sheets: readonly string[] }) {
  return (
    <section aria-label="Take along" className={styles.section}>
      <h2>Take along</h2>
      <p>
        {newest ? (
          <a className="kv-word" href={`/rules/in-and-out/files/${encodeURIComponent(newest.name)}`} download>
            The whole house of {newest.made}
          </a>
        ) : (
          'Back up once, and the whole house can be taken along here.'
        )}
        <span className="kv-small">
          {' '}
          One zip with a README: tables as JSON Lines, pictures as files, checksums. It is a backup as well.
        </span>
      </p>
      <ul className={styles.sheets}>
        {sheets.map((sheet) => (
          <li key={sheet}>
            <a className="kv-word" href={`/rules/in-and-out/sheets/${sheet}.csv`} download>
              {sheet}.csv
            </a>{' '}
            <span className="kv-small">{HOLDS[sheet]}</span>
          </li>
        ))}
        <li>
          <a className="kv-word" href="/rules/in-and-out/sheets/book.ics" download>
            book.ics
          </a>{' '}
          <span className="kv-small">the book, for a calendar</span>
        </li>
      </ul>
    </section>
  )
}
