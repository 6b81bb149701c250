'use client'

import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import {
  SortableContext,
  arrayMove,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { Input } from 'antd'
import { arrange } from '@/core/order'
import type { Case, Plan } from '@/core/plan'
import { stageLabel, type StageId } from '@/core/stages'
import styles from './plan.module.css'

interface OrderProps {
  case_: Case
  plan: Plan
  change: (next: Case) => string | null
}

/** The stages in order with their minutes, moved by hand or keyboard; what was left out and why, and what the order breaks. */
export function StageOrder({ case_, plan, change }: OrderProps) {
  const order = plan.stages.map(({ id }) => id)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const put = (own: StageId[] | undefined) =>
    change({ ...case_, order: own, ...(own === undefined ? { orderWhy: undefined } : {}) })
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return
    put(arrayMove(order, order.indexOf(active.id as StageId), order.indexOf(over.id as StageId)))
  }
  return (
    <section aria-label="Stages in order">
      <h2>Stages in order</h2>
      <p className="kv-small">
        Move a stage by its name; with the keyboard: space, arrows, space.{' '}
        {case_.order && (
          <button className="kv-word" onClick={() => put(undefined)}>
            The house’s order again
          </button>
        )}
      </p>
      <Broken case_={case_} plan={plan} change={change} onMend={() => put(arrange(order, order))} />
      <div className={styles.stageHead} aria-hidden="true">
        <span>Stage</span>
        <span>likely</span>
        <span>90 %</span>
        <span>wait, min</span>
      </div>
      <DndContext id="stages" sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={order} strategy={verticalListSortingStrategy}>
          <ol className={styles.stages}>
            {plan.stages.map((stage) => (
              <StageRow
                key={stage.id}
                stage={stage}
                broken={plan.breaks.some(({ after, before }) => after === stage.id || before === stage.id)}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      {plan.left.length > 0 && (
        <>
          <h2 style={{ marginTop: 16 }}>Left out</h2>
          {plan.left.map(({ id, why }) => (
            <p key={id} className="kv-quiet">
              <b>{stageLabel(id)}.</b> {why}
            </p>
          ))}
        </>
      )}
    </section>
  )
}

function StageRow({ stage, broken }: { stage: Plan['stages'][number]; broken: boolean }) {
  const { id, p50, p90, waitMin, why } = stage
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id })
  return (
    <li
      ref={setNodeRef}
      data-stage={id}
      data-broken={broken}
      data-dragging={isDragging}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <span>
        <button className={styles.zone} {...attributes} {...listeners} aria-label={`Move ${stageLabel(id)}`}>
          {stageLabel(id)}
        </button>{' '}
        <span className="kv-small">{why}</span>
      </span>
      <span className="kv-figure">{Math.round(p50)}</span>
      <span className="kv-figure">{Math.round(p90)}</span>
      <span className="kv-figure">{waitMin > 0 ? waitMin : ''}</span>
    </li>
  )
}

/** The rules this order breaks, to be put right or done anyway with a reason that stays with the visit. */
function Broken({ case_, plan, change, onMend }: OrderProps & { onMend: () => void }) {
  if (plan.breaks.length === 0) return null
  return (
    <div
      className={`kv-notice ${plan.breaks.some(({ strength }) => strength === 'must') ? 'kv-must' : ''}`}
      role="alert"
    >
      {plan.breaks.map(({ before, after, strength, why }) => (
        <p key={before + after}>
          <b>
            {stageLabel(before)} {strength === 'must' ? 'must come' : 'comes better'} before {stageLabel(after)}.
          </b>{' '}
          {why}
        </p>
      ))}
      <div className={styles.anyway}>
        <button className="kv-button" onClick={onMend}>
          Put it right
        </button>
        <Input
          aria-label="Do it anyway because"
          placeholder="do it anyway because…"
          maxLength={200}
          value={case_.orderWhy ?? ''}
          onChange={(event) => change({ ...case_, orderWhy: event.target.value || undefined })}
        />
      </div>
    </div>
  )
}
