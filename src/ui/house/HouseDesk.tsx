'use client'

import { Input, InputNumber, Select } from 'antd'
import { useRouter } from 'next/navigation'
import { useRef, useState, useTransition } from 'react'
import { SCHOOLS, type House, type SchoolId } from '@/core/order'
import type { Result } from '@/core/result'
import { STAGES, stageLabel, type StageId } from '@/core/stages'
import { WATER_MAX_C } from '@/core/bath'
import { BRUSH_LIMIT_MIN } from '@/core/plan'
import { HOUSE_CHANCE, SLOT_STEP_MIN } from '@/core/time'
import { Listed } from './Listed'
import { People, type PersonHere } from './People'
import { Stations, type StationHere } from './Stations'
import styles from './house.module.css'

type Save = (input: unknown) => Promise<Result<null>>

/** What the house decided, its people and its places. */
export interface HouseView {
  rules: House
  cautions: readonly { id: number; stage: StageId; words: string; madeBy: string }[]
  staff: readonly PersonHere[]
  stations: readonly StationHere[]
  dryer: readonly { name: string; minutes: number }[]
}

interface HouseActs {
  save: Save
  add: Save
  retire: Save
  saveWork: (input: unknown) => Promise<Result<{ version: number }>>
  addStation: Save
  retireStation: Save
}

const LIMITS = [
  {
    id: 'brushLimitMin',
    label: 'De-matting at most',
    usual: BRUSH_LIMIT_MIN,
    unit: 'min',
    says: 'Beyond it comfort comes before coat: the blade goes under the mats.',
  },
  {
    id: 'waterMaxC',
    label: 'Water at most',
    usual: WATER_MAX_C,
    unit: '°C',
    says: 'Below a dog’s own temperature; never set above 38.',
  },
  {
    id: 'chancePercent',
    label: 'A slot holds at',
    usual: HOUSE_CHANCE * 100,
    unit: '%',
    says: 'The chance to be done in time at which a slot is proposed.',
  },
  {
    id: 'slotStepMin',
    label: 'Slots in steps of',
    usual: SLOT_STEP_MIN,
    unit: 'min',
    says: 'How finely the day is cut.',
  },
] as const

/** How this house works: the schools with every side's reason, its limits, its own cautions, its people and the noise of the day. */
export function HouseDesk({ view, acts }: { view: HouseView; acts: HouseActs }) {
  const { rules, cautions, staff, stations, dryer } = view
  const router = useRouter()
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const send = (action: Save, input: unknown) =>
    start(async () => {
      const answer = await action(input)
      setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
      if (answer.ok) router.refresh()
    })
  const versions = useRef(new Map<number, number>())
  const before = useRef<Promise<unknown>>(Promise.resolve())
  /** One change of a person after another: each goes along with the version that the one before it made. */
  const keepWork = ({ id, version }: PersonHere, work: PersonHere['work']) => {
    const go = async (): Promise<Result<null>> => {
      const seen = Math.max(version, versions.current.get(id) ?? 0)
      const answer = await acts.saveWork({ id, version: seen, work })
      if (!answer.ok) return answer
      versions.current.set(id, answer.value.version)
      return { ok: true, value: null }
    }
    const kept = before.current.then(go, go)
    before.current = kept
    send(() => kept, null)
  }
  return (
    <>
      <div className="kv-head">
        <h1>The house</h1>
        <p className="kv-quiet">
          Where groomers disagree, both sides have a reason. What is chosen here makes every plan from now on.
        </p>
        <span className="kv-small" role="status">
          {busy ? 'Keeping…' : (fault ?? 'All kept')}
        </span>
      </div>
      <div className={styles.columns}>
        <section aria-label="Schools">
          {(Object.keys(SCHOOLS) as SchoolId[]).map((id) => (
            <SchoolRow key={id} id={id} chosen={rules[id]} onChoose={(choice) => send(acts.save, { [id]: choice })} />
          ))}
        </section>
        <div className={styles.side}>
          <section aria-label="Limits">
            <h2>Limits</h2>
            {LIMITS.map(({ id, label, usual, unit, says }) => (
              <label key={id} className={`kv-field ${styles.limit}`}>
                {label}
                <InputNumber<number>
                  key={rules[id] ?? 'usual'}
                  defaultValue={rules[id] ?? usual}
                  suffix={unit}
                  precision={0}
                  onBlur={(event) => send(acts.save, { [id]: Number(event.target.value) })}
                  onPressEnter={(event) => event.currentTarget.blur()}
                />
                <span className="kv-small">
                  {says}
                  {(rules[id] ?? usual) !== usual && (
                    <button className="kv-word" onClick={() => send(acts.save, { [id]: null })}>
                      Back to {usual} {unit}
                    </button>
                  )}
                </span>
              </label>
            ))}
          </section>
          <OwnCautions
            cautions={cautions}
            people={staff.map(({ name }) => name)}
            onAdd={(input) => send(acts.add, input)}
            onRetire={(id, retired) => send(acts.retire, { id, retired })}
          />
          <Stations
            stations={stations}
            onAdd={(input) => send(acts.addStation, input)}
            onRetire={(id, retired) => send(acts.retireStation, { id, retired })}
          />
          <People staff={staff} dryer={dryer} onWork={keepWork} />
        </div>
      </div>
    </>
  )
}

function SchoolRow({ id, chosen, onChoose }: { id: SchoolId; chosen: string; onChoose: (choice: string) => void }) {
  const { asks, choices } = SCHOOLS[id]
  return (
    <div className={styles.school} role="group" aria-label={asks}>
      <h2>{asks}</h2>
      <div className={styles.choices}>
        {Object.entries(choices).map(([choice, { words, says }]) => (
          <button
            key={choice}
            className={styles.choice}
            aria-pressed={choice === chosen}
            onClick={() => onChoose(choice)}
          >
            <b>{words}</b> <span>{says}</span>
          </button>
        ))}
      </div>
    </div>
  )
}

interface OwnProps extends Pick<HouseView, 'cautions'> {
  people: readonly string[]
  onAdd: (input: { stage: StageId; words: string; by: string }) => void
  onRetire: (id: number, retired: boolean) => void
}

/** What this house minds besides: one line at a stage, shown on the bench where the hand is. */
function OwnCautions({ cautions, people, onAdd, onRetire }: OwnProps) {
  const [stage, setStage] = useState<StageId>('look-over')
  const [words, setWords] = useState('')
  const [by, setBy] = useState(people[0] ?? '')
  const put = () => {
    onAdd({ stage, words, by })
    setWords('')
  }
  return (
    <Listed
      title="Cautions of the house"
      empty="None yet. Write what everybody here should see at a stage."
      items={cautions}
      wordsOf={(each) => (
        <>
          <b>{stageLabel(each.stage)}:</b> {each.words} <span className="kv-small">{each.madeBy}</span>
        </>
      )}
      onRetire={onRetire}
    >
      <div className={styles.own}>
        <Select<StageId>
          aria-label="Stage"
          showSearch
          value={stage}
          options={STAGES.map((id) => ({ value: id, label: stageLabel(id) }))}
          onChange={setStage}
        />
        <Select<string>
          aria-label="Who"
          value={by}
          options={people.map((name) => ({ value: name, label: name }))}
          onChange={setBy}
        />
        <Input
          aria-label="In words"
          value={words}
          maxLength={200}
          placeholder="the left tap runs hot"
          onChange={(event) => setWords(event.target.value)}
          onPressEnter={put}
        />
        <button className="kv-button" onClick={put} disabled={words.trim().length < 8}>
          Add
        </button>
      </div>
    </Listed>
  )
}
