'use client'

import { useId } from 'react'
import { breedsLike, middle } from '@/core/breeds'
import { COATS, type CoatId } from '@/core/coat'
import { findingWords } from '@/core/health'
import { AGREEMENTS, type AgreementId } from '@/core/household'
import { ASKED_HEALTH, ASKED_TRIGGERS, SAID_MATS, type Call, type Called } from '@/core/intake'
import { patternLabel } from '@/core/patterns'
import type { Plan } from '@/core/plan'
import { markedWords, readWords } from '@/core/request'
import { NumberField } from '../field/NumberField'
import { TextField } from '../field/TextField'
import fields from '../field/field.module.css'
import { MarkedText } from '../words/MarkedText'
import styles from './takeIn.module.css'

/** What the words are taken for before there is a dog to plan for. */
function readAlone(words: string) {
  const { spoken, unclear, remarks, chatter } = readWords(words)
  return { understood: spoken, questions: unclear, remarks, chatter }
}

interface SaidProps {
  call: Call
  set: (change: Partial<Call>) => void
  called: Called
  plan: Plan | null
  faultOf: (...paths: string[]) => string | undefined
}

/** The dog as it is told on the telephone, in the order of the call; what may wait is folded away. */
export function Said({ call, set, called, plan, faultOf }: SaidProps) {
  const breeds = useId()
  const words = useId()
  const { usual } = called
  return (
    <div className={styles.block}>
      <h2>The dog</h2>
      <div className={fields.pair}>
        <TextField label="Its name" value={call.dog} fault={faultOf('dog.name')} onChange={(dog) => set({ dog })} />
        <TextField
          label="Breed or cross"
          list={breeds}
          value={call.breed}
          fault={faultOf('dog.breed')}
          onChange={(breed) => set({ breed })}
        >
          <datalist id={breeds}>
            {breedsLike(call.breed, 12).map(({ name }) => (
              <option key={name} value={name} />
            ))}
          </datalist>
        </TextField>
      </div>
      <div className={fields.three}>
        <NumberField
          label="Weight"
          unit="kg"
          value={call.weightKg}
          usual={usual && middle(usual.kg)}
          fault={faultOf('dog.weightKg')}
          onChange={(weightKg) => set({ weightKg })}
        />
        <NumberField
          label="Age"
          unit="years"
          value={call.ageYears}
          fault={faultOf('dog.bornOn')}
          onChange={(ageYears) => set({ ageYears })}
        />
        <NumberField
          label="Last groomed"
          unit="weeks ago"
          value={call.lastWeeks}
          onChange={(lastWeeks) => set({ lastWeeks })}
        />
      </div>
      <Coats call={call} called={called} onChoose={(coat) => set({ coat: coat === call.coat ? null : coat })} />
      <Chips label="Mats">
        {SAID_MATS.map((mats) => (
          <Chip key={mats} on={call.mats === mats} onPress={() => set({ mats: call.mats === mats ? null : mats })}>
            {mats}
          </Chip>
        ))}
      </Chips>
      <Chips label="Minds, 1 to 4 by pressing again">
        {ASKED_TRIGGERS.map((trigger) => {
          const grade = call.minds[trigger] ?? 0
          const { [trigger]: _, ...others } = call.minds
          const next = (grade + 1) % 5
          return (
            <Chip
              key={trigger}
              on={grade > 0}
              onPress={() => set({ minds: next === 0 ? others : { ...call.minds, [trigger]: next } })}
            >
              {trigger === 'people' ? 'strangers' : trigger}
              {grade > 0 && ` ${grade}`}
            </Chip>
          )
        })}
      </Chips>
      {usual && usual.patterns.length > 1 && (
        <Chips label="Trim">
          {usual.patterns.map((pattern, at) => (
            <Chip
              key={pattern}
              on={(call.pattern ?? usual.patterns[0]) === pattern}
              onPress={() => set({ pattern: at === 0 ? null : pattern })}
            >
              {patternLabel(pattern)}
            </Chip>
          ))}
        </Chips>
      )}
      <div className={fields.field}>
        <label htmlFor={words}>What they want</label>
        <MarkedText
          id={words}
          rows={3}
          words={call.words}
          pieces={markedWords(call.words, plan ?? readAlone(call.words))}
          placeholder="half an inch all over, ears as they are"
          onWords={(typed) => set({ words: typed })}
        />
        {call.words.trim() !== '' && plan && (
          <span className={plan.unclear.length > 0 ? 'kv-caution' : 'kv-small'}>
            {plan.understood.length} understood
            {plan.unclear.length > 0 && `. Ask: ${plan.unclear.join(' ')}`}
          </span>
        )}
      </div>
      <MayWait call={call} set={set} />
    </div>
  )
}

