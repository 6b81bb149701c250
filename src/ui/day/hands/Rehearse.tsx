'use client'

import { useEffect, useMemo, useState } from 'react'
import { rehearsed, type HouseDay, type Turn } from '@/core/day'
import { clockOf, minutesOf } from '@/core/people'
import { usePhone } from '../../screen/usePhone'
import { ByPerson } from './ByPerson'
import { Lanes } from './Lanes'
import { StillPlanning } from './StillPlanning'
import { usePlannedDay } from './usePlannedDay'
import type { HandsView } from './view'
import styles from './hands.module.css'

/** A whole day is played in so many seconds, drawn so often. */
const PLAYED_S = 120
const TICK_MS = 200

/** A day played through before it comes: its minutes drawn by a seed, and at each change asked what comes now. */
export function Rehearse({ view }: { view: HandsView }) {
  const { day, standing } = view
  const { planned, share, stop, fault } = usePlannedDay(standing.taken ? null : day)
  const plan = standing.taken?.plan ?? planned?.plan ?? null
  const [seed, setSeed] = useState(1)
  if (fault) return <p className="kv-notice kv-must">The day could not be planned, and so it cannot be rehearsed.</p>
  if (plan === null) return <StillPlanning share={share} stop={stop} />
  return <Stage key={seed} view={view} plan={plan} seed={seed} again={setSeed} />
}

interface StageProps {
  view: HandsView
  plan: Parameters<typeof rehearsed>[1]
  seed: number
  again: (seed: number) => void
}

function Stage({ view: { day, places }, plan, seed, again }: StageProps) {
  const played = useMemo(() => rehearsed(day, plan, seed), [day, plan, seed])
  const hours = useMemo(() => spanOf(day, played.plan.work), [day, played])
  const [atMin, setAt] = useState(hours.fromMin)
  const [running, setRunning] = useState(false)
  const [asks, setAsks] = useState<string | null>(() => busiest(played.turns))
  const [answers, setAnswers] = useState<ReadonlyMap<Turn, boolean>>(new Map())
  const open = played.turns.find((turn) => turn.atMin <= atMin && turn.person === asks && !answers.has(turn)) ?? null
  const over = atMin >= hours.toMin
  const goes = running && open === null && !over
  useEffect(() => {
    if (!goes) return
    const perTick = ((hours.toMin - hours.fromMin) * TICK_MS) / (PLAYED_S * 1000)
    const timer = setInterval(() => setAt((min) => Math.min(hours.toMin, min + perTick)), TICK_MS)
    return () => clearInterval(timer)
  }, [goes, hours])
  const seen = useMemo(() => {
    const shownDay = { ...day, now: clockOf(Math.floor(atMin)) }
    const work = played.plan.work.filter(
      (row) =>
        minutesOf(row.from) <= atMin && !(open && row.person === open.person && minutesOf(row.from) >= open.atMin),
    )
    // How late a dog will be is not told before it is done.
    const dogs = played.plan.dogs.map((dog) =>
      minutesOf(dog.done) <= atMin
        ? dog
        : { ...dog, done: day.dogs.find(({ id }) => id === dog.id)?.promise ?? dog.done },
    )
    return { day: shownDay, plan: { ...played.plan, work, dogs } }
  }, [day, played, atMin, open])
  const phone = usePhone()
  const right = [...answers.values()].filter(Boolean).length
  const anew = () => {
    setAt(hours.fromMin)
    setAnswers(new Map())
  }
  const next = () => {
    const coming = played.turns.find((turn) => turn.atMin > atMin && (asks === null || turn.person === asks))
    setAt(coming?.atMin ?? hours.toMin)
  }
  return (
    <>
      <section className={styles.taken} aria-label="Rehearsal">
        <p>
          <b>A rehearsal: nothing of it is kept.</b> The plan played with minutes as they might fall out.
        </p>
        <p className={styles.acts}>
          <button type="button" className="kv-button" disabled={over} onClick={() => setRunning(!running)}>
            {running ? 'Hold' : atMin > hours.fromMin ? 'Go on' : 'Play the day in two minutes'}
          </button>
          <button type="button" className="kv-word" disabled={over || open !== null} onClick={next}>
            To the next change
          </button>
          <button type="button" className="kv-word" onClick={() => again(seed + 1)}>
            Another day
          </button>
          <button type="button" className="kv-word" onClick={anew}>
            From the beginning
          </button>
          <label className="kv-small">
            day number{' '}
            <input
              className="kv-select"
              type="number"
              min={1}
              max={9999}
              value={seed}
              onChange={({ target }) => target.value !== '' && again(Math.max(1, Math.min(9999, Number(target.value))))}
              style={{ width: 84 }}
            />
          </label>
        </p>
        <fieldset className={styles.who}>
          <legend className="kv-small">Ask “what now?” of</legend>
          {[...day.people.map(({ id }) => id), null].map((id) => (
            <button
              key={id ?? 'nobody'}
              type="button"
              className="kv-chip"
              aria-pressed={asks === id}
              onClick={() => setAsks(id)}
            >
              {id ?? 'nobody, only watch'}
            </button>
          ))}
        </fieldset>
      </section>
      {open !== null && <WhatNow turn={open} answer={(isRight) => setAnswers(new Map(answers).set(open, isRight))} />}
      {phone ? (
        <ByPerson {...seen} open={null} />
      ) : (
        <Lanes {...seen} places={places} nowMin={Math.floor(atMin)} hours={hours} open={null} carried={() => {}} />
      )}
      <section className={styles.foot} aria-label="Where it gets tight">
        <div>
          <h2>Where it gets tight on this day</h2>
          {played.tight.length === 0 ? (
            <p>Nowhere: every dog is done ten minutes before its promise, or sooner.</p>
          ) : (
            <ul className={styles.changes}>
              {played.tight.map(({ dog, doneMin, leftMin }) => (
                <li key={dog}>
                  <time>{clockOf(doneMin)}</time>
                  <b>{dog} is done</b>
                  <span>{leftMin < 0 ? `${-leftMin} min after the promise` : `${leftMin} min before the promise`}</span>
                </li>
              ))}
            </ul>
          )}
        </div>
        <p className={styles.sum} role="status">
          {answers.size > 0 ? `${right} of ${answers.size} answers by the plan. ` : ''}
          {over ? `The day ended at ${played.plan.end.at}.` : ''}
        </p>
      </section>
    </>
  )
}

