'use client'

import { Input } from 'antd'
import Link from 'next/link'
import { useEffect, useState } from 'react'
import type { DogToGo } from '@/core/dog-to-go'
import { findingWords, openFindings } from '@/core/health'
import { DogPicture } from '../coat-map'
import { WaysTo } from './WaysTo'
import type { useKeep } from '../house/useKeep'
import type { BringInActs, Known } from './acts'
import styles from './bringIn.module.css'

interface TakeOverProps {
  file: DogToGo
  acts: BringInActs
  keep: ReturnType<typeof useKeep>
}

/** A dog out of another house's file: looked at, put into its household, and then taken in. */
export function TakeOver({ file, acts, keep }: TakeOverProps) {
  const { dog, cards, grooms, from, made, owner } = file
  const [name, setName] = useState(owner?.name ?? '')
  const [phone, setPhone] = useState(owner?.phone ?? '')
  const [chosen, setHome] = useState<number | null | undefined>(undefined)
  const [taken, setTaken] = useState<number | null>(null)
  const known = useKnownHomes(acts.whoCalls, phone, name, dog.name)
  // A number is one household's: until somebody says otherwise it is that one.
  const [byNumber] = known.filter(({ by }) => by === 'number')
  const home = chosen === undefined ? (byNumber?.householdId ?? null) : chosen
  const last = cards.at(-1)
  const findings = openFindings(dog.health).map(({ kind }) => findingWords(kind).toLowerCase())
  const caller =
    home === null
      ? { kind: 'new', name: name.trim(), phone: phone.trim() || null, place: '', agreed: owner?.agreed ?? {} }
      : { kind: 'known', householdId: home }
  if (taken !== null)
    return (
      <p className={styles.done} role="status">
        {dog.name} is taken in, with {count(cards.length, 'card')}.{' '}
        <Link className="kv-word" href={`/dogs/${taken}`}>
          Open the file
        </Link>
      </p>
    )
  return (
    <section aria-label="A dog to take over" className={styles.section}>
      <h2>
        {dog.name}, from {from}
      </h2>
      <div className={styles.over}>
        {last && (
          <DogPicture
            label={`${dog.name} by its newest card`}
            dog={dog}
            coatMm={Object.fromEntries(last.zones.map(({ zone, lengthMm }) => [zone, lengthMm]))}
            width={300}
            height={220}
          />
        )}
        <ul className={styles.made}>
          <li>
            {[dog.breed, `${dog.coat} coat`, `${dog.weightKg} kg`].filter((word) => word !== '').join(', ')}; written{' '}
            {made}
          </li>
          <li>
            {count(cards.length, 'card')}
            {last ? `, the newest of ${last.on}: it is what “same as last time” repeats` : ''}
          </li>
          <li>{count(grooms.length, 'groom')}, kept as a note</li>
          <li>{findings.length > 0 ? `Known: ${findings.join(', ')}` : 'Nothing is known of its health'}</li>
        </ul>
      </div>
      <WaysTo known={known} home={home} choose={setHome} />
      {home === null && (
        <div className={styles.who}>
          <label>
            Owner
            <Input value={name} maxLength={80} onChange={({ target }) => setName(target.value)} />
          </label>
          <label>
            Number
            <Input value={phone} maxLength={40} inputMode="tel" onChange={({ target }) => setPhone(target.value)} />
          </label>
        </div>
      )}
      <button
        type="button"
        className="kv-button kv-main"
        disabled={keep.busy || (home === null && name.trim() === '')}
        onClick={() =>
          keep.send(
            async (input) => {
              const answer = await acts.takeOver(input)
              if (answer.ok) setTaken(answer.value.dogId)
              return answer
            },
            { file, caller },
          )
        }
      >
        Take {dog.name} in
      </button>
    </section>
  )
}

const count = (number: number, what: string): string => `${number} ${what}${number === 1 ? '' : 's'}`

const TYPED_MS = 400

/** Households that this may be, as on the telephone: by the number, else by the names. */
function useKnownHomes(
  whoCalls: BringInActs['whoCalls'],
  phone: string,
  caller: string,
  dog: string,
): readonly Known[] {
  const [known, setKnown] = useState<readonly Known[]>([])
  useEffect(() => {
    let wanted = true
    const later = setTimeout(() => {
      void whoCalls({ phone, caller, dog })
        .catch(() => null)
        .then((answer) => wanted && setKnown(answer?.ok ? answer.value : []))
    }, TYPED_MS)
    return () => {
      wanted = false
      clearTimeout(later)
    }
  }, [whoCalls, phone, caller, dog])
  return known
}
