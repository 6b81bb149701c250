import { useMemo } from 'react'
import { COAT_FACTS } from '@/core/coat'
import type { Called } from '@/core/intake'
import { figureOf, type FigureDog } from '@/core/figure'
import { cutIn } from '@/core/lengths'
import type { Plan } from '@/core/plan'
import { figureMm, inchFraction, type LengthUnit } from '@/core/units'
import { ZONES, type ZoneId } from '@/core/zones'
import { DogPicture } from '../coat-map'
import styles from './takeIn.module.css'

interface FigureProps {
  called: Called
  plan: Plan | null
  unit: LengthUnit
}

const PLAIN_DOG: FigureDog = { build: 'square', coat: 'smooth' }

/** The dog as it stands and as it is wanted, drawn from the first word; under it what is usual of it, and why. */
export function CalledFigure({ called, plan, unit }: FigureProps) {
  const { file, usual, coatNowMm, grownWeeks } = called
  const dog = useMemo(() => (file ? figureOf({ ...file, ...file.measures }) : null), [file])
  const nowMm = Object.fromEntries(ZONES.map((zone) => [zone, coatNowMm.all ?? 0]))
  const wanted = useMemo(() => wantedOf(plan), [plan])
  return (
    <section aria-label="The dog" className={styles.figure}>
      <div className={styles.paper}>
        <figure>
          <DogPicture label="The dog now" dog={dog ?? PLAIN_DOG} coatMm={dog ? nowMm : {}} width={420} height={220} />
          <figcaption>{dog ? `now, about ${grownWeeks} weeks grown` : 'a coat and a weight draw it'}</figcaption>
        </figure>
        {dog && plan && (
          <figure>
            <DogPicture
              label="The dog as it is wanted"
              dog={dog}
              coatMm={wanted.lengths}
              shapes={wanted.shapes}
              width={420}
              height={220}
            />
            <figcaption>what they want, as far as it is said</figcaption>
          </figure>
        )}
      </div>
      {usual && file && (
        <table className="kv-rows">
          <caption className="kv-hidden">What is usual of {usual.of}</caption>
          <tbody>
            <Row what="Weight" words={`${usual.kg[0]} to ${usual.kg[1]} kg`} why={usual.of} />
            <Row what="Height" words={`${usual.cm[0]} to ${usual.cm[1]} cm`} why="usual" />
            <Row
              what="Face, ears"
              words={`${usual.face === 'flat' ? 'flat' : 'not flat'}, ${usual.ears} ears`}
              why="usual"
            />
            <Row what="Grows" words={`${growth(file.coat, unit)} a week`} why={`${file.coat} coats`} />
            <Row what="Comes back" words={`every ${usual.weeks[0]} to ${usual.weeks[1]} weeks`} why="usual" />
          </tbody>
        </table>
      )}
      <p className="kv-quiet">
        {called.missing.length === 0
          ? 'Missing before a plan: nothing.'
          : `Missing before a plan: ${called.missing.join(', ')}.`}{' '}
        {beforeBath(called)}
      </p>
    </section>
  )
}

const growth = (coat: keyof typeof COAT_FACTS, unit: LengthUnit) => {
  const mm = COAT_FACTS[coat].growthMmPerWeek
  return unit === 'mm' ? `${figureMm(mm)} mm` : `${inchFraction(mm)} in`
}

const Row = ({ what, words, why }: { what: string; words: string; why: string }) => (
  <tr>
    <td>{what}</td>
    <td className="kv-quiet">{words}</td>
    <td className="kv-small" style={{ textAlign: 'right' }}>
      {why}
    </td>
  </tr>
)

function wantedOf(plan: Plan | null) {
  const lengths: Partial<Record<ZoneId, number>> = {}
  const shapes: Partial<Record<ZoneId, string | null>> = {}
  for (const entry of plan?.card ?? []) {
    lengths[entry.zone] = cutIn(entry).lengthMm
    shapes[entry.zone] = entry.shape
  }
  return { lengths, shapes }
}

function beforeBath({ file }: Called): string {
  if (!file) return ''
  const open = [...(file.vaccinatedOn === null ? ['vaccination date'] : []), ...(file.more.vet === '' ? ['vet'] : [])]
  return open.length === 0 ? '' : `Before the first bath: ${open.join(', ')}.`
}
