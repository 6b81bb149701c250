import { z } from 'zod'

/** Two numbers are one when they end alike: what stands before is a country or a long-distance figure. Source: from memory. */
const TAIL = 9
const FEWEST_FIGURES = 3
const MOST_FIGURES = 15

/**
 * A telephone number as it is called: figures, with a plus where a country is named.
 * @example numberToCall('(01144) 55-0173') // '01144550173'
 */
export function numberToCall(text: string): string {
  const figures = text.replace(/\D/g, '')
  if (text.trim().startsWith('+')) return `+${figures}`
  return figures.startsWith('00') ? `+${figures.slice(2)}` : figures
}

/** By what a number is known again, however it is written: its last nine figures, without a leading nought. */
export const numberTail = (text: string): string =>
  numberToCall(text).replace(/\D/g, '').slice(-TAIL).replace(/^0+/, '')

/** A telephone number as somebody says it; 3 to 15 figures. */
export const PhoneNumber = z
  .string()
  .trim()
  .max(40, { error: 'Keep the number to 40 characters.' })
  .regex(/^\+?[\d\s()./-]*$/, { error: 'A number has figures, spaces, brackets and dashes only.' })
  .refine(
    (text) => {
      const figures = text.replace(/\D/g, '').length
      return figures >= FEWEST_FIGURES && figures <= MOST_FIGURES
    },
    { error: `Give a number of ${FEWEST_FIGURES} to ${MOST_FIGURES} figures.` },
  )
