import Link from 'next/link'
import type { Plan } from '@/core/plan'
import { stageLabel } from '@/core/stages'
import { Amend } from './Amend'
import { CloseVisit } from './CloseVisit'
import { CutAgainstPlan } from './CutAgainstPlan'
import { NextVisit } from './NextVisit'
import { OwnerSaid } from './OwnerSaid'
import { Score } from './Score'
import { StageMinutes, type StageTime } from './StageMinutes'
import { TwoTapes } from './TwoTapes'
import { ZoneTable } from './ZoneTable'
import type { WrapUpActs, WrapUpView } from './view'
import styles from './wrapUp.module.css'
import { May } from '../who/WhoHere'

/** What was done against what was planned: by stage on two tapes, by zone on the map, left against right. */
export function WrapUp({ view, acts }: { view: WrapUpView; acts: WrapUpActs }) {
  const { dog, plan, results, unit, slotMin, doneMin } = view
  const over = Math.round(doneMin) - slotMin
  const where = over > 0 ? `${over} past the slot` : `${-over} left of the slot`
  return (
    <>
      <div className={styles.head}>
        <h1>
          {dog.name} {view.finished ? 'is done' : 'is still on the bench'}
        </h1>
        <p className="kv-quiet">
          {Math.round(doneMin)} min, <span className={over > 0 ? 'kv-late' : undefined}>{where}</span>.{' '}
          {furthest(plan, view.minutes)}
        </p>
        <Link className="kv-word" href={`/visits/${view.visitId}/owner-page`}>
          A page for the owner
        </Link>
        <Score apart={view.apart} toCard={view.toCard} toLast={view.toLast} />
        <CloseVisit
          visitId={view.visitId}
          dogId={dog.id}
          finished={view.finished}
          closed={view.closed}
          liked={view.liked}
          close={acts.close}
        />
      </div>
      <TwoTapes name={dog.name} planned={view.planned} done={view.done} slotMin={slotMin} />
      <CutAgainstPlan dog={dog} card={plan.card} results={results} unit={unit} />
      <div className={styles.columns}>
        <ZoneTable results={results} unit={unit} />
        <section className={styles.next}>
          <NextVisit view={view} book={acts.book} />
          {view.finished && (
            <OwnerSaid
              visitId={view.visitId}
              zones={results
                .filter(({ planned }) => planned.some(({ method }) => method !== 'leave'))
                .map(({ zone }) => zone)}
              verdicts={view.verdicts}
              say={acts.say}
            />
          )}
          {view.closed && (
            <May right="bench">
              {' '}
              <Amend
                visitId={view.visitId}
                results={results}
                known={view.plannedCase}
                kit={view.kit}
                unit={unit}
                by={view.by}
                amended={view.amended}
              />
            </May>
          )}
          <Notes notes={view.notes} />
        </section>
      </div>
      <StageMinutes plan={plan} minutes={view.minutes} skipped={view.skipped} />
    </>
  )
}

/** The stages that ran furthest from plan, in words. */
function furthest(plan: Plan, minutes: StageTime[]): string {
  const away = plan.stages.flatMap(({ id, p50 }) => {
    const done = minutes.find(({ stage }) => stage === id)
    const more = done ? Math.round(done.handsMin - p50) : 0
    return more >= 2 ? [{ id, more }] : []
  })
  const most = away.sort((a, b) => b.more - a.more).slice(0, 3)
  return most.length === 0
    ? 'No stage took 2 min more than planned.'
    : `${most.map(({ id, more }) => `${stageLabel(id)} took ${more} more`).join(', ')} than planned.`
}

function Notes({ notes }: Pick<WrapUpView, 'notes'>) {
  return (
    <>
      <h2 style={{ marginTop: 12 }}>Notes</h2>
      {notes.length === 0 && <p className="kv-quiet">None.</p>}
      {notes.map(({ words, stage, clock }, index) => (
        <p key={index} style={{ overflowWrap: 'anywhere' }}>
          <span className="kv-small">
            {clock}
            {stage ? `, ${stageLabel(stage)}` : ''}
          </span>
          <br />
          {words}
        </p>
      ))}
    </>
  )
}
