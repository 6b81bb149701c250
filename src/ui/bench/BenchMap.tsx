import { useMemo } from 'react'
import { drawingOf } from '@/core/card'
import type { Finding } from '@/core/care'
import { drawView } from '@/core/figure'
import type { ZoneId } from '@/core/zones'
import { CoatMap, cardCallouts, focusOn } from '../coat-map'
import { findingCallout } from '../records/findingCallout'
import styles from './bench.module.css'
import type { BenchProps } from './props'
import { useWidth } from './useWidth'

/** Labels keep their size on any screen; the drawing takes what is left, down to this. */
const NARROWEST_PX = 420

interface MapProps extends BenchProps {
  stageZones: readonly ZoneId[]
  /** Zones whose stage is over. */
  done: readonly ZoneId[]
  /** What was found, pinned where hands go over the dog. */
  findings: readonly Finding[]
  zone: ZoneId | null
  onZone: (zone: ZoneId | null) => void
}

/** The dog with this stage's zones lit and what is done in a paler tint; on the head one that still grows is named too, so that nobody cuts it. */
export function BenchMap({ dog, plan, unit, stageZones, done, findings, zone, onZone }: MapProps) {
  const { lengthAt, cut } = useMemo(() => drawingOf(plan.card), [plan])
  const view = useMemo(() => drawView('side', dog, lengthAt, cut), [dog, lengthAt, cut])
  const onHead = stageZones.some((each) => each === 'skull' || each === 'muzzle')
  const growing = onHead ? plan.growing.map((each) => each.zone) : []
  const shown = [...new Set([...stageZones, ...growing])]
  const focus = focusOn(view, shown)
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
        callouts={
          findings.length > 0 ? findings.map(findingCallout) : cardCallouts(plan.card, plan.growing, unit, shown)
        }
        {...(focus ? { focus } : {})}
        width={Math.max(NARROWEST_PX, Math.round(width))}
        height={360}
        large
        picked={new Set(zone === null ? [] : [zone])}
        onPick={onZone}
      />
      <p className={styles.mapKey}>
        {findings.length > 0 ? 'Pinned: what was found. ' : ''}
        {stageZones.length > 0 ? 'Full colour: this stage. ' : ''}
        {done.length > 0 ? 'Pale: done. ' : ''}White:{' '}
        {stageZones.length + done.length > 0 ? 'not yet' : 'nothing is cut yet'}.
      </p>
    </div>
  )
}
