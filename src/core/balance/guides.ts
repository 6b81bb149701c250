import { measuresOf } from '../build'
import type { Stature } from './clearance'

/** A line to hold the drawn dog against: upright at so many mm behind the breastbone, or level at so many above the floor. */
export interface Guide {
  upright: boolean
  atMm: number
  words: string
}

/** Withers, elbow and floor; the body's length in thirds, of which the neck should look like one. Source: common practice. */
export function guidesOf(dog: Stature): Guide[] {
  const { height, length, chestDepth } = measuresOf(dog.build, dog.heightCm, dog.lengthCm)
  const cm = (mm: number) => `${Math.round(mm / 10)} cm`
  return [
    { upright: false, atMm: height, words: `withers ${cm(height)}` },
    { upright: false, atMm: height - chestDepth, words: `elbow ${cm(height - chestDepth)}` },
    { upright: true, atMm: 0, words: 'breastbone' },
    { upright: true, atMm: length / 3, words: 'a third' },
    { upright: true, atMm: (2 * length) / 3, words: 'two thirds' },
    { upright: true, atMm: length, words: `length ${cm(length)}` },
  ]
}
