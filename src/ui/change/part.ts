import type { DogFile } from '@/core/dog'

/** What every part of the file is given. */
export interface PartProps {
  file: DogFile
  set: (change: Partial<DogFile>) => void
  faultOf: (path: string) => string | undefined
}
