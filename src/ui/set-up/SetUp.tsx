'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { SET_UP_STEPS, type HouseFacts, type SetUpStep } from '@/core/house'
import type { Kit } from '@/core/lengths'
import type { Problem } from '@/core/result'
import type { Act, HouseActs, HouseView } from '../house/acts'
import { HouseForm } from '../house/HouseForm'
import { OpeningForm } from '../house/OpeningForm'
import { People } from '../house/People'
import { Schools } from '../house/Schools'
import { Stations } from '../house/Stations'
import { useKeep } from '../house/useKeep'
import { SecretField, WordField } from '../who/fields'
import { VanForm } from '../house/VanForm'
import { CommonKits } from './CommonKits'
import { StepTape } from './StepTape'
import styles from './setUp.module.css'

type View = Omit<HouseView, 'cautions' | 'dryer' | 'locked' | 'backup'> & { kit: Kit }
type Acts = HouseActs & { openBook: Act; passStep: Act; takeCommonKit: Act }

interface SetUpProps {
  /** Null while the house has no name. */
  view: View | null
  asked: SetUpStep | null
  acts: Acts
}

const STEPS = Object.keys(SET_UP_STEPS) as SetUpStep[]
const SAYS: Record<SetUpStep, string> = {
  house: 'Four minutes, and each step but this one can wait. All of it can be changed later on House.',
  opening: 'No time outside these hours is ever proposed to an owner.',
  people: 'Who grooms and who bathes. Hours can be left open: nothing said is any time the house is open.',
  places: 'A dog is in one place at a time: what is named here is what the day is planned with.',
  kit: 'The lengths that a plan may ask for are the lengths that your tools leave.',
  schools: 'Where groomers disagree, both sides have a reason. Every plan follows what you choose.',
}

/** The first page of an empty book: what the house is, step by step. */
export function SetUp({ view, asked, acts }: SetUpProps) {
  const router = useRouter()
  const keep = useKeep()
  const left = view?.left ?? STEPS
  const step = view === null ? 'house' : (asked ?? left[0] ?? 'house')
  const next = STEPS[STEPS.indexOf(step) + 1] ?? null
  const goOn = () => keep.send(acts.passStep, step, () => router.push(next ? `/set-up?step=${next}` : '/dogs/new'))
  return (
    <main className={`kv-page ${styles.page}`}>
      <p className={styles.brand}>Kovit</p>
      <StepTape steps={STEPS} left={left} here={step} open={view !== null} />
      <div className="kv-head">
        <h1>{SET_UP_STEPS[step]}</h1>
        <p className="kv-quiet">{SAYS[step]}</p>
      </div>
      {view === null ? (
        <FirstStep acts={acts} />
      ) : (
        <>
          <Step step={step} view={view} acts={acts} keep={keep} />
          <p className={styles.on}>
            <button className="kv-button kv-main" onClick={goOn} disabled={keep.busy}>
              {next ? `On to: ${SET_UP_STEPS[next].toLowerCase()}` : 'Take in the first dog'}
            </button>
            <Link href="/" className="kv-word">
              The rest later
            </Link>
            <span role="status" className={keep.isFault ? 'kv-late' : 'kv-small'}>
              {keep.saying}
            </span>
          </p>
        </>
      )}
    </main>
  )
}

/** The house's name and whose it is open the book; what is wrong is said at its field. */
function FirstStep({ acts }: { acts: Acts }) {
  const [faults, setFaults] = useState<readonly Problem[]>([])
  const router = useRouter()
  const [mine, setMine] = useState({ you: '', passphrase: '' })
  const faultAt = Object.fromEntries(faults.map(({ path, sentence }) => [path, sentence]))
  const begin = async (facts: HouseFacts) => {
    const answer = await acts.openBook({ ...facts, ...mine })
    setFaults(answer.ok ? [] : answer.problems)
    if (answer.ok) router.push('/set-up?step=opening')
  }
  return (
    <HouseForm facts={null} word="Open the book" faults={faultAt} onKeep={(facts) => void begin(facts)}>
      <WordField
        label="Your name, as your dogs' owners know you"
        value={mine.you}
        autoComplete="username"
        fault={faultAt.you}
        onChange={(you) => setMine({ ...mine, you })}
      />
      <SecretField
        label="A passphrase of 12 characters or more: with it the house is yours"
        value={mine.passphrase}
        autoComplete="new-password"
        fault={faultAt.passphrase}
        onChange={(passphrase) => setMine({ ...mine, passphrase })}
      />
    </HouseForm>
  )
}

interface StepProps {
  step: SetUpStep
  view: View
  acts: Acts
  keep: ReturnType<typeof useKeep>
}

function Step({ step, view, acts, keep: { send, sendVersioned } }: StepProps) {
  const { facts, opening, van, version, staff, rules, kit, stations } = view
  const change = (input: object) => sendVersioned('house', version, acts.saveHouse, input)
  switch (step) {
    case 'house':
      return <HouseForm facts={facts} word="Keep" onKeep={(next) => change({ facts: next })} />
    case 'opening':
      return <OpeningForm opening={opening} onChange={(next) => change({ opening: next })} />
    case 'people':
      return (
        <People
          staff={staff}
          dryer={[]}
          onAdd={(person) => send(acts.addPerson, person)}
          onChange={(person, changed) =>
            sendVersioned(`person ${person.id}`, person.version, acts.changePerson, { id: person.id, ...changed })
          }
          onLeave={(id, isLeft) => send(acts.leaveHouse, { id, left: isLeft })}
        />
      )
    case 'places':
      return (
        <div className={styles.places}>
          {facts.works !== 'van' && (
            <Stations
              stations={stations}
              onAdd={(input) => send(acts.newStation, input)}
              onRetire={(id, retired) => send(acts.takeOutStation, { id, retired })}
            />
          )}
          {facts.works !== 'salon' && <VanForm van={van} onChange={(next) => change({ van: next })} />}
        </div>
      )
    case 'kit':
      return <CommonKits kit={kit} unit={facts.unit} onTake={(id) => send(acts.takeCommonKit, { kit: id })} />
    case 'schools':
      return <Schools rules={rules} onChoose={(rule) => send(acts.saveRule, rule)} />
  }
}
