import { z } from 'zod'
import { cutWith, type Tool } from '../lengths'
import type { FaceStyle, ZoneKey } from '../zones'

export const PATTERNS = [
  'one-length',
  'clean-face-round',
  'show-puppy',
  'teddy',
  'round-cotton',
  'fusion-flare',
  'terrier-jacket',
  'schnauzer-pattern',
  'sporting-jacket',
  'silky-short',
  'long-drop',
  'parallel-racy',
  'utility-short',
  'long-natural',
  'winter-tidy',
  'bath-tidy',
] as const
export const PatternId = z.enum(PATTERNS)
export type PatternId = z.infer<typeof PatternId>

export const JOINS = ['blend', 'taper', 'line'] as const
export const Join = z.enum(JOINS)
export type Join = z.infer<typeof Join>

export const TailShape = z.enum(['plume', 'flag', 'carrot', 'pompon', 'oval', 'shaved', 'natural'])
export const FeetShape = z.enum(['clean', 'round', 'bevel', 'column', 'natural'])
export const EarsShape = z.enum(['leave', 'bob', 'tips', 'shaved', 'bell', 'tassel'])

/** Work of the hand that leaves a length of its own. */
export const HAND_METHODS = ['scissor', 'thin', 'strip', 'band'] as const
export type HandMethod = (typeof HAND_METHODS)[number]

/** What is wanted at a zone, before coat, kit and safety have their say. */
export type Want =
  | { by: 'tool'; tool: Tool }
  | { by: 'clipper'; lengthMm: number }
  | { by: HandMethod; lengthMm: number }
  | { by: 'leave' }

/** The length a wish comes to, mm; null when the zone is left. */
export function wantMm(want: Want): number | null {
  if (want.by === 'leave') return null
  return want.by === 'tool' ? (cutWith(want.tool, want.tool.lay ?? 'with')?.lengthMm ?? null) : want.lengthMm
}

/** One line of a pattern; a later line wins over an earlier one. */
export interface PatternLine {
  zones: readonly ZoneKey[]
  want: Want
  join: Join
  shape?: string
  why: string
}

export interface Pattern {
  label: string
  inWords: string
  face: FaceStyle
  lines: readonly PatternLine[]
  /** What a show asks for instead. */
  show?: readonly PatternLine[]
}

export const tool = (blade: Tool['blade'], lay: Tool['lay'] = 'with'): Want => ({ by: 'tool', tool: { blade, lay } })
export const comb = (name: Tool['comb']): Want => ({ by: 'tool', tool: { comb: name, blade: '30' } })
export const scissor = (lengthMm: number): Want => ({ by: 'scissor', lengthMm })
export const thin = (lengthMm: number): Want => ({ by: 'thin', lengthMm })
export const strip = (lengthMm: number): Want => ({ by: 'strip', lengthMm })
export const band = (lengthMm: number): Want => ({ by: 'band', lengthMm })
export const leave: Want = { by: 'leave' }

export const line = (
  zones: readonly ZoneKey[],
  want: Want,
  why: string,
  join: Join = 'blend',
  shape?: string,
): PatternLine => ({
  zones,
  want,
  why,
  join,
  ...(shape === undefined ? {} : { shape }),
})
