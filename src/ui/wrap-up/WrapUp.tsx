import type { FigureDog } from '@/core/figure'
import type { Kit } from '@/core/lengths'
import type { Case, Plan } from '@/core/plan'
import type { Result } from '@/core/result'
import { stageLabel, type StageId } from '@/core/stages'
import type { Segment } from '@/core/strip'
import type { LengthUnit } from '@/core/units'
import type { Verdicts } from '@/core/repeat'
import type { Apart, ZoneOutcome } from '@/core/visit'
import { isPaired, zoneLabel, type ZoneId } from '@/core/zones'
import Link from 'next/link'
import { BookVisit, type BookProps } from '../booking/BookVisit'
import { showFigure, unitWord } from '../coat-map'
import { CloseVisit } from './CloseVisit'
import { CutAgainstPlan } from './CutAgainstPlan'
import { Amend, type AmendProps } from './Amend'
import { OwnerSaid } from './OwnerSaid'
import { Score } from './Score'
import { StageMinutes, type StageTime } from './StageMinutes'
import { TwoTapes } from './TwoTapes'
import styles from './wrapUp.module.css'
import { HeadRow } from '../frame/HeadRow'

/** A groom that is over, as the wrap-up shows it. */
export interface WrapUpView {
  visitId: number
  dog: FigureDog & { id: number; name: string }
  plan: Plan
  results: ZoneOutcome[]
  minutes: StageTime[]
  skipped: { stage: StageId; why: string }[]
  notes: { words: string; stage: StageId | null; clock: string }[]
  planned: Segment[]
  done: Segment[]
  doneMin: number
  slotMin: number
  finished: boolean
  closed: boolean
  liked: boolean | null
  unit: LengthUnit
  /** What the visit was cut with and on; for putting a cut right. */
  plannedCase: Case
  kit: Kit
  by: string
  amended: AmendProps['amended']
  staff: BookProps['staff']
  today: string
  next: { href: string; when: string } | null
  /** When to come back and why, and a bath and tidy half way. */
  proposal: {
    day: string
    longDay: string
    weeks: number
    because: string
    tidy: { day: string; longDay: string } | null
  }
  apart: Apart
  toCard: number | null
  toLast: number | null
  verdicts: Verdicts
}

interface WrapUpActs {
  say: (input: unknown) => Promise<Result<null>>
  close: (input: unknown) => Promise<Result<{ dogId: number }>>
  book: BookProps['book']
}

/** What was done against what was planned: by stage on two tapes, by zone on the map, left against right. */
export function WrapUp({ view, acts }: { view: WrapUpView; acts: WrapUpActs }) {
  const { dog, plan, results, unit, slotMin, doneMin } = view
  const over = Math.round(doneMin) - slotMin
  const booking = {
    dogId: dog.id,
    dogName: dog.name,
    staff: view.staff,
    today: view.today,
    main: false,
    book: acts.book,
  }
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
          <h2>Next visit</h2>
          {view.next ? (
            <>
              <p className={styles.date}>{view.next.when}</p>
              <Link className="kv-button" href={view.next.href}>
                Plan the next visit
              </Link>
            </>
          ) : (
            <>
              <p className={styles.date}>{view.proposal.longDay}</p>
              <p>
                In {view.proposal.weeks} {view.proposal.weeks === 1 ? 'week' : 'weeks'}: {view.proposal.because} then.
              </p>
              {plan.growing.map(
                ({ zone, readyOn }) =>
                  readyOn && (
                    <p key={zone}>
                      {zoneLabel(zone)} {readyOn <= view.proposal.day ? 'is then long enough.' : 'still grows then.'}
                    </p>
                  ),
              )}
              <BookVisit {...booking} day={view.proposal.day} label="Book it" />
              {view.proposal.tidy && (
                <>
                  <p style={{ marginTop: 10 }}>
                    Kept long, it wants a bath and tidy between: {view.proposal.tidy.longDay}.
                  </p>
                  <BookVisit
                    {...booking}
                    day={view.proposal.tidy.day}
                    label="Book a bath and tidy"
                    tidy
                    again={false}
                  />
                </>
              )}
            </>
          )}
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
            <Amend
              visitId={view.visitId}
              results={results}
              known={view.plannedCase}
              kit={view.kit}
              unit={unit}
              by={view.by}
              amended={view.amended}
            />
          )}
          <h2 style={{ marginTop: 12 }}>Notes</h2>
          {view.notes.length === 0 && <p className="kv-quiet">None.</p>}
          {view.notes.map(({ words, stage, clock }, index) => (
            <p key={index} style={{ overflowWrap: 'anywhere' }}>
              <span className="kv-small">
                {clock}
                {stage ? `, ${stageLabel(stage)}` : ''}
              </span>
              <br />
              {words}
            </p>
          ))}
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

const TELLING: readonly ZoneId[] = ['back', 'foreleg', 'thigh', 'forefoot', 'hindfoot', 'cheek', 'ear-edge']

/** Zones that differ first, then the telling ones; left and right apart where there are two. */
function ZoneTable({ results, unit }: { results: ZoneOutcome[]; unit: LengthUnit }) {
  const rows = [
    ...results.filter(({ how }) => how !== 'as planned'),
    ...results.filter(({ how, zone }) => how === 'as planned' && TELLING.includes(zone)),
  ]
  const at = (result: ZoneOutcome, side: 'left' | 'right') =>
    result.cut.find((each) => each.side === side) ?? result.cut[0]
  return (
    <section>
      <h2>Left against right</h2>
      <table className="kv-rows">
        <HeadRow cells={['Zone', '#Planned', '#Left', '#Right', '#Apart']} />
        <tbody>
          {rows.slice(0, 12).map((result) => {
            const { zone, planned } = result
            const left = at(result, 'left')?.lengthMm ?? 0
            const right = at(result, 'right')?.lengthMm ?? 0
            const apart = Math.abs(left - right)
            return (
              <tr key={zone} data-cut={zone}>
                <td>{zoneLabel(zone)}</td>
                <td className="kv-figure" style={{ fontWeight: 400 }}>
                  {planned.map(({ lengthMm }) => showFigure(lengthMm, unit)).join(' / ')}
                </td>
                <td className="kv-figure">{showFigure(left, unit)}</td>
                <td className="kv-figure">{isPaired(zone) ? showFigure(right, unit) : ''}</td>
                <td className={`kv-figure ${apart >= 1 ? 'kv-caution' : ''}`}>
                  {isPaired(zone) ? `${showFigure(apart, unit)} ${unitWord(unit)}` : ''}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      {rows.some(
        (result) => Math.abs((at(result, 'left')?.lengthMm ?? 0) - (at(result, 'right')?.lengthMm ?? 0)) >= 1,
      ) && (
        <p style={{ marginTop: 8 }}>
          Each side is kept as it was cut and repeated so next time. Trim the longer one now, or let it stand.
        </p>
      )}
    </section>
  )
}
