'use client'

import { Input, InputNumber, Select } from 'antd'
import Link from 'next/link'
import { useState } from 'react'
import { STAGES, stageLabel, type StageId } from '@/core/stages'
import { WATER_MAX_C } from '@/core/bath'
import { BRUSH_LIMIT_MIN } from '@/core/plan'
import { HOUSE_CHANCE, SLOT_STEP_MIN } from '@/core/time'
import { Listed } from './Listed'
import type { HouseActs, HouseView } from './acts'
import { HouseForm } from './HouseForm'
import { OpeningForm } from './OpeningForm'
import { People } from './People'
import { Schools } from './Schools'
import { Stations } from './Stations'
import { May, useWhoHere } from '../who/WhoHere'
import { RightsTable } from '../who/RightsTable'
import { useKeep } from './useKeep'
import { VanForm } from './VanForm'
import styles from './house.module.css'

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

/** How this house works: what it is, when it is open, its schools with every side's reason, limits, cautions, people, places. */
export function HouseDesk({ view, acts }: { view: HouseView; acts: HouseActs }) {
  const { rules, cautions, staff, stations, dryer, locked, facts, opening, van, version, left, backup } = view
  const keep = useKeep()
  const { who, may } = useWhoHere()
  const { send } = keep
  const change = (input: object) => keep.sendVersioned('house', version, acts.saveHouse, input)
  return (
    <>
      <div className="kv-head">
        <h1>The house</h1>
        <p className="kv-quiet">
          Where groomers disagree, both sides have a reason. What is chosen here makes every plan from now on.
        </p>
        <nav className={styles.more} aria-label="House">
          <May right="devices">
            <Link className="kv-word" href="/rules/devices">
              Devices
            </Link>
          </May>
          <May right="out">
            <Link className="kv-word" href="/rules/in-and-out">
              In and out
            </Link>
          </May>
          <May right="trail">
            <Link className="kv-word" href="/rules/trail">
              Trail
            </Link>
          </May>
          <Link className="kv-word" href="/rules/stand-ins">
            Stand-ins
          </Link>
          <Link className="kv-word" href="/you">
            You
          </Link>
        </nav>
        <May right="out">
          <p className={backup.isOld ? 'kv-late' : 'kv-quiet'}>{backup.words}</p>
        </May>
        {left.length > 0 && may('house') && (
          <Link className="kv-button" href={`/set-up?step=${left[0]}`}>
            Go on setting up
          </Link>
        )}
        <span className={keep.isFault ? 'kv-late' : 'kv-small'} role="status">
          {keep.saying}
        </span>
      </div>
      <div className={styles.columns}>
        <section aria-label="Schools">
          {may('house') ? (
            <>
              <Schools rules={rules} onChoose={(rule) => send(acts.saveRule, rule)} />
              <h2 className={styles.sub}>What it is</h2>
              <HouseForm facts={facts} word="Keep" onKeep={(next) => change({ facts: next })} />
            </>
          ) : (
            <>
              <h2>What who may do here</h2>
              <RightsTable own={who?.standing ?? 'front desk'} />
              <p className="kv-quiet">
                {facts.name}, {facts.place}. Hours, schools and limits are the owner’s to change.
              </p>
            </>
          )}
        </section>
        <div className={styles.side}>
          <People
            staff={staff}
            dryer={dryer}
            onAdd={(person) => send(acts.addPerson, person)}
            onChange={(person, changed) =>
              keep.sendVersioned(`person ${person.id}`, person.version, acts.changePerson, {
                id: person.id,
                ...changed,
              })
            }
            onLeave={(id, isLeft) => send(acts.leaveHouse, { id, left: isLeft })}
            ways={{ ...acts, locked }}
          />
          {may('house') && (
            <>
              <OpeningForm opening={opening} onChange={(next) => change({ opening: next })} />
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
                      onBlur={(event) => send(acts.saveRule, { [id]: Number(event.target.value) })}
                      onPressEnter={(event) => event.currentTarget.blur()}
                    />
                    <span className="kv-small">
                      {says}
                      {(rules[id] ?? usual) !== usual && (
                        <button className="kv-word" onClick={() => send(acts.saveRule, { [id]: null })}>
                          Back to {usual} {unit}
                        </button>
                      )}
                    </span>
                  </label>
                ))}
              </section>
            </>
          )}
          <OwnCautions
            cautions={cautions}
            onAdd={(input) => send(acts.addCaution, input)}
            onRetire={(id, retired) => send(acts.retireCaution, { id, retired })}
          />
          {may('house') && (
            <>
              <Stations
                stations={stations}
                onAdd={(input) => send(acts.newStation, input)}
                onRetire={(id, retired) => send(acts.takeOutStation, { id, retired })}
              />
              {facts.works !== 'salon' && <VanForm van={van} onChange={(next) => change({ van: next })} />}
              <section aria-label="Rights">
                <h2>What who may do here</h2>
                <RightsTable own={who?.standing ?? 'owner'} />
              </section>
            </>
          )}
        </div>
      </div>
    </>
  )
}

interface OwnProps extends Pick<HouseView, 'cautions'> {
  onAdd: (input: { stage: StageId; words: string }) => void
  onRetire: (id: number, retired: boolean) => void
}

/** What this house minds besides: one line at a stage, shown on the bench where the hand is. */
function OwnCautions({ cautions, onAdd, onRetire }: OwnProps) {
  const [stage, setStage] = useState<StageId>('look-over')
  const [words, setWords] = useState('')
  const put = () => {
    onAdd({ stage, words })
    setWords('')
  }
  return (
    <Listed
      right="caution"
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
      <May right="caution">
        <div className={styles.own}>
          <Select<StageId>
            aria-label="Stage"
            showSearch
            value={stage}
            options={STAGES.map((id) => ({ value: id, label: stageLabel(id) }))}
            onChange={setStage}
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
      </May>
    </Listed>
  )
}
