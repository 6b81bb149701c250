import { MOST_ON_SHEET, type DogToGo } from '@/core/dog-to-go'
import { findingWords, openFindings, placeWords, referWords, type HealthFact } from '@/core/health'
import sheet from '../card/print.module.css'
import styles from './handOver.module.css'

/** What the next groomer has to know of a dog, beside its card: A5, one page. */
export function HandOverSheet({ file }: { file: Omit<DogToGo, 'owner'> }) {
  const { dog, grooms, from, made } = file
  const { behaviour, health, more, breed, coat, weightKg } = dog
  const minds = Object.entries(behaviour)
    .filter(([, grade]) => (grade ?? 0) > 0)
    .sort(([, a], [, b]) => (b ?? 0) - (a ?? 0))
  const known = openFindings(health)
  const told = [
    ['Medicine', more.medicine],
    ['Vet', more.vet],
    ['Notes', more.notes],
  ].filter(([, words]) => words !== '')
  return (
    <article className={sheet.sheet} aria-label={`What to know of ${dog.name}`}>
      <div className={sheet.top}>
        <h1>{dog.name}</h1>
        <p>{[breed, `${coat} coat`, `${weightKg} kg`, dog.sex ?? ''].filter((word) => word !== '').join(', ')}</p>
        <p className={sheet.which}>
          From {from}, {made}. What to know.
        </p>
      </div>
      <Part title="Minds, 0 to 4" none="Nothing that was noted.">
        {minds.map(([trigger, grade]) => (
          <li key={trigger}>
            <b>
              {trigger} {grade}
            </b>
            {helpedBy(more.helped, trigger)}
          </li>
        ))}
      </Part>
      <Part title="Seen and known" none="Nothing that was noted. Look the dog over all the same.">
        {known.map((fact) => (
          <li key={`${fact.kind} ${fact.zone} ${fact.side}`}>
            <b>{factWords(fact)}</b>
            {referWords(fact) === null ? '' : `. ${referWords(fact)}`}
          </li>
        ))}
      </Part>
      {known.length > 0 && <p>A groomer sees and feels, and does not say what it is: that is for a vet.</p>}
      {told.length > 0 && (
        <Part title="As it was told" none="">
          {told.map(([what, words]) => (
            <li key={what}>
              <b>{what}</b>: {words}
            </li>
          ))}
        </Part>
      )}
      <Part title="Groomed" none="Not yet.">
        {[...grooms]
          .reverse()
          .slice(0, MOST_ON_SHEET)
          .map(({ on, service, minutes }, at) => (
            <li key={`${on} ${at}`}>
              {on}, {service}
              {minutes === null ? '' : `, ${Math.round(minutes)} min of hands`}
            </li>
          ))}
      </Part>
    </article>
  )
}

const helpedBy = (helped: Partial<Record<string, string>>, trigger: string): string =>
  helped[trigger] ? `: what helped is ${helped[trigger]}` : ''

const factWords = (fact: HealthFact): string =>
  [
    findingWords(fact.kind),
    placeWords(fact),
    ...(fact.sizeMm ? [`${fact.sizeMm} mm`] : []),
    fact.words ?? '',
    ...(fact.since ? [`since ${fact.since}`] : []),
  ]
    .filter((word) => word !== '')
    .join(', ')

function Part({ title, none, children }: { title: string; none: string; children: React.ReactNode[] }) {
  return (
    <section className={styles.part}>
      <h2>{title}</h2>
      {children.length > 0 ? <ul>{children}</ul> : <p>{none}</p>}
    </section>
  )
}
