'use client'

import { useState, type ReactNode } from 'react'
import type { Result } from '@/core/result'
import type { TableActs, TableView } from './acts'
import { ByCode, ClaimForm, CodeForm, PassphraseForm } from './forms'
import { PinPad } from './PinPad'
import styles from './who.module.css'

interface AtTableProps {
  view: TableView
  acts: TableActs
  onDone: () => void
}

type Person = TableView['people'][number]
type Way = { kind: 'faces' } | { kind: 'pin' | 'code'; person: Person } | { kind: 'passphrase' } | { kind: 'own-code' }

/** Who works here, and how each of them takes the table: by a press, a PIN, a code or a passphrase. */
export function AtTable({ view, acts, onDone }: AtTableProps) {
  const [way, setWay] = useState<Way>({ kind: 'faces' })
  const [fault, setFault] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const send = async (asked: Promise<Result<unknown>>): Promise<boolean> => {
    setBusy(true)
    const answer = await asked.finally(() => setBusy(false))
    setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
    if (answer.ok) onDone()
    return answer.ok
  }
  const choose = (next: Way) => {
    setFault(null)
    setWay(next)
  }
  const take = (person: Person) =>
    person.by === 'press' ? void send(acts.takeTable({ staffId: person.id })) : choose({ kind: person.by, person })
  const shared = { busy, fault }
  if (view.needsCode) return <CodeForm {...shared} onSend={(code) => send(acts.letIn({ code }))} />
  if (view.unclaimed) return <ClaimForm {...shared} onSend={(said) => send(acts.claimHouse(said))} />
  const back = (
    <button type="button" className="kv-word" onClick={() => choose({ kind: 'faces' })}>
      Somebody else
    </button>
  )
  switch (way.kind) {
    case 'pin':
      return (
        <PinPad
          {...shared}
          name={way.person.name}
          onPin={(pin) => send(acts.takeTable({ staffId: way.person.id, pin }))}
          back={back}
        />
      )
    case 'code':
    case 'own-code':
      return (
        <ByCode
          {...shared}
          name={way.kind === 'code' ? way.person.name : null}
          onSend={(said) => send(acts.chooseByCode(said))}
          back={back}
        />
      )
    case 'passphrase':
      return <PassphraseForm {...shared} onSend={(said) => send(acts.signIn(said))} back={back} />
    case 'faces':
      if (view.people.length === 0)
        return (
          <PassphraseForm {...shared} onSend={(said) => send(acts.signIn(said))}>
            <OwnCode onPress={() => choose({ kind: 'own-code' })} />
          </PassphraseForm>
        )
      return (
        <Faces view={view} busy={busy} fault={fault} onTake={take}>
          <button type="button" className="kv-word" onClick={() => choose({ kind: 'passphrase' })}>
            Sign in with a passphrase
          </button>
          <OwnCode onPress={() => choose({ kind: 'own-code' })} />
        </Faces>
      )
  }
}

const OwnCode = ({ onPress }: { onPress: () => void }) => (
  <button type="button" className="kv-word" onClick={onPress}>
    I was given a code
  </button>
)

const HOW: Record<Person['by'], string> = { press: '', pin: 'PIN', code: 'no PIN yet' }

interface FacesProps {
  view: TableView
  busy: boolean
  fault: string | null
  onTake: (person: Person) => void
  children: ReactNode
}

const Faces = ({ view, busy, fault, onTake, children }: FacesProps) => (
  <>
    <ul className={styles.people} aria-label="People of the house">
      {view.people.map((person) => (
        <li key={person.id}>
          <button
            type="button"
            disabled={busy}
            aria-current={view.who?.id === person.id ? 'true' : undefined}
            onClick={() => onTake(person)}
          >
            <b>{person.name}</b>
            <span>{person.standing}</span>
            <span className={styles.how}>{view.who?.id === person.id ? 'at the table' : HOW[person.by]}</span>
          </button>
        </li>
      ))}
    </ul>
    {fault && <p className="kv-late">{fault}</p>}
    <p className={styles.ways}>{children}</p>
    {view.demo && (
      <p className="kv-small">
        This is the demo: a press makes you any of its people, so that it can be seen what each may do. A book of your
        own asks for a passphrase, or a PIN.
      </p>
    )}
  </>
)
