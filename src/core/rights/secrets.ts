import { z } from 'zod'

/** Of what can be typed in at all, so that nothing endless is hashed. Length rather than rules. Source: OWASP ASVS 5, 6.2.1 and 6.2.9. */
const SHORTEST = 12
const LONGEST = 200

/** A passphrase that is chosen; the same letters in another encoding are the same passphrase. */
export const NewPassphrase = z
  .string({ error: 'Choose a passphrase.' })
  .normalize('NFKC')
  .min(SHORTEST, { error: `Choose at least ${SHORTEST} characters: four or five words are easy to keep.` })
  .max(LONGEST, { error: `Keep it to ${LONGEST} characters.` })

/** A passphrase that is typed to sign in. */
export const Passphrase = z
  .string({ error: 'Type your passphrase.' })
  .normalize('NFKC')
  .min(1, { error: 'Type your passphrase.' })
  .max(LONGEST, { error: `Keep it to ${LONGEST} characters.` })

/** One's own name, as the house knows it. */
export const OwnName = z
  .string({ error: 'Give your name.' })
  .trim()
  .min(1, { error: 'Give your name.' })
  .max(60, { error: 'Keep the name to 60 characters.' })

const FOUR = /^\d{4}$/
export const Pin = z.string({ error: 'Give four figures.' }).regex(FOUR, { error: 'Give four figures.' })
export const NewPin = Pin.refine((pin) => !isPlain(pin), {
  error: 'That one is tried first. Choose four figures that are not all alike and not in a row.',
})

/** All alike, a row up or down, or a pair twice. */
function isPlain(pin: string): boolean {
  const steps = [...pin].slice(1).map((figure, at) => Number(figure) - Number(pin[at]))
  return new Set(steps).size === 1 && Math.abs(steps[0] ?? 0) <= 1 ? true : pin.slice(0, 2) === pin.slice(2)
}

/** How long who is at the table may rest before they are asked again, min. Source: common practice. */
export const USUAL_REST_MIN = 60
export const RestMin = z
  .number({ error: 'Give the rest in minutes.' })
  .int({ error: 'Give the rest in whole minutes.' })
  .min(2, { error: 'A rest is 2 to 600 minutes.' })
  .max(600, { error: 'A rest is 2 to 600 minutes.' })

/**
 * How long the answer to a wrong secret is held back, ms: nothing for the first two, half a second for the third, and twice
 * as long each time up to eight seconds. Source: chosen from memory of common practice.
 * @param wrong how many were wrong, this one among them
 */
export const heldBackMs = (wrong: number): number => (wrong < 3 ? 0 : Math.min(8_000, 500 * 2 ** (wrong - 3)))

/** So many wrong ones lock a PIN; a passphrase, or the owner of the house, opens it. */
export const LOCKED_AT = 10
