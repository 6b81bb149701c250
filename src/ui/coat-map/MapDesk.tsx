'use client'

import { useState, type ReactNode } from 'react'
import { guidesOf, type FigureDog, type ViewId } from '@/core/figure'
import type { ZoneId } from '@/core/zones'
import type { Callout } from './callouts'
import { FittedMap } from './FittedMap'
import { LengthKey, SeamKey } from './LengthKey'
import styles from './mapDesk.module.css'
import { useDrawn, type Layer } from './useDrawn'
import { ViewTabs } from './ViewTabs'
import { ZoomMap } from './ZoomMap'

interface MapDeskProps {
  /** What is drawn, for a screen reader and as the name of the file it is saved to. */
  label: string
  dog: FigureDog
  layer: Layer
  /** Another layer as a dotted line, and what it is. */
  dotted?: Layer & { words: string }
  /** The coat at its longest, where it is let grow: the dog keeps its place on the paper. */
  roomFor?: Layer
  /** Layers that may be asked for next: drawn while the hand rests. */
  soon?: readonly Layer[]
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
export function MapDesk({
  label,
  dog,
  layer,
  dotted,
  roomFor,
  soon,
  uncut = false,
  calloutsIn,
  picked,
  onPick,
  width,
  height,
  children,
}: MapDeskProps) {
  const [from, setFrom] = useState<ViewId>('side')
  const [guided, setGuided] = useState(false)
  const view = useDrawn(from, dog, layer, soon)
  const behind = useDrawn(from, dog, dotted ?? layer)
  const room = useDrawn(from, dog, roomFor ?? layer).box
  return (
    <>
      <ZoomMap name={label}>
        <FittedMap
          label={label}
          view={view}
          coat={dog.coat}
          lengthMm={layer.lengthAt}
          callouts={calloutsIn(from)}
          width={width}
          height={height}
          {...(layer.cut?.joinOf ? { joinOf: layer.cut.joinOf } : {})}
          {...(dotted ? { dotted: behind } : {})}
          {...(roomFor ? { room } : {})}
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
}
