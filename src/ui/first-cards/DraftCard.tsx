'use client'

import { useMemo, useState, useTransition } from 'react'
import { cardRows, drawingOf, type CardRow } from '@/core/card'
import { toolWords } from '@/core/lengths'
import { makePlan, type Case } from '@/core/plan'
import { ZONES, zoneLabel } from '@/core/zones'
import { DogPicture, showFigure, unitWord } from '../coat-map'
import { PaperCards } from '../papers/PaperCards'
import { OwnerWords } from '../words/OwnerWords'
import type { Asked, FirstCardActs, FirstCardView } from './drawer'
import styles from './firstCards.module.css'

const MOST_WHY = 200

interface DraftCardProps {
  dogId: number
  view: FirstCardView
  /** What the card says, as far as somebody has come with it. */
  asked: Asked
  keepAsked: (asked: Asked) => void
  acts: FirstCardActs
  kept: () => void
}

/** What a scribbled card comes to on this dog: read, asked back, drawn, and kept as its card. */
export function DraftCard({ dogId, view, asked, keepAsked, acts, kept }: DraftCardProps) {
  const { unit, dog, version } = view
  const [now, setNow] = useState<Case>(() => ({ ...view.start, request: { ...view.start.request, ...asked } }))
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const plan = useMemo(() => makePlan(now), [now])
  const { lengthAt, cut: cutTo } = useMemo(() => drawingOf(plan.card), [plan.card])
  const { cut, left } = useMemo(() => cardRows(plan.card), [plan.card])
  const said = now.request.words ?? ''
  const open = plan.questions.length
  const keep = () =>
    start(async () => {
      const why = `From the drawer: “${said}”`
      const answer = await acts
        .save({
          dogId,
          zones: plan.card,
          seen: version,
          why: why.length > MOST_WHY ? `${why.slice(0, MOST_WHY - 1)}…` : why,
        })
        .catch(() => null)
      if (answer?.ok) kept()
      else
        setFault(
          answer?.problems.map(({ sentence }) => sentence).join(' ') ??
            'The house does not answer. The card stays here; try again when it does.',
        )
    })
  return (
    <div className={styles.draft}>
      <div>
        <OwnerWords
          case_={now}
          plan={plan}
          unit={unit}
          lastWords=""
          label="What the card says"
          ask={(next) => {
            const request = { ...now.request, ...next }
            keepAsked({ words: request.words, answers: request.answers })
            setNow({ ...now, request })
          }}
          change={(next) => {
            setNow(typeof next === 'function' ? next : () => next)
            return null
          }}
          keepRemark={(remark) => acts.remark({ dogId, ...remark })}
          onLit={() => {}}
        />
        <PaperCards dogId={dogId} name={dog.name} papers={view.papers} acts={{ put: acts.putPaper }} />
      </div>
      <div>
        <div className={styles.picture}>
          <DogPicture
            label={`${dog.name} by this card`}
            dog={dog}
            coatMm={Object.fromEntries(ZONES.map((zone) => [zone, lengthAt(zone)]))}
            shapes={Object.fromEntries(ZONES.map((zone) => [zone, cutTo.shapeOf(zone)]))}
            width={380}
            height={285}
          />
        </div>
        <p className={styles.acts}>
          <button
            type="button"
            className="kv-button kv-main"
            disabled={busy || open > 0 || said.trim() === ''}
            onClick={keep}
          >
            {version === 0 ? 'Keep as the first card' : `Keep as version ${version + 1}`}
          </button>
          {open > 0 && (
            <span className="kv-small">{open === 1 ? 'One thing is' : `${open} things are`} to ask first.</span>
          )}
          {fault !== null && (
            <span role="alert" className="kv-late">
              {fault}
            </span>
          )}
        </p>
        <table className="kv-rows">
          <thead>
            <tr>
              <th>Zones</th>
              <th>Tool</th>
              <th className="kv-figure">{unitWord(unit)}</th>
            </tr>
          </thead>
          <tbody>
            {cut.map((row) => (
              <tr key={zonesOf(row)}>
                <td>{zonesOf(row)}</td>
                <td>{toolWords(row.entry)}</td>
                <td className="kv-figure">{showFigure(row.entry.lengthMm, unit)}</td>
              </tr>
            ))}
            {left.length > 0 && (
              <tr>
                <td>{left.map(({ zone }) => zoneLabel(zone)).join(', ')}</td>
                <td>left as it is</td>
                <td />
              </tr>
            )}
          </tbody>
        </table>
        <p className="kv-small">What the card does not name is as this coat usually is trimmed.</p>
      </div>
    </div>
  )
}

const zonesOf = ({ zones }: CardRow): string =>
  zones.map(({ zone, side }) => (side ? `${zoneLabel(zone)}, ${side}` : zoneLabel(zone))).join(', ')
