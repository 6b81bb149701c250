'use client'

import Link from 'next/link'
import { useEffect, useState } from 'react'
import type { DogOfCard } from '@/core/scribbles'
import { DraftCard } from './DraftCard'
import type { Asked, Became, FirstCardActs, FirstCardView } from './drawer'
import styles from './firstCards.module.css'

interface WhichDogProps {
  head: string
  /** What the card says, as far as somebody has come with it. */
  asked: Asked
  keepAsked: (asked: Asked) => void
  dogs: readonly DogOfCard[]
  acts: FirstCardActs
  done: (how: Became) => void
}

/** Whose card it is, where the name alone does not tell; then the card itself. */
export function WhichDog({ head, asked, keepAsked, dogs, acts, done }: WhichDogProps) {
  const [chosen, setChosen] = useState<number | null>(dogs.length === 1 ? (dogs[0]?.dogId ?? null) : null)
  const dog = dogs.find(({ dogId }) => dogId === chosen)
  return (
    <section aria-label={`The card of ${head}`} className={styles.card}>
      <div className={styles.head}>
        <h2>{dog?.name ?? head}</h2>
        {dog && (
          <span className="kv-quiet">
            {dog.household}, {dog.what}
          </span>
        )}
        <button type="button" className="kv-word" onClick={() => done('passed over')}>
          Pass over
        </button>
      </div>
      {dogs.length === 0 && (
        <p className="kv-notice">
          No dog of this name comes here. Change the name above, or{' '}
          <Link className="kv-word" href="/dogs/new">
            take it in
          </Link>{' '}
          and read the cards again: what is typed stays.
        </p>
      )}
      {dogs.length > 1 && (
        <fieldset className={styles.which}>
          <legend>Which {dogs[0]?.name}?</legend>
          {dogs.map(({ dogId, household, what }) => (
            <button
              key={dogId}
              type="button"
              className="kv-chip"
              aria-pressed={dogId === chosen}
              onClick={() => setChosen(dogId)}
            >
              {household}, {what}
            </button>
          ))}
        </fieldset>
      )}
      {dog && <Opened key={dog.dogId} {...{ dog, asked, keepAsked, acts, done }} />}
    </section>
  )
}

interface OpenedProps extends Pick<WhichDogProps, 'asked' | 'keepAsked' | 'acts' | 'done'> {
  dog: DogOfCard
}

function Opened({ dog, asked, keepAsked, acts, done }: OpenedProps) {
  const [view, setView] = useState<FirstCardView | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const { open } = acts
  useEffect(() => {
    let wanted = true
    void open(dog.dogId)
      .catch(() => null)
      .then((answer) => {
        if (!wanted) return
        if (answer?.ok) setView(answer.value)
        else
          setFault(
            answer?.problems.map(({ sentence }) => sentence).join(' ') ?? 'The house does not answer. Try again.',
          )
      })
    return () => void (wanted = false)
  }, [open, dog.dogId])
  if (fault) return <p className="kv-late">{fault}</p>
  return view && <DraftCard dogId={dog.dogId} {...{ view, asked, keepAsked, acts }} kept={() => done('kept')} />
}
