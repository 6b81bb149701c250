import { z } from 'zod'
import { LIMIT_DBA, allowedMin } from '../care'
import { problemsOf, refuse, type Result } from '../result'

/** Devices at the table that tell a bench something. */
export const INSTRUMENTS = {
  scale: 'scale',
  pedal: 'foot pedal',
  cabinet: 'cabinet',
  meter: 'noise meter',
} as const
export type InstrumentId = keyof typeof INSTRUMENTS

const figure = (what: string, low: number, high: number) =>
  z
    .number({ error: `${what} is no number.` })
    .min(low, { error: `${what} must be ${low} to ${high}.` })
    .max(high, { error: `${what} must be ${low} to ${high}.` })

/** A line that a device sends: kg, °C, % and dB(A). Bounds are what no dog, cabinet or blower can be beyond. */
export const Reading = z.discriminatedUnion(
  'from',
  [
    z.strictObject({ from: z.literal('scale'), kg: figure('The weight', 0.1, 120), still: z.boolean() }),
    /** Counted up with every press: a line that comes twice is one press. */
    z.strictObject({ from: z.literal('pedal'), press: z.int({ error: 'The press has no number.' }).min(1) }),
    z.strictObject({
      from: z.literal('cabinet'),
      warmthC: figure('The warmth', -20, 90),
      moisturePercent: figure('The moisture', 0, 100),
    }),
    z.strictObject({ from: z.literal('meter'), levelDba: figure('The noise', 20, 140) }),
  ],
  { error: 'No device of this name is known.' },
)
export type Reading = z.infer<typeof Reading>

const LONGEST_LINE = 400

/** Reads a line as it comes from a device; nonsense is refused with a sentence, and is never a fault. */
export function readReading(line: string): Result<Reading> {
  if (line.length > LONGEST_LINE) return refuse('line', 'The line is too long.')
  let said: unknown
  try {
    said = JSON.parse(line)
  } catch {
    return refuse('line', 'The line cannot be read.')
  }
  const read = Reading.safeParse(said)
  return read.success ? { ok: true, value: read.data } : { ok: false, problems: problemsOf(read.error) }
}

/** What was heard at a table so far. */
export interface Heard {
  last: Partial<Record<InstrumentId, { reading: Reading; atMs: number }>>
  /** The last line that could not be read, with why; and how many there were. */
  fault: string | null
  faults: number
}

export const NOTHING_HEARD: Heard = { last: {}, fault: null, faults: 0 }

/**
 * Hears one more line.
 * @returns what was heard, and whether it was a press of the pedal that was not there before
 */
export function hear(before: Heard, line: string, atMs: number): { heard: Heard; pressed: boolean } {
  const read = readReading(line)
  if (!read.ok) {
    const fault = read.problems.map(({ sentence }) => sentence).join(' ')
    return { heard: { ...before, fault, faults: before.faults + 1 }, pressed: false }
  }
  const reading = read.value
  const was = before.last[reading.from]?.reading
  const pressed = reading.from === 'pedal' && (was?.from !== 'pedal' || reading.press !== was.press)
  return { heard: { ...before, last: { ...before.last, [reading.from]: { reading, atMs } } }, pressed }
}

/** A device that tells something all the time and has said nothing for so long has lost its line. From memory. */
export const SILENT_MS = 15_000
const SPEAKS_ALWAYS: readonly InstrumentId[] = ['cabinet', 'meter']

export const isSilent = (id: InstrumentId, atMs: number, nowMs: number): boolean =>
  SPEAKS_ALWAYS.includes(id) && nowMs - atMs > SILENT_MS

/** A cabinet is warm and never hot. From memory; a dog that pants comes out at any warmth. */
export const TOO_WARM_C = 35

/** What a reading says to whoever stands at the table; a caution where it can hurt a dog or a person, whole and short. */
export function readingWords(reading: Reading): { words: string; caution: string | null; short: string | null } {
  const calm = (words: string) => ({ words, caution: null, short: null })
  switch (reading.from) {
    case 'scale':
      return calm(`${reading.kg.toFixed(1)} kg${reading.still ? '' : ', still moving'}`)
    case 'pedal':
      return calm('next step')
    case 'cabinet': {
      const words = `${Math.round(reading.warmthC)} °C, ${Math.round(reading.moisturePercent)} % moist`
      if (reading.warmthC <= TOO_WARM_C) return calm(words)
      const caution = `Over ${TOO_WARM_C} °C: open it and look at the dog now. One that pants or is restless comes out.`
      return { words, caution, short: 'look at the dog now' }
    }
    case 'meter': {
      const words = `${Math.round(reading.levelDba)} dB(A)`
      if (reading.levelDba <= LIMIT_DBA) return calm(words)
      const bear = minutesWords(allowedMin(reading.levelDba))
      return {
        words,
        caution: `Ears bear this for ${bear} a day: wear protection, and spare the dog’s.`,
        short: 'protect your ears',
      }
    }
  }
}

const minutesWords = (min: number): string =>
  min >= 60 ? `${Math.floor(min / 60)} h ${Math.round(min % 60)} min` : `${Math.max(1, Math.round(min))} min`

/** A line of a script: after how many seconds, and what is sent. */
export interface Cue {
  atS: number
  line: string
}

/** Reads a script of readings: a line each, seconds from the start and what is sent. */
export function readScript(text: string): Result<Cue[]> {
  const cues: Cue[] = []
  for (const [at, row] of text.split('\n').entries()) {
    if (row.trim() === '') continue
    const [, seconds, line] = /^\s*(\d+(?:\.\d+)?)\s+(.+?)\s*$/.exec(row) ?? []
    if (seconds === undefined || line === undefined)
      return refuse('script', `Line ${at + 1}: begin with the seconds, then what is sent.`)
    cues.push({ atS: Number(seconds), line })
  }
  return { ok: true, value: cues.sort((a, b) => a.atS - b.atS) }
}
