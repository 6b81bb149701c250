import type { Tool } from '../../lengths'
import type { PatternId } from '../../patterns'
import type { ZoneKey } from '../../zones'

/** What is to be done at some zones, as it was said; lengths in mm. */
export type Deed =
  | { do: 'length'; lengthMm: number }
  | { do: 'tool'; tool: Tool }
  | { do: 'keep' }
  | { do: 'shave' }
  | { do: 'change'; longer: boolean; much: Much; byMm: number | null }
  | { do: 'off'; byMm: number }
  | { do: 'clear'; clearMm: number }
  | { do: 'same' }
  | { do: 'shape'; shape: string }
  | { do: 'pattern'; pattern: PatternId }

export type Much = 'touch' | 'plain' | 'much'

/** One wish as the owner said it: the words, the zones, the deed. */
export interface Spoken {
  words: string
  zones: ZoneKey[]
  except: ZoneKey[]
  deed: Deed
}

/** Words that could not be taken in, with the question to ask back. */
export interface Unclear {
  words: string
  question: string
}

export type Token =
  | { is: 'zone'; keys: readonly ZoneKey[] }
  | { is: 'length'; lengthMm: number }
  | { is: 'tool'; tool: Tool }
  | { is: 'lay'; lay: 'with' | 'against' }
  | { is: 'keep' | 'shave' | 'off' | 'clear' | 'same' | 'except' | 'and' | 'break' | 'verb' | 'filler' | 'turning' }
  | { is: 'change'; longer: boolean }
  | { is: 'much'; much: Much }
  | { is: 'shape'; shape: string; zones: readonly ZoneKey[] }
  | { is: 'pattern'; pattern: PatternId }
  | { is: 'ask'; question: string }
  | { is: 'unknown' }

export type Said = Token & { words: string }
