'use client'

import { useMemo, useState, type ReactNode } from 'react'
import { drawView, guidesOf, type Cut, type FigureDog, type LengthAt, type ViewId } from '@/core/figure'
import type { ZoneId } from '@/core/zones'
import type { Callout } from './callouts'
import { CoatMap } from './CoatMap'
import { LengthKey, SeamKey } from './LengthKey'
import styles from './mapDesk.module.css'
import { ViewTabs } from './ViewTabs'
import { ZoomMap } from './ZoomMap'

/** One layer of coat: its lengths and how it is cut. */
export interface Layer {
  lengthAt: LengthAt
  cut?: Cut
}

interface MapDeskProps {
  /** What is drawn, for a screen reader and as the name of the file it is saved to. */
  label: string
  dog: FigureDog
  layer: Layer
  /** Another layer as a dotted line, and what it is. */
  dotted?: Layer & { words: string }
  /** The coat at its longest, where it is let grow: the dog keeps its place on the paper. */
  roomFor?: LengthAt
  /** Drawn without seams: a coat that nobody has cut. */
  uncut?: boolean
  calloutsIn: (view: ViewId) => readonly Callout[]
  picked?: ReadonlySet<ZoneId>
  onPick?: (zone: ZoneId) => void
  width: number
  height: number
  /** More choices beside the views. */
  children?: ReactNode
}

/** The coat map with all that goes with it: six views, going close, guides to hold the dog against, and its keys. */
export function MapDesk({ label, dog, layer, dotted, roomFor, uncut = false, calloutsIn, picked, onPick, width, height, children }: MapDeskProps) {
  const [from, setFrom] = useState<ViewId>('side')
  const [guided, setGuided] = useState(false)
  const view = useMemo(() => drawView(from, dog, layer.lengthAt, layer.cut), [from, dog, layer])
  const behind = useMemo(() => dotted && drawView(from, dog, dotted.lengthAt, dotted.cut), [from, dog, dotted])
  const room = useMemo(() => roomFor && drawView(from, dog, roomFor, layer.cut).box, [from, dog, roomFor, layer.cut])
  return (
    <>
      <ZoomMap name={label}>
        <CoatMap
          label={label}
          view={view}
          coat={dog.coat}
          lengthMm={layer.lengthAt}
          callouts={calloutsIn(from)}
          width={width}
          height={height}
          {...(layer.cut?.joinOf ? { joinOf: layer.cut.joinOf } : {})}
          {...(behind ? { dotted: behind } : {})}
          {...(room ? { room } : {})}
          {...(guided ? { guides: guidesOf(view, dog) } : {})}
          {...(picked ? { picked } : {})}
          {...(onPick ? { onPick } : {})}
        />
      </ZoomMap>
      <div className={styles.keys}>
        <ViewTabs view={from} onView={setFrom} />
        <button className="kv-chip" aria-pressed={guided} onClick={() => setGuided(!guided)}>
          Guides
        </button>
        {children}
      </div>
      <div className={styles.keys}>
        {!uncut && <SeamKey />}
        <span className="kv-small">{dotted ? `dotted: ${dotted.words}` : ''}</span>
        {!uncut && <LengthKey />}
      </div>
    </>
  )
} // prettier-ignore
