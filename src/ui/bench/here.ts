import type { VisitEvent } from '@/core/visit'
import type { Aside, KeptPhoto } from '../device/store'

/** What of a bench is on the device, as last read. */
export const NOTHING = {
  waiting: [] as VisitEvent[],
  aside: [] as Aside[],
  log: [] as VisitEvent[],
  loose: 0,
  photos: [] as KeptPhoto[],
}

export type Here = typeof NOTHING

/** With an event that was just noted, and without what it stands for. */
export const withOne = (here: Here, event: VisitEvent, asideGone: string | undefined, isLoose: boolean): Here => ({
  ...here,
  waiting: [...here.waiting.filter(({ id }) => id !== event.id), event],
  aside: here.aside.filter((each) => each.event.id !== asideGone),
  loose: here.loose + (isLoose ? 1 : 0),
})

/** Whether nothing has changed: no event more or less, and none at another time. */
export function isSame(before: Here, now: Here): boolean {
  const marks = ({ waiting, aside, log, loose, photos }: Here) =>
    [waiting.length, aside.length, log.length, loose, ...photos.map(({ id, refused }) => `${id} ${refused}`)].join() +
    waiting.reduce((sum, { atMs }) => sum + atMs, 0)
  return marks(before) === marks(now)
}
