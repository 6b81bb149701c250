'use client'

import { useId, useSyncExternalStore } from 'react'
import { drawView, sideView, type FigureDog } from '@/core/figure'
import type { ZoneId } from '@/core/zones'
import { CoatMap } from './CoatMap'
import { Paper } from './Paper'

interface PictureProps {
  label: string
  dog: FigureDog
  coatMm: Partial<Record<ZoneId, number>>
  shapes?: Partial<Record<ZoneId, string | null>>
  width: number
  height: number
  bare?: boolean
  /** The head alone, from the front: where the whole dog is too small to be told from another. */
  head?: boolean
}

const never = () => () => {}
const useInBrowser = () =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  )

/**
 * A small coat map without callouts, for lists. It takes lengths, not paths, and is drawn in the browser: a page of
 * dogs leaves the server as bare paper.
 */
export function DogPicture(props: PictureProps) {
  const { label, width, height, bare = false } = props
  const id = useId().replace(/[^a-zA-Z0-9]/g, '')
  if (useInBrowser()) return <Drawn {...props} />
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={label}
      style={{ display: 'block', maxWidth: '100%', height: 'auto' }}
    >
      {!bare && <Paper id={id} width={width} height={height} />}
    </svg>
  )
}

function Drawn({ label, dog, coatMm, shapes, width, height, bare = false, head = false }: PictureProps) {
  const lengthMm = (zone: ZoneId) => coatMm[zone] ?? 0
  const cut = shapes ? { shapeOf: (zone: ZoneId) => shapes[zone] ?? null } : {}
  const view = head ? drawView('head-front', dog, lengthMm, cut) : sideView(dog, lengthMm, 'small', cut)
  return (
    <CoatMap
      label={label}
      view={view}
      coat={dog.coat}
      lengthMm={lengthMm}
      callouts={[]}
      width={width}
      height={height}
      bare={bare}
    />
  )
}
