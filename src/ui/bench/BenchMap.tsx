import { useMemo } from 'react'
import { drawingOf } from '@/core/card'
import type { Finding } from '@/core/health'
import { drawView } from '@/core/figure'
import { groupOf, type ZoneId } from '@/core/zones'
import { CoatMap, cardCallouts, focusOn } from '../coat-map'
import { findingCallout, matCallout } from '../records/foundCallouts'
import styles from './bench.module.css'
import type { BenchView } from './props'
import { useSize } from '../screen/useSize'

/** The room of a tablet, until the screen says. */
const FIRST_PX = { width: 440, height: 420 }

interface MapProps extends Pick<BenchView, 'dog' | 'plan' | 'unit'> {
  stageZones: readonly ZoneId[]
  /** Zones whose stage is over. */
  done: readonly ZoneId[]
  /** What hands found where they went over the dog; null at other stages. */
  found: { findings: readonly Finding[]; mats: Partial<Record<ZoneId, number>> } | null
  zone: ZoneId | null
  /** Of this groom; the last one stands under the map. */
  notes: readonly { words: string }[]
  onZone: (zone: ZoneId | null) => void
}

/** The dog with this stage's zones lit and what is done in a paler tint; on the head one that still grows is named too, so that nobody cuts it. */
export function BenchMap({ dog, plan, unit, stageZones, done, found, zone, notes, onZone }: MapProps) {
  const { lengthAt, cut } = useMemo(() => drawingOf(plan.card), [plan])
  const onHead = stageZones.some((each) => each === 'skull' || each === 'muzzle')
  const growing = onHead ? plan.growing.map((each) => each.zone) : []
  const shown = [...new Set([...stageZones, ...growing])]
  // A head is trimmed from the front, where its two sides are matched.
  const from = onHead && shown.every((each) => groupOf(each) === 'head') ? 'head-front' : 'side'
  const view = useMemo(() => drawView(from, dog, lengthAt, cut), [from, dog, lengthAt, cut])
  const focus = from === 'side' ? focusOn(view, shown) : undefined
  const pinned = found === null ? [] : pins(found)
  const callouts = pinned.length > 0 ? pinned : cardCallouts(plan.card, plan.growing, unit, shown)
  const noted = notes.at(-1)?.words
  const { ref, width, height } = useSize(FIRST_PX.width, FIRST_PX.height)
  return (
    <section className={styles.map} aria-label="The map">
      <div ref={ref} className={styles.paper}>
        <CoatMap
          label={`${dog.name}, zones of this stage`}
          view={view}
          coat={dog.coat}
          lengthMm={lengthAt}
          joinOf={cut.joinOf}
          lit={new Set(shown)}
          done={new Set(done)}
          callouts={callouts}
          {...(focus ? { focus } : {})}
          width={Math.round(width)}
          height={Math.round(Math.max(height, roomFor(callouts.length, width)))}
          large
          picked={new Set(zone === null ? [] : [zone])}
          onPick={onZone}
        />
      </div>
      <p className={styles.mapKey}>
        {pinned.length > 0 ? 'Pinned: what was found. ' : ''}
        {stageZones.length > 0 ? 'Full colour: this stage. ' : ''}
        {done.length > 0 ? 'Pale: done. ' : ''}White:{' '}
        {stageZones.length + done.length > 0 ? 'not yet' : 'nothing is cut yet'}.
      </p>
      {noted !== undefined && (
        <p>
          <b>Noted:</b> {noted.length > NOTED_MOST ? `${noted.slice(0, NOTED_MOST)} …` : noted}
        </p>
      )}
    </section>
  )
}

/** So much of a note stands under the map; all of it stands with what to mind. */
const NOTED_MOST = 80

/** The paper of a phone is narrower. */
const PHONE_PX = 420

/** A phone's panel scrolls where its labels need more height than it has. */
const roomFor = (labels: number, width: number): number => (width < PHONE_PX ? 64 + 76 * Math.ceil(labels / 2) : 0)

/** So many labels have room beside the dog. */
const MOST_PINS = 8

/** Findings first, then the mats, worst first. */
const pins = ({ findings, mats }: NonNullable<MapProps['found']>) =>
  [
    ...findings.map(findingCallout),
    ...(Object.entries(mats) as [ZoneId, number][])
      .filter(([zone, grade]) => grade > 0 && !findings.some((finding) => finding.zone === zone))
      .sort(([, a], [, b]) => b - a)
      .map(([zone, grade]) => matCallout(zone, grade)),
  ].slice(0, MOST_PINS)
