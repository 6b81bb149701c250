'use client'

import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { Result } from '@/core/result'
import { CodeShown } from '../who/CodeShown'
import type { HouseActs, PersonHere } from './acts'
import styles from './house.module.css'

/** What the owner can do about how people sign in, and whose PIN is locked. */
export type Ways = Pick<HouseActs, 'makeCode' | 'unlockPin'> & { locked: readonly number[] }

interface PersonWaysProps {
  person: PersonHere
  ways: Ways
  onOwner: (owner: boolean) => void
}

/** How somebody comes to the table, and whether the house is theirs. */
export function PersonWays({ person, ways, onOwner }: PersonWaysProps) {
  const router = useRouter()
  const { id, name, owner, hasPin, hasPassphrase } = person
  const isLocked = ways.locked.includes(id)
  const [code, setCode] = useState<{ code: string; minutes: number } | null>(null)
  const [said, setSaid] = useState('')
  const [busy, start] = useTransition()
  const send = <Value,>(go: () => Promise<Result<Value>>, kept: (value: Value) => void) =>
    start(async () => {
      const answer = await go()
      setSaid(answer.ok ? '' : answer.problems.map(({ sentence }) => sentence).join(' '))
      if (answer.ok) kept(answer.value)
    })
  const has = [hasPassphrase ? 'a passphrase' : '', hasPin ? 'a PIN' : ''].filter(Boolean).join(' and ')
  return (
    <div role="group" aria-label={`How ${name} signs in`}>
      <p className="kv-small">{has ? `${name} has ${has}.` : `${name} has no PIN and no passphrase yet.`}</p>
      {isLocked && (
        <p className="kv-late">
          The PIN was tried wrong ten times, and is locked. Was it {name}? Ask before you open it.
        </p>
      )}
      <p className={styles.ways}>
        <button
          type="button"
          className="kv-button"
          disabled={busy}
          onClick={() => send(() => ways.makeCode({ staffId: id }), setCode)}
        >
          Give {name} a code
        </button>
        {isLocked && (
          <button
            type="button"
            className="kv-word"
            disabled={busy}
            onClick={() =>
              send(
                () => ways.unlockPin({ id }),
                () => {
                  setSaid(`${name}’s PIN can be tried again.`)
                  router.refresh()
                },
              )
            }
          >
            Open the locked PIN
          </button>
        )}
        <button type="button" className="kv-word" onClick={() => onOwner(!owner)}>
          {owner ? 'Owns the house no more' : `Make ${name} an owner of the house`}
        </button>
      </p>
      {code && <CodeShown {...code} how={`${name} presses their name on a device, and types it there.`} />}
      <p role="status">{said}</p>
    </div>
  )
}
