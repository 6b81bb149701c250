import type { CoatId } from '@/core/coat'
import type { SideView } from '@/core/figure'
import type { ZoneId } from '@/core/zones'
import { CoatMap } from './CoatMap'

interface PictureProps {
  label: string
  view: SideView
  coat: CoatId
  lengthMm: (zone: ZoneId) => number
  width: number
  height: number
}

/** A small coat map without callouts, for lists. */
export function DogPicture(props: PictureProps) {
  return <CoatMap {...props} callouts={[]} />
}
