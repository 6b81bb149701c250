'use client'

import { Select } from 'antd'
import { useState } from 'react'
import type { BringRules, BroughtRow } from '@/core/bring-in'
import type { Result } from '@/core/result'
import { askHouse } from '../device/askHouse'
import type { useKeep } from '../house/useKeep'
import type { BringInActs, Look } from './acts'
import styles from './bringIn.module.css'

/** So many rows go over at once. */
const PIECE = 1000
const SHOWN = 100

interface DecideProps {
  rows: readonly BroughtRow[]
  file: string
  acts: BringInActs
  keep: ReturnType<typeof useKeep>
  onDone: (words: string) => void
}

/** Who is there already and what would be made; decided line by line or by one rule, and then brought in as a whole. */
export function Decide({ rows, file, acts, keep, onDone }: DecideProps) {
  const [listId] = useState(() => crypto.randomUUID())
  const [rules, setRules] = useState<BringRules>({ known: 'join', leftOut: [], asNew: [] })
  const [look, setLook] = useState<Look | null>(null)
  const [sent, setSent] = useState<number | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const heard = <Value,>(answer: Result<Value>): answer is { ok: true; value: Value } => {
    setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
    return answer.ok
  }
  const lookAgain = async (next: BringRules) => {
    setRules(next)
    const answer = await askHouse<Look>('/dogs/bring-in/look', { listId, rules: next })
    if (heard(answer)) setLook(answer.value)
  }
  const send = async () => {
    for (let no = 0; no * PIECE < rows.length; no++) {
      setSent(no * PIECE)
      const piece = rows.slice(no * PIECE, (no + 1) * PIECE)
      if (!heard(await askHouse('/dogs/bring-in/piece', { listId, no, rows: piece }))) return setSent(null)
    }
    setSent(null)
    await lookAgain(rules)
  }
  if (!look)
    return (
      <section className={styles.section} aria-label="Look">
        {sent === null ? (
          <button type="button" className="kv-button kv-main" disabled={rows.length === 0} onClick={() => void send()}>
            See what it would make
          </button>
        ) : (
          <p role="status">
            {sent} of {rows.length} rows compared with the house
          </p>
        )}
        {fault && <p className="kv-late">{fault}</p>}
      </section>
    )
  const sayOf = (line: number) => (rules.leftOut.includes(line) ? 'out' : rules.asNew.includes(line) ? 'new' : 'rule')
  const decide = (line: number, say: string) => {
    const without = (lines: readonly number[]) => lines.filter((each) => each !== line)
    void lookAgain({
      ...rules,
      leftOut: say === 'out' ? [...without(rules.leftOut), line] : without(rules.leftOut),
      asNew: say === 'new' ? [...without(rules.asNew), line] : without(rules.asNew),
    })
  }
  const decided = new Set([...rules.leftOut, ...rules.asNew])
  const lines = [
    ...look.alike,
    ...rows
      .filter(({ line }) => decided.has(line) && !look.alike.some((each) => each.line === line))
      .map((row) => ({
        line: row.line,
        name: row.name,
        dog: row.dog?.name ?? '',
        home: '',
        by: 'name' as const,
        sameDog: false,
      })),
  ].sort((a, b) => a.line - b.line)
  return (
    <section className={styles.section} aria-label="What it makes">
      <h2>What it makes</h2>
      <p className={styles.makes}>
        {look.dogs} dogs and {look.people} people: {look.households} new households
        {look.joined > 0 && `, ${look.joined} that are there get somebody more`}.
      </p>
      {look.twice.length > 0 && (
        <p className="kv-small">
          Said twice in the list, and taken once:{' '}
          {look.twice
            .slice(0, 12)
            .map(({ line, of }) => `line ${line} as ${of}`)
            .join(', ')}
          {look.twice.length > 12 && ` and ${look.twice.length - 12} more`}.
        </p>
      )}
      {lines.length > 0 && (
        <>
          <label className="kv-field">
            {look.alike.length} look like somebody who is there. They
            <Select<BringRules['known']>
              value={rules.known}
              options={[
                { value: 'join', label: 'go to the household that is there' },
                { value: 'new', label: 'are somebody else, and new' },
              ]}
              onChange={(known) => void lookAgain({ ...rules, known })}
            />
          </label>
          <ul className={styles.lists} aria-label="Who is there already">
            {lines.slice(0, SHOWN).map(({ line, name, dog, home, by, sameDog }) => (
              <li key={line}>
                <span>
                  <b>
                    {name}
                    {dog && `, ${dog}`}
                  </b>{' '}
                  <span className="kv-small">line {line}</span>
                  <br />
                  <span className="kv-small">
                    {home ? `by ${by} as ${home}` : 'decided by hand'}
                    {sameDog && '; is there already, and is left as it is'}
                  </span>
                </span>
                <Select
                  aria-label={`Line ${line}`}
                  value={sayOf(line)}
                  options={[
                    { value: 'rule', label: 'by the rule' },
                    { value: 'new', label: 'is new' },
                    { value: 'out', label: 'stays out' },
                  ]}
                  onChange={(say) => decide(line, say)}
                />
              </li>
            ))}
          </ul>
          {lines.length > SHOWN && <p className="kv-small">and {lines.length - SHOWN} more, by the rule</p>}
        </>
      )}
      {fault && <p className="kv-late">{fault}</p>}
      <button
        type="button"
        className="kv-button kv-main"
        disabled={keep.busy || look.dogs + look.people === 0}
        onClick={() =>
          keep.send(acts.bringIn, { listId, rules, file }, () =>
            onDone(
              `${file} is brought in: ${look.dogs} dogs and ${look.people} people. One press below takes it back.`,
            ),
          )
        }
      >
        Bring {look.dogs} dogs in
      </button>
    </section>
  )
}
