import type { BuildId, Forelegs, Measures } from '../build'
import type { Build } from './builds'

/** What a view is drawn from. */
export interface Drawing {
  id: BuildId
  build: Build
  measures: Measures
  forelegs?: Forelegs | undefined
  stepMm: number
}
