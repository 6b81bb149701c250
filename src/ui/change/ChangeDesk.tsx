'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useMemo, useState, useTransition } from 'react'
import { changedFields, withFile, type DogFile } from '@/core/dog'
import { figureOf } from '@/core/figure'
import type { Standing } from '@/core/household'
import { makePlan, planChanges, type Case } from '@/core/plan'
import type { Problem } from '@/core/result'
import type { LengthUnit } from '@/core/units'
import type { ZoneId } from '@/core/zones'
import { DogPicture } from '../coat-map'
import { UndoRedo } from '../history/UndoRedo'
import { useHistory } from '../history/useHistory'
import type { Act } from '../house/acts'
import { useWhoHere } from '../who/WhoHere'
import { Comes } from './Comes'
import { FileChanges } from './FileChanges'
import { HealthFile } from './HealthFile'
import { Person } from './Person'
import { Takes } from './Takes'
import styles from './change.module.css'

export interface ChangeView {
  dogId: number
  file: DogFile
  standing: Standing
  household: { id: number; name: string } | null
  today: string
  unit: LengthUnit
  coatMm: Partial<Record<ZoneId, number>>
  planned: Case | null
  plannedFor: string | null
  bookings: readonly { id: number; words: string }[]
  changes: readonly { id: number; when: string; by: string; words: string[] }[]
}

interface ChangeActs {
  saveFile: Act
  goBack: Act
  sayDogComes: Act
}

/** A dog's file to change: each change says what it changes in the next plan before it is kept. */
export function ChangeDesk({ view, acts }: { view: ChangeView; acts: ChangeActs }) {
  const router = useRouter()
  // Only what is changed here is held: where somebody else kept something meanwhile, it lies over that.
  const { now: edits, put, undo, redo } = useHistory<Partial<DogFile>>({})
  const file = useMemo(() => ({ ...view.file, ...edits }), [view.file, edits])
  const [faults, setFaults] = useState<readonly Problem[]>([])
  const [busy, start] = useTransition()
  const { who } = useWhoHere()
  const means = useMemo(() => meaning(view, file), [view, file])
  const isChanged = Object.keys(changedFields(view.file, file)).length > 0
  const set = (change: Partial<DogFile>) => put({ ...edits, ...change })
  const send = (act: Act, input: object) =>
    start(async () => {
      const answer = await act(input)
      setFaults(answer.ok ? [] : answer.problems)
      if (answer.ok && act !== acts.sayDogComes) put({})
      // Refused because somebody else was quicker: what they kept is shown, with what is changed here over it.
      if (answer.ok || answer.problems.some(({ path }) => path === 'version')) router.refresh()
    })
  const faultOf = (path: string) => faults.find((each) => each.path === `file.${path}`)?.sentence
  const others = faults.filter(({ path }) => !/^file\.(name|breed|weightKg|heightCm|lengthCm|bornOn)$/.test(path))
  const part = { file, set, faultOf }
  return (
    <>
      <div className="kv-head">
        <h1>The file of {view.file.name}</h1>
        <p className={isChanged ? 'kv-caution' : 'kv-quiet'} role="status">
          {isChanged ? 'Changed, not kept yet.' : 'What is grey is usual for the breed until somebody says otherwise.'}
        </p>
        <UndoRedo undo={undo} redo={redo} />
        <Link className="kv-button" href={`/dogs/${view.dogId}`}>
          Back to the file
        </Link>
        <button
          className="kv-button kv-main"
          disabled={busy || !isChanged}
          onClick={() => send(acts.saveFile, { dogId: view.dogId, file, seen: view.file })}
        >
          Keep
        </button>
      </div>
      {others.length > 0 && (
        <p role="alert" className="kv-notice kv-must kv-late">
          {others.map(({ sentence }) => sentence).join(' ')}
        </p>
      )}
      <div className={styles.columns}>
        <Person {...part} />
        <div className={styles.stack}>
          <Takes {...part} />
          <HealthFile {...part} today={view.today} by={who?.name ?? ''} />
        </div>
        <section aria-label="What it means" className={styles.stack}>
          <DogPicture
            label={`${file.name}, coat today`}
            dog={figureOf({ ...file, ...file.measures })}
            coatMm={view.coatMm}
            width={340}
            height={210}
          />
          <Means means={means} plannedFor={view.plannedFor} isChanged={isChanged} />
          <Comes
            key={view.standing}
            name={view.file.name}
            standing={view.standing}
            bookings={view.bookings}
            onSay={(standing, callOff) => send(acts.sayDogComes, { dogId: view.dogId, standing, callOff })}
          />
          {view.household && (
            <p>
              Lives with household <Link href={`/households/${view.household.id}`}>{view.household.name}</Link>.
            </p>
          )}
          <FileChanges
            changes={view.changes}
            waits={isChanged}
            onBack={(changeId) => send(acts.goBack, { dogId: view.dogId, changeId })}
          />
        </section>
      </div>
    </>
  )
}

/** What the file as it is changed does to the next plan; null where no plan can be made of it. */
function meaning({ planned, unit }: ChangeView, file: DogFile): string[] | null {
  if (!planned) return null
  return planChanges(makePlan(planned), makePlan(withFile(planned, file)), unit)
}

interface MeansProps {
  means: string[] | null
  plannedFor: string | null
  isChanged: boolean
}

function Means({ means, plannedFor, isChanged }: MeansProps) {
  const of = plannedFor ? `the groom on ${plannedFor}` : 'the next groom'
  if (!isChanged) return <p className="kv-quiet">What you change here is held against {of} before it is kept.</p>
  if (means === null || means.length === 0) return <p className="kv-quiet">Nothing changes in {of}.</p>
  return (
    <div className="kv-notice kv-teal" role="status">
      <p className="kv-strong kv-now">In {of}</p>
      <ul className={styles.means}>
        {means.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </div>
  )
}