/** Who goes from dog to dog most: the one to learn from. */
function busiest(turns: readonly Turn[]): string | null {
  const count = (who: string) => turns.filter(({ person }) => person === who).length
  return turns.reduce<string | null>(
    (best, { person }) => (best === null || count(person) > count(best) ? person : best),
    null,
  )
}

/** The day's hours as they are played. */
function spanOf(day: HouseDay, work: readonly { from: string; to: string }[]) {
  const from = Math.min(...work.map((row) => minutesOf(row.from)), minutesOf(day.dogs[0]?.bring ?? day.now))
  const to = Math.max(...work.map((row) => minutesOf(row.to)), ...day.dogs.map(({ promise }) => minutesOf(promise)))
  return { fromMin: Math.floor(from / 60) * 60, toMin: Math.ceil(to / 60) * 60 }
}

interface WhatNowProps {
  turn: Turn
  answer: (isRight: boolean) => void
}

/** Asks before it shows: somebody is free, and what do they do? */
function WhatNow({ turn, answer }: WhatNowProps) {
  const [wrong, setWrong] = useState<string[]>([])
  return (
    <section className={styles.ask} aria-label="What now?" key={`${turn.atMin} ${turn.person}`}>
      <h2>
        {clockOf(turn.atMin)}: {turn.person} is free. What now?
      </h2>
      <p className={styles.acts}>
        {turn.choices.map(({ dog, stage, right }) => {
          const words = `${dog}: ${stage.toLowerCase()}`
          return (
            <button
              key={words}
              type="button"
              className="kv-chip"
              disabled={wrong.includes(words)}
              onClick={() => (right ? answer(wrong.length === 0) : setWrong([...wrong, words]))}
            >
              {words}
            </button>
          )
        })}
      </p>
      {wrong.length > 0 && (
        <p role="status">Not by the plan: whose place is free, and whose promise comes first? Try another.</p>
      )}
    </section>
  )
}
