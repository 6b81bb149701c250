'use client'

import type { StageId } from '@/core/stages'
import type { Segment } from '@/core/strip'
import { AsWide } from '../screen/AsWide'
import { Tape } from '../tape'
import styles from './wrapUp.module.css'

/** On a desk, beside its words. */
const FIRST_PX = 1138
/** Ferrule and pin. */
const EDGES_PX = 28
const TAPE_LEFT = 12
const HEIGHT = 46
const TELLING_MIN = 3

interface TapesProps {
  name: string
  planned: Segment[]
  done: Segment[]
  slotMin: number
}

/** Planned above, done below, one zero and one scale; threads join the ends of each stage. */
export function TwoTapes(props: TapesProps) {
  return (
    <div className={styles.tapes}>
      <span>Planned</span>
      <AsWide first={FIRST_PX}>{(widthPx) => <Joined {...props} widthPx={widthPx} />}</AsWide>
      <b>Done</b>
    </div>
  )
}

function Joined({ name, planned, done, slotMin, widthPx }: TapesProps & { widthPx: number }) {
  const longest = Math.max(slotMin, planned.at(-1)?.toMin ?? 0, done.at(-1)?.toMin ?? 0)
  const pxPerMin = (widthPx - EDGES_PX) / longest
  const ends = endsOf(planned)
  const doneEnds = endsOf(done)
  const x = (min: number) => TAPE_LEFT + min * pxPerMin
  return (
    <>
      <Tape
        label={`${name}, planned`}
        slotMin={slotMin}
        segments={planned}
        pxPerMin={pxPerMin}
        height={HEIGHT}
        extentMin={longest}
      />
      <svg width={widthPx} height={30} style={{ margin: '-16px 0', display: 'block' }} aria-hidden="true">
        {[...ends].map(([stage, { toMin, min }]) => {
          const other = doneEnds.get(stage)
          if (!other) return null
          const more = Math.round(other.min - min)
          const late = more >= TELLING_MIN
          return (
            <g key={stage}>
              <path
                d={`M${x(toMin)} 0C${x(toMin)} 16 ${x(other.toMin)} 14 ${x(other.toMin)} 30`}
                fill="none"
                stroke={late ? 'var(--kv-late)' : 'var(--kv-flax-edge)'}
                strokeWidth={late ? 1.8 : 1}
              />
              {late && (
                <text
                  x={(x(toMin) + x(other.toMin)) / 2 + 8}
                  y={19}
                  fontSize={13}
                  fontWeight={700}
                  fill="var(--kv-late)"
                >
                  +{more}
                </text>
              )}
            </g>
          )
        })}
      </svg>
      <Tape
        label={`${name}, done`}
        slotMin={slotMin}
        segments={done}
        pxPerMin={pxPerMin}
        height={HEIGHT}
        extentMin={longest}
      />
    </>
  )
}

/** Where each stage ends on its tape, and its minutes. */
function endsOf(segments: readonly Segment[]): Map<StageId, { toMin: number; min: number }> {
  const ends = new Map<StageId, { toMin: number; min: number }>()
  for (const { stage, fromMin, toMin } of segments) {
    const before = ends.get(stage)
    ends.set(stage, { toMin, min: (before?.min ?? 0) + toMin - fromMin })
  }
  return ends
}