function Coats({ call, called, onChoose }: { call: Call; called: Called; onChoose: (coat: CoatId) => void }) {
  const likely = called.usual?.coats ?? []
  const others = COATS.filter((coat) => !likely.includes(coat))
  return (
    <Chips label={call.coat === null && called.coat ? 'Coat, as usual for the breed' : 'Coat'}>
      {[...likely, ...others].map((coat) => (
        <Chip key={coat} on={coat === called.coat} onPress={() => onChoose(coat)}>
          {coat}
        </Chip>
      ))}
    </Chips>
  )
}

/** What a plan reads too, where the owner says it; else it is asked before the first bath. */
function MayWait({ call, set }: Pick<SaidProps, 'call' | 'set'>) {
  return (
    <details className={styles.wait}>
      <summary>Health, sex, vet, what was agreed: may wait</summary>
      <Chips label="Health">
        {ASKED_HEALTH.map((kind) => (
          <Chip
            key={kind}
            on={call.health.includes(kind)}
            onPress={() =>
              set({
                health: call.health.includes(kind)
                  ? call.health.filter((each) => each !== kind)
                  : [...call.health, kind],
              })
            }
          >
            {findingWords(kind).toLowerCase()}
          </Chip>
        ))}
      </Chips>
      <Chips label="Sex">
        {(['male', 'female'] as const).map((sex) => (
          <Chip key={sex} on={call.sex === sex} onPress={() => set({ sex: call.sex === sex ? null : sex })}>
            {sex}
          </Chip>
        ))}
        <Chip on={call.neutered === true} onPress={() => set({ neutered: call.neutered === true ? null : true })}>
          neutered
        </Chip>
        <Chip on={call.neutered === false} onPress={() => set({ neutered: call.neutered === false ? null : false })}>
          not neutered
        </Chip>
      </Chips>
      <TextField label="Medicine" value={call.medicine} onChange={(medicine) => set({ medicine })} />
      <div className={fields.pair}>
        <TextField
          label="Vaccinated on"
          type="date"
          value={call.vaccinatedOn ?? ''}
          onChange={(day) => set({ vaccinatedOn: day || null })}
        />
        <TextField label="Vet" value={call.vet} onChange={(vet) => set({ vet })} />
      </div>
      <TextField
        label="Groomed by whom, and what was done"
        value={call.earlier}
        onChange={(earlier) => set({ earlier })}
      />
      <Chips label="Agreed to">
        {(Object.keys(AGREEMENTS) as AgreementId[]).map((id) => (
          <Chip
            key={id}
            on={call.agreed[id] === true}
            onPress={() => set({ agreed: { ...call.agreed, [id]: call.agreed[id] !== true } })}
          >
            {AGREEMENTS[id]}
          </Chip>
        ))}
      </Chips>
    </details>
  )
}

const Chips = ({ label, children }: { label: string; children: React.ReactNode }) => (
  <div className={fields.chips} role="group" aria-label={label}>
    <span>{label}</span>
    <div>{children}</div>
  </div>
)

const Chip = ({ on, onPress, children }: { on: boolean; onPress: () => void; children: React.ReactNode }) => (
  <button type="button" className="kv-chip" aria-pressed={on} onClick={onPress}>
    {children}
  </button>
)
