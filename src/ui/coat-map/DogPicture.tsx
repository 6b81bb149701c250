'use client'

import { sideView, type FigureDog } from '@/core/figure'
import type { ZoneId } from '@/core/zones'
import { CoatMap } from './CoatMap'

interface PictureProps {
  label: string
  dog: FigureDog
  coatMm: Partial<Record<ZoneId, number>>
  shapes?: Partial<Record<ZoneId, string | null>>
  width: number
  height: number
}

/** A small coat map without callouts, for lists. It takes lengths, not paths, so that a page of dogs stays light. */
export function DogPicture({ label, dog, coatMm, shapes, width, height }: PictureProps) {
  const lengthMm = (zone: ZoneId) => coatMm[zone] ?? 0
  const view = sideView(dog, lengthMm, 'small', shapes ? { shapeOf: (zone) => shapes[zone] ?? null } : {})
  return (
    <CoatMap
      label={label}
      view={view}
      coat={dog.coat}
      lengthMm={lengthMm}
      callouts={[]}
      width={width}
      height={height}
    />
  )
}
