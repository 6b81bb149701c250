'use client'

import { useId, useMemo, useRef, useState, useTransition } from 'react'
import { readScribbles, type DogOfCard } from '@/core/scribbles'
import { forgetTyped, keepTyped, readTyped } from '../device/typed'
import { Saying } from '../frame/Saying'
import { usePhone } from '../screen/usePhone'
import { Drawer, EMPTY, keyOf, nextWaiting, type Became, type FirstCardActs } from './drawer'
import { WhichDog } from './WhichDog'
import styles from './firstCards.module.css'

const PAGE = 'first-cards'

interface FirstCardsProps {
  houseKey: string
  acts: FirstCardActs
}

/** A drawer of scribbled cards: typed or pasted, and made into first cards dog by dog. What is typed stays on this device. */
export const FirstCards = (props: FirstCardsProps) =>
  // Only the device knows what was typed before: the server draws none of it.
  usePhone() === null ? null : <KeptDrawer {...props} />

function KeptDrawer({ houseKey, acts }: FirstCardsProps) {
  const [drawer, setDrawer] = useState<Drawer>(() => {
    const kept = Drawer.safeParse(readTyped(houseKey, PAGE))
    return kept.success ? kept.data : EMPTY
  })
  // A card may be on its way while more is typed: a change is made of what stands by then, and not of what was drawn.
  const newest = useRef(drawer)
  const hold = (next: Drawer) => {
    newest.current = next
    setDrawer(next)
  }
  const keep: Keep = (change) => {
    const next = change(newest.current)
    keepTyped(houseKey, PAGE, next)
    hold(next)
  }
  const [emptied, setEmptied] = useState<Drawer | null>(null)
  const empty = () => {
    forgetTyped(houseKey, PAGE)
    setEmptied(drawer)
    hold(EMPTY)
  }
  const putBack = emptied && drawer.text === '' ? () => keep(() => emptied) : null
  return <OpenDrawer drawer={drawer} keep={keep} empty={empty} putBack={putBack} acts={acts} />
}

type Keep = (change: (now: Drawer) => Drawer) => void

interface OpenDrawerProps {
  drawer: Drawer
  keep: Keep
  empty: () => void
  /** What was emptied last, again; null where nothing was. */
  putBack: (() => void) | null
  acts: FirstCardActs
}

function OpenDrawer({ drawer, keep, empty, putBack, acts }: OpenDrawerProps) {
  const { text, asked, became } = drawer
  const id = useId()
  const cards = useMemo(() => readScribbles(text), [text])
  const keys = cards.map((card, at) => keyOf(at, card))
  const [found, setFound] = useState<{ text: string; dogs: DogOfCard[][] } | null>(null)
  const [at, setAt] = useState<number | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const read = () =>
    start(async () => {
      const answer = await acts.find(cards.map(({ head }) => head)).catch(() => null)
      if (answer === null) setFault('The house does not answer. What is typed stays here; try again when it does.')
      else if (!answer.ok) setFault(answer.problems.map(({ sentence }) => sentence).join(' '))
      else {
        setFault(null)
        setFound({ text, dogs: answer.value })
        setAt(nextWaiting(keys, became, -1))
      }
    })
  const isRead = found?.text === text
  const done = (which: number, how: Became) => {
    const became = (before: Drawer['became']) => ({ ...before, [keys[which] as string]: how })
    keep((now) => ({ ...now, became: became(now.became) }))
    setAt(nextWaiting(keys, became(drawer.became), which))
  }
  const kept = keys.filter((key) => became[key] === 'kept').length
  const card = at === null ? undefined : cards[at]
  return (
    <>
      <div className="kv-head">
        <h1>A drawer of cards</h1>
        <p className="kv-quiet">What is scribbled on paper becomes first cards, dog by dog.</p>
        {cards.length > 0 && (
          <span className="kv-small" role="status">
            {kept} of {cards.length} {cards.length === 1 ? 'card' : 'cards'} made
          </span>
        )}
      </div>
      <div className="kv-field">
        <label htmlFor={id}>A line a dog, its name first; long ones between empty lines</label>
        <textarea
          id={id}
          className={styles.text}
          rows={isRead ? 4 : 10}
          value={text}
          placeholder={'Quill: 5F on the body, comb 1 on the legs, ears as they are\nOtis Marsh: 4F all over, face 10'}
          onChange={({ target }) => keep((now) => ({ ...now, text: target.value }))}
        />
      </div>
      <p className={styles.acts}>
        <button
          type="button"
          className={isRead ? 'kv-button' : 'kv-button kv-main'}
          disabled={busy || cards.length === 0}
          onClick={read}
        >
          {isRead ? 'Read again' : 'Read them'}
        </button>
        {text !== '' && (
          <button type="button" className="kv-word" onClick={empty}>
            Empty the drawer
          </button>
        )}
        {putBack && (
          <button type="button" className="kv-word" onClick={putBack}>
            Put it back
          </button>
        )}
        {fault !== null && <span className="kv-late">{fault}</span>}
      </p>
      {isRead && (
        <div className={styles.columns}>
          <ol className={styles.list} aria-label="Cards">
            {cards.map(({ head, words }, which) => (
              <li key={keys[which]}>
                <button type="button" aria-current={which === at} onClick={() => setAt(which)}>
                  <b>{head}</b>
                  <span className="kv-small">{stateWords(became[keys[which] as string], found.dogs[which] ?? [])}</span>
                  <span className={styles.scribble}>{words}</span>
                </button>
              </li>
            ))}
          </ol>
          {card && at !== null ? (
            <WhichDog
              key={keys[at]}
              head={card.head}
              asked={asked[keys[at] as string] ?? { words: card.words }}
              keepAsked={(next) => keep((now) => ({ ...now, asked: { ...now.asked, [keys[at] as string]: next } }))}
              dogs={found.dogs[at] ?? []}
              acts={acts}
              done={(how) => done(at, how)}
            />
          ) : (
            <Saying title="Every card of this drawer is done" way={null}>
              {kept} made, {cards.length - kept} passed over. Each is the first card of its dog, and what “same as last
              time” repeats.
            </Saying>
          )}
        </div>
      )}
    </>
  )
}

function stateWords(became: Became | undefined, dogs: readonly DogOfCard[]): string {
  if (became) return became
  if (dogs.length === 0) return 'no dog of this name'
  return dogs.length === 1 ? 'to make' : `which of ${dogs.length}?`
}
