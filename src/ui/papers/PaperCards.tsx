'use client'

import { useState, useTransition } from 'react'
import type { Result } from '@/core/result'
import { smallJpeg } from '../device/photos'
import { May } from '../who/WhoHere'
import styles from './papers.module.css'

/** The longer edge of a picture of a paper card, px: pencil on a small card can be read. By eye. */
const LONGEST_PX = 2000

interface Paper {
  id: string
  when: string
}

export interface PaperActs {
  put: (input: unknown) => Promise<Result<null>>
}

interface PaperCardsProps {
  dogId: number
  name: string
  papers: readonly Paper[]
  acts: PaperActs
}

/** A picture on its way to the house: it stays here until the house has it. */
interface OnItsWay {
  id: string
  jpeg: Blob
  fault: string | null
}

/** Pictures of a dog's paper cards, to be looked at beside its own. */
export function PaperCards({ dogId, name, papers: known, acts }: PaperCardsProps) {
  const [papers, setPapers] = useState(known)
  const [onItsWay, setOnItsWay] = useState<OnItsWay | null>(null)
  const [gone, setGone] = useState<Paper | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const address = (id: string) => `/dogs/${dogId}/papers/${id}`
  const send = (picture: OnItsWay) =>
    start(async () => {
      setOnItsWay(picture)
      const why = await sent(address(picture.id), picture.jpeg)
      setOnItsWay(why === null ? null : { ...picture, fault: why })
      if (why === null) setPapers((now) => [{ id: picture.id, when: 'just now' }, ...now])
    })
  const take = (file: File | undefined) =>
    start(async () => {
      if (!file) return
      const jpeg = await smallJpeg(file, LONGEST_PX)
      setFault(jpeg === null ? 'This file is no picture.' : null)
      if (jpeg) send({ id: crypto.randomUUID(), jpeg, fault: null })
    })
  const put = (paper: Paper, isGone: boolean) =>
    start(async () => {
      const answer = await acts.put({ dogId, id: paper.id, isGone }).catch(() => null)
      if (!answer?.ok) return setFault('The house does not answer. Nothing was changed; try again when it does.')
      setFault(null)
      setGone(isGone ? paper : null)
      setPapers((now) => (isGone ? now.filter(({ id }) => id !== paper.id) : [paper, ...now]))
    })
  return (
    <section aria-label="Paper cards" className={styles.papers}>
      <h2>Paper cards</h2>
      {papers.length > 0 && (
        <ul className={styles.list}>
          {papers.map((paper) => (
            <li key={paper.id}>
              <a href={address(paper.id)} target="_blank" rel="noreferrer">
                {/* eslint-disable-next-line @next/next/no-img-element -- its own house's picture, already small */}
                <img src={address(paper.id)} alt={`Paper card of ${name}, kept ${paper.when}. Opens large.`} />
              </a>
              <span className="kv-small">kept {paper.when}</span>
              <May right="cards">
                <button type="button" className="kv-word" disabled={busy} onClick={() => put(paper, true)}>
                  Take away
                </button>
              </May>
            </li>
          ))}
        </ul>
      )}
      {papers.length === 0 && <p className="kv-quiet">No picture of a paper card is kept.</p>}
      <May right="cards">
        <p className={styles.acts}>
          <label className="kv-button">
            {papers.length === 0 ? 'Take a picture of it' : 'Another picture'}
            <input
              type="file"
              accept="image/*"
              capture="environment"
              className="kv-hidden"
              disabled={busy}
              onChange={({ target }) => {
                take(target.files?.[0])
                target.value = ''
              }}
            />
          </label>
          {gone && (
            <button type="button" className="kv-word" disabled={busy} onClick={() => put(gone, false)}>
              Put it back
            </button>
          )}
          {onItsWay?.fault === null && <span className="kv-small">Keeping…</span>}
          {onItsWay?.fault && (
            <button
              type="button"
              className="kv-word"
              disabled={busy}
              onClick={() => send({ ...onItsWay, fault: null })}
            >
              Send it again
            </button>
          )}
        </p>
      </May>
      {(onItsWay?.fault ?? fault) && (
        <p role="alert" className="kv-late">
          {onItsWay?.fault ?? fault}
        </p>
      )}
    </section>
  )
}

/** @returns why the house did not take it; null when it did */
async function sent(address: string, jpeg: Blob): Promise<string | null> {
  try {
    const answer = await fetch(address, { method: 'PUT', body: jpeg })
    const result = (await answer.json()) as Result<null>
    return result.ok ? null : result.problems.map(({ sentence }) => sentence).join(' ')
  } catch {
    return 'The house does not answer. The picture stays on this page: send it again when it does.'
  }
}
