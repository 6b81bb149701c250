/** 1 inch = 25.4 mm exactly. Source: international inch, 1959 (NIST Handbook 44). */
export const MM_PER_INCH = 25.4

export const inchFromMm = (lengthMm: number): number => lengthMm / MM_PER_INCH
export const mmFromInch = (inches: number): number => inches * MM_PER_INCH

export type LengthUnit = 'mm' | 'inch'

/** Groomers write inches in sixteenths: 3/8, 7/16, 1 1/2. */
const SIXTEENTHS = 16

/**
 * A length in inches as a groomer writes it, to the nearest sixteenth.
 * @example inchFraction(9.5) // '3/8', inchFraction(38.1) // '1 1/2'
 */
export function inchFraction(lengthMm: number): string {
  const parts = Math.round(inchFromMm(lengthMm) * SIXTEENTHS)
  const whole = Math.floor(parts / SIXTEENTHS)
  const rest = parts % SIXTEENTHS
  if (rest === 0) return String(whole)
  const divisor = greatestCommonDivisor(rest, SIXTEENTHS)
  const fraction = `${rest / divisor}/${SIXTEENTHS / divisor}`
  return whole === 0 ? fraction : `${whole} ${fraction}`
}

/**
 * Reads inches as groomers write them: `3/8`, `1 1/2`, `0.5`, with or without `in` or `"`.
 * @returns mm, or null when it is not a length in inches
 */
export function mmFromInchFraction(words: string): number | null {
  const match = /^(?:(\d+(?:\.\d+)?)(?:\s+|$))?(?:(\d+)\/([1-9]\d*))?$/.exec(
    words.trim().replace(/\s*(?:in|inch|inches|")$/, ''),
  )
  if (!match || (match[1] === undefined && match[2] === undefined)) return null
  const whole = Number(match[1] ?? 0)
  const fraction = match[2] === undefined ? 0 : Number(match[2]) / Number(match[3])
  return mmFromInch(whole + fraction)
}

/** Figures a length is shown with: `9.5`, `13`, `0.25`; never more than the tool's own table tells. */
export function figureMm(lengthMm: number): string {
  if (lengthMm >= 20) return String(Math.round(lengthMm))
  return String(Number(lengthMm.toFixed(lengthMm < 1 ? 2 : 1)))
}

/** A length with its unit in the house's choice. */
export function showLength(lengthMm: number, unit: LengthUnit): string {
  return unit === 'mm' ? `${figureMm(lengthMm)} mm` : `${inchFraction(lengthMm)} in`
}

function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b)
}

/** One mark of the rule held at the skin: a millimetre, or a sixteenth of an inch. */
export const ruleStepMm = (unit: LengthUnit): number => (unit === 'mm' ? 1 : MM_PER_INCH / 16)
