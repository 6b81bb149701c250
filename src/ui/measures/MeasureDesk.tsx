'use client'

import { InputNumber } from 'antd'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useMemo, useState, useTransition } from 'react'
import {
  BUILDS,
  EAR_SETS,
  FORELEGS,
  MEASURE_FACTS,
  MEASURE_KEYS,
  measuredOf,
  measuresOf,
  measuresProblem,
  type BuildId,
  type EarSet,
  type Forelegs,
  type MeasureKey,
  type Measured,
  type Stature,
} from '@/core/build'
import type { FigureDog } from '@/core/figure'
import type { Result } from '@/core/result'
import type { LengthUnit } from '@/core/units'
import type { ZoneId } from '@/core/zones'
import { MapDesk, coatCallouts, namedIn } from '../coat-map'
import { UndoRedo } from '../history/UndoRedo'
import { useHistory } from '../history/useHistory'
import styles from './measures.module.css'

export type SaveMeasures = (input: unknown) => Promise<Result<null>>

interface DeskProps {
  dog: FigureDog & { id: number; name: string }
  /** The version of the dog that this screen has seen. */
  version: number
  coatMm: Partial<Record<ZoneId, number>>
  unit: LengthUnit
  save: SaveMeasures
}

/** The tape round the dog: each measure redraws the figure; what nobody measured is a usual dog's, and says so. */
export function MeasureDesk({ dog, version, coatMm, unit, save }: DeskProps) {
  const router = useRouter()
  const { now, put, undo, redo } = useHistory<{ build: BuildId; measured: Measured }>({
    build: dog.build,
    measured: measuredOf(dog),
  })
  const [said, setSaid] = useState<{ ok: boolean; words: string } | null>(null)
  const [busy, start] = useTransition()
  const figure = useMemo(
    () => ({ coat: dog.coat, weightKg: dog.weightKg, build: now.build, ...now.measured }),
    [dog, now],
  )
  const layer = useMemo(() => ({ lengthAt: (zone: ZoneId) => coatMm[zone] ?? 0 }), [coatMm])
  const problem = measuresProblem(figure)
  const change = (measured: Measured) => put({ ...now, measured })
  const keep = () =>
    start(async () => {
      const answer = await save({ dogId: dog.id, build: now.build, measured: now.measured, version })
      setSaid(
        answer.ok
          ? { ok: true, words: 'Kept. Every picture of this dog is drawn so.' }
          : { ok: false, words: answer.problems.map(({ sentence }) => sentence).join(' ') },
      )
      if (answer.ok) router.refresh()
    })
  return (
    <>
      <div className="kv-head">
        <h1>Measures of {dog.name}</h1>
        <p className="kv-quiet">
          The figure is drawn from these. Grey figures are a usual {now.build} dog’s, until you measure.
        </p>
        <UndoRedo undo={undo} redo={redo} />
        <Link className="kv-button" href={`/dogs/${dog.id}`}>
          Back to the file
        </Link>
        <button className="kv-button kv-main" onClick={keep} disabled={busy || undo === null || problem !== null}>
          Keep the measures
        </button>
      </div>
      {(problem || said) && (
        <p role="status" className={problem || !said?.ok ? 'kv-late' : 'kv-now'}>
          {problem?.sentence ?? said?.words}
        </p>
      )}
      <div className={styles.columns}>
        <section aria-label="The figure">
          <MapDesk
            label={`${dog.name}, as measured`}
            dog={figure}
            layer={layer}
            uncut
            calloutsIn={(view) => coatCallouts(layer.lengthAt, unit, namedIn(view))}
            width={700}
            height={500}
          />
        </section>
        <section aria-label="Measures" className={styles.fields}>
          <Choice name="Build" options={BUILDS} chosen={now.build} onChoose={(build) => put({ ...now, build })} />
          <Choice
            name="Ears"
            options={EAR_SETS}
            chosen={now.measured.ears}
            onChoose={(ears: EarSet) =>
              change({ ...now.measured, ears: ears === now.measured.ears ? undefined : ears })
            }
          />
          <Choice
            name="Forelegs"
            options={FORELEGS}
            chosen={now.measured.forelegs}
            onChoose={(forelegs: Forelegs) =>
              change({ ...now.measured, forelegs: forelegs === now.measured.forelegs ? undefined : forelegs })
            }
          />
          <div className={styles.grid}>
            {MEASURE_KEYS.map((key) => (
              <Field
                key={key}
                of={key}
                figure={figure}
                onChange={(cm) => change({ ...now.measured, [key]: cm })}
                wrong={problem?.field === key}
              />
            ))}
          </div>
          <p className="kv-small">Let the dog stand square; the tape lies on the skin, under the coat.</p>
        </section>
      </div>
    </>
  )
}

interface ChoiceProps<T extends string> {
  name: string
  options: readonly T[]
  chosen: T | undefined
  onChoose: (choice: T) => void
}

const Choice = <T extends string>({ name, options, chosen, onChoose }: ChoiceProps<T>) => (
  <div>
    <h2>{name}</h2>
    <div className={styles.chips} role="group" aria-label={name}>
      {options.map((each) => (
        <button key={each} className="kv-chip" aria-pressed={each === chosen} onClick={() => onChoose(each)}>
          {each}
        </button>
      ))}
    </div>
  </div>
)

interface FieldProps {
  of: MeasureKey
  figure: Stature
  onChange: (cm: number | undefined) => void
  wrong: boolean
}

/** One measure in cm; empty shows what a usual dog of this size has. */
function Field({ of: key, figure, onChange, wrong }: FieldProps) {
  const { label, how, measure, low, high } = MEASURE_FACTS[key]
  const usualCm = Math.round(measuresOf({ ...figure, [key]: undefined })[measure]) / 10
  /** What is being typed counts once it is finished, so that one Undo takes back one measure. */
  const [typed, setTyped] = useState<number | null | undefined>(undefined)
  const finish = (cm: number | null | undefined) => {
    if (cm !== undefined && (cm ?? undefined) !== (figure[key] ?? undefined)) onChange(cm ?? undefined)
    setTyped(undefined)
  }
  return (
    <label className="kv-field">
      {label}
      <InputNumber<number>
        value={typed === undefined ? (figure[key] ?? null) : typed}
        placeholder={String(usualCm)}
        min={low}
        max={high}
        step={0.5}
        precision={1}
        suffix="cm"
        status={wrong ? 'error' : ''}
        onChange={setTyped}
        onStep={finish}
        onBlur={() => finish(typed)}
        onPressEnter={() => finish(typed)}
      />
      <span className="kv-small">{how}</span>
    </label>
  )
}
