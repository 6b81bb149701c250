import { z } from 'zod'

/** Whether a dog still comes. Its file stays, whatever is said here; to any but the first nothing is sent. */
export const STANDINGS = {
  here: { label: 'Comes', says: 'comes to this house' },
  away: { label: 'Away for now', says: 'is away for now' },
  left: { label: 'Not coming back', says: 'is not coming back' },
  died: { label: 'Died', says: 'has died' },
} as const
export const Standing = z.enum(Object.keys(STANDINGS) as [keyof typeof STANDINGS])
export type Standing = z.infer<typeof Standing>

export const isHere = (standing: Standing): boolean => standing === 'here'
