import { stepFacts } from '@/core/plan'
import type { PlannedStage } from '@/core/stages'
import { stageLabel, stepsOf } from '@/core/stages'
import { minutesOf, missedStages, runningWait, stagesToCome, underWay, type Visit } from '@/core/visit'
import { showSpan } from '@/core/clock'
import { Facial } from './Facial'
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
  add: (happening: Happening) => void
  onNote: () => void
}

/** This stage and its clock against plan, what comes next, and every wait that runs. */
export function StageNow({ dog, plan, plannedCase, visit, stage, nowMs, others, add, onNote }: StageProps) {
  const record = underWay(visit)
  const wait = runningWait(plan.stages, visit)
  const spent = record ? minutesOf(record, visit, nowMs) : { handsMin: 0, waitMin: 0 }
  const missed = missedStages(plan.stages, visit)
  const [next, then] = stagesToCome(plan.stages, visit).filter((each) => !missed.includes(each))
  const name = stage ? stageLabel(stage.id) : visit.finishedMs === null ? 'Ready' : 'Finished'
  return (
    <section className={styles.stage} aria-label="This stage">
      <h1>{name}</h1>
      <p className={styles.clock} data-paused={visit.pausedSinceMs !== null}>
        {showSpan((wait ? spent.waitMin : spent.handsMin) * 60_000)}
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
            <>
              , then <b>{stageLabel(then.id)}</b>
            </>
          )}
        </p>
      )}
      {wait && <WaitClock name={dog.name} wait={wait} nowMs={nowMs} />}
      {stage && <Facial name={dog.name} stage={stage.id} visit={visit} nowMs={nowMs} add={add} />}
      {wait && stage && (
        <FreeHands
          waits={stage.id}
          leftMin={stage.waitMin - spent.waitMin}
          toCome={stagesToCome(plan.stages, visit)}
          add={add}
          onNote={onNote}
        />
      )}
      {others.map(({ name: other, wait: runs, href }) =>
        runs ? <WaitClock key={href} name={other} wait={runs} href={href} nowMs={nowMs} /> : null,
      )}
      {stage && <Steps of={stepsOf(stage.id, stepFacts(plannedCase, stage.id))} />}
    </section>
  )
}

const Planned = ({ stage }: { stage: PlannedStage }) => (
  <>
    of <b>{Math.round(stage.p50)} planned</b>, {Math.round(stage.p90)} at most
  </>
)

const Steps = ({ of }: { of: readonly string[] }) =>
  of.length === 0 ? null : (
    <ol className={styles.steps} aria-label="Step by step">
      {of.map((words) => (
        <li key={words}>{words}</li>
      ))}
    </ol>
  )
