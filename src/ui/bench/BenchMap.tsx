import { useMemo } from 'react'
import { drawingOf } from '@/core/card'
import type { Finding } from '@/core/health'
import { drawView } from '@/core/figure'
import type { ZoneId } from '@/core/zones'
import { CoatMap, cardCallouts, focusOn } from '../coat-map'
import { findingCallout, matCallout } from '../records/foundCallouts'
import styles from './bench.module.css'
import type { BenchView } from './props'
import { useWidth } from './useWidth'

/** Labels keep their size on any screen; the drawing takes what is left, down to this. */
const NARROWEST_PX = 420

interface MapProps extends Pick<BenchView, 'dog' | 'plan' | 'unit'> {
  stageZones: readonly ZoneId[]
  /** Zones whose stage is over. */
  done: readonly ZoneId[]
  /** What hands found where they went over the dog; null at other stages. */
  found: { findings: readonly Finding[]; mats: Partial<Record<ZoneId, number>> } | null
  zone: ZoneId | null
  onZone: (zone: ZoneId | null) => void
}

/** The dog with this stage's zones lit and what is done in a paler tint; on the head one that still grows is named too, so that nobody cuts it. */
export function BenchMap({ dog, plan, unit, stageZones, done, found, zone, onZone }: MapProps) {
  const { lengthAt, cut } = useMemo(() => drawingOf(plan.card), [plan])
  const view = useMemo(() => drawView('side', dog, lengthAt, cut), [dog, lengthAt, cut])
  const onHead = stageZones.some((each) => each === 'skull' || each === 'muzzle')
  const growing = onHead ? plan.growing.map((each) => each.zone) : []
  const shown = [...new Set([...stageZones, ...growing])]
  const focus = focusOn(view, shown)
  const pinned = found === null ? [] : pins(found)
  const { ref, width } = useWidth(520)
  return (
    <div ref={ref}>
      <CoatMap
        label={`${dog.name}, zones of this stage`}
        view={view}
        coat={dog.coat}
        lengthMm={lengthAt}
        joinOf={cut.joinOf}
        lit={new Set(shown)}
        done={new Set(done)}
        callouts={pinned.length > 0 ? pinned : cardCallouts(plan.card, plan.growing, unit, shown)}
        {...(focus ? { focus } : {})}
        width={Math.max(NARROWEST_PX, Math.round(width))}
        height={360}
        large
        picked={new Set(zone === null ? [] : [zone])}
        onPick={onZone}
      />
      <p className={styles.mapKey}>
        {pinned.length > 0 ? 'Pinned: what was found. ' : ''}
        {stageZones.length > 0 ? 'Full colour: this stage. ' : ''}
        {done.length > 0 ? 'Pale: done. ' : ''}White:{' '}
        {stageZones.length + done.length > 0 ? 'not yet' : 'nothing is cut yet'}.
      </p>
    </div>
  )
}

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
