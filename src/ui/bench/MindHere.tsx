import { consentTitle, type ConsentId } from '@/core/care'
import type { Finding } from '@/core/health'
import type { Plan } from '@/core/plan'
import type { PlannedStage } from '@/core/stages'
import { stageLabel } from '@/core/stages'
import { missedStages, type Forecast, type Visit, type VisitEvent } from '@/core/visit'
import type { BenchView } from './props'
import { BehaviourRow } from './BehaviourRow'
import { benchCautions } from './BenchCautions'
import { CatchUpRow } from './CatchUpRow'
import { Fold } from './Fold'
import { Measured } from './Measured'
import { PastFindings, StopNotice } from './PastFindings'
import { usePhone } from '../screen/usePhone'
import { WeighRow } from './WeighRow'
import { LeftRunning } from './LeftRunning'
import type { Happening, VisitLog } from './useVisitLog'
import styles from './bench.module.css'

interface MindProps extends BenchView {
  begun: Plan
  visit: Visit
  stage: PlannedStage | null
  kept: VisitLog
  log: readonly VisitEvent[]
  /** Something is still on its way to the server. */
  sending: boolean
  add: (happening: Happening) => void
  unsigned: readonly ConsentId[]
  onConsent: (consent: ConsentId) => void
  onFinding: (finding: Finding) => void
  onCount: (count: number) => void
  ahead: Forecast
  slotEndMs: number
}

/** What stops the hand, consents, musts, questions, what wins time, how the dog takes it, and what the owner asked: most pressing first. */
export function MindHere(props: MindProps) {
  const { visitId, plan, visit, stage, kept, log, past, lastKg, timeZone, unsigned, add } = props
  const { refused } = kept
  const missed = missedStages(plan.stages, visit)
  const phone = usePhone()
  const cautions = benchCautions({
    plan,
    stage: stage?.id ?? null,
    seen: visit.seen,
    own: props.ownCautions,
    aims: props.bathAims,
    unit: props.unit,
    add,
  })
  const note = visit.notes.at(-1)
  return (
    <Fold title="Mind here" area="mind" one="thing to mind" many="things to mind" onCount={props.onCount}>
      {refused && (
        <p role="alert" className="kv-notice kv-must kv-late">
          {refused}
        </p>
      )}
      <StopNotice visitId={visitId} findings={visit.findings} sending={props.sending} />
      {unsigned.map((consent) => (
        <div key={consent} className={styles.missed}>
          <b>{consentTitle(consent)}: the owner signs before the work begins.</b>
          <span className={styles.missedActs}>
            <button onClick={() => props.onConsent(consent)}>Read and sign</button>
          </span>
        </div>
      ))}
      {missed.length > 0 && <PassedOver missed={missed} add={add} />}
      {cautions.musts}
      {note && (
        <p>
          <b>Noted:</b> {note.words}
        </p>
      )}
      <LeftRunning
        planned={plan.stages}
        visit={visit}
        lastTapMs={log.at(-1)?.atMs ?? 0}
        nowMs={props.nowMs}
        timeZone={timeZone}
        add={add}
      />
      {stage?.id === 'arrive' && <WeighRow lastKg={lastKg} visit={visit} add={add} />}
      {stage?.id === 'look-over' && (
        <PastFindings past={past} visit={visit} timeZone={timeZone} add={add} onChanged={props.onFinding} />
      )}
      {phone && <CatchUpRow {...props} />}
      <Measured visit={visit} begun={props.begun} plan={plan} unit={props.unit} />
      {stage && (
        <BehaviourRow
          name={props.dog.name}
          stage={stage.id}
          visit={visit}
          last={props.lastGrades}
          worked={props.lastWorked}
          add={add}
        />
      )}
      {cautions.rest}
      {props.asked && (
        <p>
          <b>Asked for:</b> {props.asked}
        </p>
      )}
      {kept.unread > 0 && (
        <p className="kv-notice">
          {kept.unread === 1 ? 'One line' : `${kept.unread} lines`} of this log cannot be read by this Kovit. Nothing is
          lost: <a href={`/visits/${visitId}/log`}>it stands in the log</a>.
        </p>
      )}
    </Fold>
  )
}

/** Stages that were passed over: done now, or left out. */
const PassedOver = ({ missed, add }: { missed: readonly PlannedStage[]; add: (happening: Happening) => void }) => (
  <div className={styles.missed} role="alert">
    <b>Passed over: {missed.map(({ id }) => stageLabel(id)).join(', ')}.</b>
    {missed.slice(0, 2).map(({ id }) => (
      <span key={id} className={styles.missedActs}>
        <button onClick={() => add({ kind: 'stage-started', stage: id })}>Do {stageLabel(id)} now</button>
        <button onClick={() => add({ kind: 'stage-skipped', stage: id, why: 'Left out on the bench.' })}>
          Leave it out
        </button>
      </span>
    ))}
  </div>
)
