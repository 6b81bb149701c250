import { findingWords, placeWords, type HealthFact, type HealthKind } from '@/core/health'
import { showDay } from '@/core/units'
import { TextField } from '../field/TextField'
import type { PartProps } from './part'
import fields from '../field/field.module.css'
import styles from './change.module.css'

/** What an owner or a vet knows and a plan reads, in the order in which it is asked. */
const KNOWN: readonly HealthKind[] = [
  'heart',
  'seizure',
  'diabetic',
  'arthritis',
  'unsteady',
  'blind',
  'deaf',
  'allergy',
  'in-season',
  'stitches',
]

/** Standing facts with since when and who said it, medicine, vaccination, vet, and what was left by others. */
export function HealthFile({ file, set, today, by }: PartProps & { today: string; by: string }) {
  const { health, more } = file
  const change = (fact: HealthFact, changed: Partial<HealthFact>) =>
    set({ health: health.map((each) => (each === fact ? { ...each, ...changed } : each)) })
  const open = KNOWN.filter((kind) => !health.some((fact) => fact.kind === kind))
  return (
    <section aria-label="Health" className={styles.stack}>
      <h2>Health</h2>
      {health.map((fact, at) => (
        <div key={`${fact.kind} ${at}`} className={styles.fact}>
          <p>
            <b>{findingWords(fact.kind)}</b>
            {placeWords(fact) && `, ${placeWords(fact)}`}
            <span className="kv-small"> {fact.since ? `since ${showDay(fact.since)}` : 'since when is not said'}</span>
          </p>
          <div className={fields.pair}>
            <TextField
              label="Since"
              type="date"
              value={fact.since ?? ''}
              onChange={(since) => change(fact, { since: since || undefined })}
            />
            <TextField
              label="Said by"
              value={fact.saidBy ?? ''}
              onChange={(saidBy) => change(fact, { saidBy: saidBy || undefined })}
            />
          </div>
          <button
            type="button"
            className="kv-word"
            onClick={() => set({ health: health.filter((each) => each !== fact) })}
          >
            It is gone
          </button>
        </div>
      ))}
      <div className={fields.chips} role="group" aria-label="Also known">
        <span>Also known</span>
        <div>
          {open.map((kind) => (
            <button
              key={kind}
              type="button"
              className="kv-chip"
              onClick={() => set({ health: [...health, { kind, since: today, saidBy: by }] })}
            >
              {findingWords(kind).toLowerCase()}
            </button>
          ))}
        </div>
      </div>
      <TextField label="Medicine" value={more.medicine} onChange={(medicine) => set({ more: { ...more, medicine } })} />
      <div className={fields.pair}>
        <TextField
          label="Vaccinated on"
          type="date"
          value={file.vaccinatedOn ?? ''}
          onChange={(day) => set({ vaccinatedOn: day || null })}
        />
        <TextField label="Vet" value={more.vet} onChange={(vet) => set({ more: { ...more, vet } })} />
      </div>
      <TextField
        label="What an earlier groomer left"
        value={more.earlier}
        onChange={(earlier) => set({ more: { ...more, earlier } })}
      />
      <TextField label="Notes" value={more.notes} onChange={(notes) => set({ more: { ...more, notes } })} />
    </section>
  )
}
