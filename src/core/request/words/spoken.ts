import type { HealthKind } from '../../health'
import type { Tool } from '../../lengths'
import type { PatternId, Season } from '../../patterns'
import type { Side, ZoneKey } from '../../zones'

/** What is to be done at some zones, as it was said; lengths in mm. */
export type Deed =
  | { do: 'length'; lengthMm: number }
  | { do: 'range'; fromMm: number; toMm: number }
  | { do: 'bound'; most: boolean; limitMm: number }
  | { do: 'tool'; tool: Tool }
  | { do: 'keep' }
  | { do: 'shave' }
  | { do: 'change'; longer: boolean; much: Much; byMm: number | null }
  | { do: 'off'; byMm: number }
  | { do: 'tidy' }
  | { do: 'shortest' }
  | { do: 'clear'; clearMm: number }
  | { do: 'same' }
  | { do: 'like'; of: ZoneKey[]; byMm: number; change: boolean | null }
  | { do: 'shape'; shape: string }
  | { do: 'pattern'; pattern: PatternId }
  | { do: 'season'; season: Season }
  | { do: 'purpose'; purpose: PurposeId }
  | { do: 'waited' }

export type Much = 'touch' | 'plain' | 'much'
export type PurposeId = 'see' | 'beard' | 'ears-behind' | 'grip' | 'hygiene' | 'wee' | 'ears-bowl' | 'friction'

/** Where words stand in the text: from and to, counted in characters. */
export interface Span {
  words: string
  from: number
  to: number
}

/** One wish as the owner said it: the words, the zones, the deed. */
export interface Spoken extends Span {
  zones: ZoneKey[]
  except: ZoneKey[]
  side: Side | null
  deed: Deed
  /** Nothing else is to be done. */
  only: boolean
  /** Words that were read for others: a slip of the hand. */
  read: string | null
}

export type Token =
  | { is: 'zone'; keys: readonly ZoneKey[] }
  | { is: 'side'; side: Side }
  | { is: 'length'; lengthMm: number }
  | { is: 'range'; fromMm: number; toMm: number }
  | { is: 'bound'; most: boolean }
  | { is: 'tool'; tool: Tool }
  | { is: 'lay'; lay: 'with' | 'against' }
  | { is: Plain }
  | { is: 'change'; longer: boolean }
  | { is: 'much'; much: Much }
  | { is: 'shape'; shape: string; zones: readonly ZoneKey[] }
  | { is: 'pattern'; pattern: PatternId }
  | { is: 'season'; season: Season }
  | { is: 'purpose'; purpose: PurposeId }
  | { is: 'ill'; health: HealthKind }
  | { is: 'temper'; grade: number }
  | { is: 'ask'; question: string; readings: readonly string[] }

/** Words that say only what they are. */
export type Plain =
  | 'keep'
  | 'shave'
  | 'trim'
  | 'tidy'
  | 'shortest'
  | 'off'
  | 'clear'
  | 'same'
  | 'like'
  | 'than'
  | 'waited'
  | 'not'
  | 'instead'
  | 'except'
  | 'only'
  | 'rest'
  | 'correct'
  | 'and'
  | 'break'
  | 'because'
  | 'verb'
  | 'it'
  | 'filler'
  | 'chat'
  | 'praise'
  | 'matted'
  | 'careful'
  | 'turning'
  | 'unknown'

/** A token with its words as typed, its place, and the word it was read for where the hand slipped. */
export type Said = Token & Span & { not: boolean; slip: string | null }

/** What the zones of a clause are, and what they are compared with. */
export interface Place {
  zones: readonly ZoneKey[]
  /** The zones behind "same as" or "than". */
  compared: readonly ZoneKey[]
}

export type Asked = { question: string; readings?: readonly string[] }

/** What acts come to, or the question to ask back; `own` are the zones that a deed brings along: a plume is a tail's. */
export type Read = { deeds: Deed[]; own?: readonly ZoneKey[] } | Asked
