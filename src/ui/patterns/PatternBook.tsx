'use client'

import { useRouter } from 'next/navigation'
import { useMemo, useState, useTransition } from 'react'
import type { BuildId } from '@/core/build'
import type { CoatId } from '@/core/coat'
import { PATTERNS, TYPICAL_DOG, patternInWords, patternLabel, type PatternId } from '@/core/patterns'
import type { Result } from '@/core/result'
import type { CardEntry } from '@/core/request'
import type { LengthUnit } from '@/core/units'
import { DogPicture } from '../coat-map'
import type { HousePatternLine } from './housePatternLine'
import { PatternSheet, type Chosen } from './PatternSheet'
import { cardOnPaper } from './patternCard'
import styles from './patterns.module.css'

interface PatternBookProps {
  unit: LengthUnit
  own: HousePatternLine[]
  retire: (patternId: unknown) => Promise<Result<null>>
}

/** The house's own patterns are drawn on this dog. */
const OWN_DOG: { coat: CoatId; build: BuildId } = { coat: 'fleece', build: 'toy' }

/** Every pattern as a drawn dog; the one that is picked large, with its whole card. */
export function PatternBook({ unit, own, retire }: PatternBookProps) {
  const router = useRouter()
  const [chosen, setChosen] = useState<Chosen>({ from: 'library', id: 'one-length' })
  const [fault, setFault] = useState<string | null>(null)
  const [, start] = useTransition()
  const takeOut = (id: number) =>
    start(async () => {
      const answer = await retire(id)
      setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
      setChosen({ from: 'library', id: 'one-length' })
      router.refresh()
    })
  const mine = chosen.from === 'house' ? own.find(({ id }) => id === chosen.id) : undefined
  return (
    <>
      <h1>Patterns</h1>
      <p className="kv-quiet">
        Each fills the whole card; every zone can then be changed. Pick one to see its card on any coat.
      </p>
      <PatternSheet
        key={`${chosen.from}${chosen.id}`}
        chosen={chosen}
        own={mine}
        ownDog={OWN_DOG}
        unit={unit}
        onRetire={takeOut}
      />
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
      {own.length > 0 && (
        <section aria-label="Of this house">
          <h2 className={styles.heading}>Of this house</h2>
          <ul className={styles.grid}>
            {own.map(({ id, name, words, card }) => (
              <Tile
                key={id}
                label={name}
                words={words}
                dog={OWN_DOG}
                card={card}
                pressed={chosen.from === 'house' && chosen.id === id}
                onPick={() => setChosen({ from: 'house', id })}
              />
            ))}
          </ul>
        </section>
      )}
      <section aria-label="Library">
        <h2 className={styles.heading}>Library</h2>
        <ul className={styles.grid}>
          {PATTERNS.map((id) => (
            <LibraryTile
              key={id}
              id={id}
              pressed={chosen.from === 'library' && chosen.id === id}
              onPick={() => setChosen({ from: 'library', id })}
            />
          ))}
        </ul>
      </section>
    </>
  )
}

function LibraryTile({ id, pressed, onPick }: { id: PatternId; pressed: boolean; onPick: () => void }) {
  const dog = TYPICAL_DOG[id]
  const card = useMemo(() => cardOnPaper(id, dog.coat), [id, dog.coat])
  return (
    <Tile label={patternLabel(id)} words={patternInWords(id)} dog={dog} card={card} pressed={pressed} onPick={onPick} />
  )
}

interface TileProps {
  label: string
  words: string
  dog: { coat: CoatId; build: BuildId }
  card: readonly CardEntry[]
  pressed: boolean
  onPick: () => void
}

function Tile({ label, words, dog, card, pressed, onPick }: TileProps) {
  const coatMm = Object.fromEntries(card.map(({ zone, lengthMm }) => [zone, lengthMm]))
  const shapes = Object.fromEntries(card.map(({ zone, shape }) => [zone, shape]))
  const pick = () => {
    onPick()
    window.scrollTo({ top: 0 })
  }
  return (
    <li>
      <button className={styles.tile} aria-pressed={pressed} onClick={pick}>
        <DogPicture label={label} dog={dog} coatMm={coatMm} shapes={shapes} width={285} height={176} />
        <b>{label}</b>
        <span className="kv-small">{words}</span>
      </button>
    </li>
  )
}
