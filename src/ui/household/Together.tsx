'use client'

import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { Result } from '@/core/result'
import type { HouseholdActs, HouseholdView } from './view'
import { PickHousehold } from './PickHousehold'
import styles from './household.module.css'

type Wish = { kind: 'move'; dogId: number; dog: string } | { kind: 'join' }

interface TogetherProps {
  view: HouseholdView
  acts: HouseholdActs
}

/** A dog that goes to other people, or two households that are one: first what will be where, then the press. */
export function Together({ view, acts }: TogetherProps) {
  const router = useRouter()
  const [wish, setWish] = useState<Wish | null>(null)
  const [to, setTo] = useState<{ id: number; name: string; lines: string[] } | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const failed = (answer: Result<unknown>) =>
    setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
  const look = (wished: Wish, id: number, name: string) =>
    start(async () => {
      const answer =
        wished.kind === 'move'
          ? await acts.movePreview({ dogId: wished.dogId, householdId: id })
          : await acts.joinPreview({ fromId: view.id, intoId: id })
      failed(answer)
      setTo(answer.ok ? { id, name, lines: answer.value.lines } : null)
    })
  const go = (wished: Wish, id: number) =>
    start(async () => {
      const answer =
        wished.kind === 'move'
          ? await acts.moveDog({ dogId: wished.dogId, householdId: id })
          : await acts.joinHouseholds({ fromId: view.id, intoId: id })
      failed(answer)
      if (answer.ok) router.push(`/households/${id}`)
    })
  const begin = (next: Wish) => {
    setWish(next)
    setTo(null)
    setFault(null)
  }
  const part = () =>
    start(async () => {
      const answer = await acts.partHouseholds({ householdId: view.id })
      failed(answer)
      if (answer.ok) router.push(`/households/${answer.value.householdId}`)
    })
  const wasJoined = view.changes.some(({ words }) => words.endsWith('was joined to it'))
  return (
    <div className={styles.together}>
      <h2>Other people</h2>
      <p className={styles.acts}>
        {view.dogs.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            className="kv-word"
            onClick={() => begin({ kind: 'move', dogId: id, dog: name })}
          >
            {name} lives with somebody else now
          </button>
        ))}
        <button type="button" className="kv-word" onClick={() => begin({ kind: 'join' })}>
          This is the same household as another one
        </button>
        {wasJoined && (
          <button type="button" className="kv-word" onClick={part} disabled={busy}>
            Part what was joined
          </button>
        )}
      </p>
      {wish && (
        <PickHousehold
          label={wish.kind === 'move' ? `Where ${wish.dog} lives now` : 'The other household'}
          not={view.id}
          onPick={(id, name) => look(wish, id, name)}
        />
      )}
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
      {wish && to && (
        <div className="kv-notice">
          <p className="kv-strong">
            {wish.kind === 'move'
              ? `${wish.dog} goes to household ${to.name}`
              : `${view.name} and ${to.name} become one`}
          </p>
          <ul className={styles.lines}>
            {to.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <p className={styles.acts}>
            <button type="button" className="kv-button kv-main" disabled={busy} onClick={() => go(wish, to.id)}>
              {wish.kind === 'move' ? `Move ${wish.dog}` : 'Join them'}
            </button>
            <button type="button" className="kv-word" onClick={() => setWish(null)}>
              Leave it
            </button>
          </p>
        </div>
      )}
    </div>
  )
}
