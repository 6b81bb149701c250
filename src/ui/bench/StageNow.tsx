import { stepFacts } from '@/core/plan'
import type { PlannedStage } from '@/core/stages'
import { stageLabel, stepsOf } from '@/core/stages'
import { minutesOf, missedStages, runningWait, stagesToCome, underWay, type Visit } from '@/core/visit'
import { benchSays, freeSays } from '@/core/other-hands'
import { houseClock, showSpan } from '@/core/clock'
import { useWhoHere } from '../who/WhoHere'
import { Facial } from './Facial'
import { Fold } from './Fold'
import { FreeHands } from './FreeHands'
import type { BenchView } from './props'
import type { OtherDog } from './useOtherBenches'
import type { Happening } from './useVisitLog'
import { WaitClock } from './WaitClock'
import styles from './bench.module.css'

interface StageProps extends Omit<BenchView, 'others'> {
  others: readonly OtherDog[]
  visit: Visit
  stage: PlannedStage | null
}

interface StepsProps extends Omit<StageProps, 'others'> {
  add: (happening: Happening) => void
  onNote: () => void
  onCount: (count: number) => void
}

/** This stage and its clock against plan, what comes next, and every wait that runs. */
export function StageNow({ dog, plan, visit, stage, nowMs, others, hands, groomer, timeZone }: StageProps) {
  const { who } = useWhoHere()
  const record = underWay(visit)
  const wait = runningWait(plan.stages, visit)
  const spent = record ? minutesOf(record, visit, nowMs) : { handsMin: 0, waitMin: 0 }
  const missed = missedStages(plan.stages, visit)
  const [next, then] = stagesToCome(plan.stages, visit).filter((each) => !missed.includes(each))
  const clock = houseClock(timeZone).clock(nowMs)
  const says =
    hands && next
      ? benchSays(hands, {
          dog: dog.name,
          groomer,
          isYou: who?.name === groomer,
          isFree: wait !== null,
          next: next.id,
          now: clock,
        })
      : null
  const span = showSpan((wait ? spent.waitMin : spent.handsMin) * 60_000)
  const name = stage ? stageLabel(stage.id) : visit.finishedMs === null ? 'Ready' : 'Finished'
  return (
    <section className={styles.stage} aria-label="This stage">
      <h1>{name}</h1>
      <p className={styles.clock} data-paused={visit.pausedSinceMs !== null} data-long={span.length > 5}>
        {span}
      </p>
      {stage && (
        <p>
          {wait ? `of ${stage.waitMin} min wait, hands free` : <Planned stage={stage} />}
          {visit.pausedSinceMs === null ? '' : ', paused'}
        </p>
      )}
      {next && (
        <p>
          Next <b>{stageLabel(next.id)}</b>
          {then && (
            <span className={styles.then}>
              , then <b>{stageLabel(then.id)}</b>
            </span>
          )}
        </p>
      )}
      {says && <p className={styles.hands}>{says}</p>}
      {wait && <WaitClock name={dog.name} wait={wait} nowMs={nowMs} />}
      {others.map(({ name: other, wait: runs, href }, at) =>
        runs ? <WaitClock key={href} name={other} wait={runs} href={href} digit={at + 1} nowMs={nowMs} /> : null,
      )}
    </section>
  )
}

const Planned = ({ stage }: { stage: PlannedStage }) => (
  <>
    of <b>{Math.round(stage.p50)} planned</b>, {Math.round(stage.p90)} at most
  </>
)

/** What hands can do meanwhile, and how this stage is done, step by step. */
export function StepsNow(props: StepsProps) {
  const { dog, plan, plannedCase, visit, stage, nowMs, add, onNote, onCount } = props
  const { hands, groomer, timeZone } = props
  const { who } = useWhoHere()
  const record = underWay(visit)
  const spent = record ? minutesOf(record, visit, nowMs) : { handsMin: 0, waitMin: 0 }
  if (stage === null) return null
  return (
    <Fold title="Step by step" area="steps" one="step" many="steps" onCount={onCount}>
      {runningWait(plan.stages, visit) && (
        <FreeHands
          waits={stage.id}
          leftMin={stage.waitMin - spent.waitMin}
          toCome={stagesToCome(plan.stages, visit)}
          says={hands && freeSays(hands, who?.name === groomer, groomer, houseClock(timeZone).clock(nowMs))}
          add={add}
          onNote={onNote}
        />
      )}
      <Facial name={dog.name} stage={stage.id} visit={visit} nowMs={nowMs} add={add} />
      {stepsOf(stage.id, stepFacts(plannedCase, stage.id)).map((words, at) => (
        <p key={words} className={styles.step}>
          <b>{at + 1}</b> {words}
        </p>
      ))}
    </Fold>
  )
}
