import type { Act } from '../house/acts'
import type { Result } from '@/core/result'

/** What goes in and out of a house. */
export interface InAndOutActs {
  backUpNow: () => Promise<Result<null>>
  saveBackups: Act<{ version: number }>
  lookIntoArchive: Act<LookedInto>
  bringBack: Act<null>
}

export interface LookedInto {
  house: string
  made: string
  dogs: number
  visits: number
  photos: number
}

export interface ArchiveHere {
  name: string
  /** Made here, and not put into the folder by somebody. */
  own: boolean
  locked: boolean
  megabytes: number
  made: string
}

export interface Job {
  what: 'backup' | 'restore'
  /** 0 to 1. */
  share: number
  ended: { ok: boolean; words: string } | null
}

export interface InAndOutView {
  version: number
  demo: boolean
  folder: string
  /** What somebody chose; empty: the usual one. */
  ownFolder: string
  keep: number
  isLocked: boolean
  canRestore: boolean
  last: { words: string; isOld: boolean }
  archives: readonly ArchiveHere[]
  job: Job | null
}
