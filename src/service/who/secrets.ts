import { createHash, randomBytes, randomInt } from 'node:crypto'
import { hash, verify } from '@node-rs/argon2'
import { ZxcvbnFactory } from '@zxcvbn-ts/core'
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common'

/** Argon2id, 19 MiB, two passes. Source: OWASP Password Storage Cheat Sheet. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 }

/** What is kept of a passphrase or a PIN. */
export const hashOf = (secret: string): Promise<string> => hash(secret, COST)

/** A hash of nothing that anybody knows: a name that is not in the house takes as long as one that is. */
let nobodys: Promise<string> | undefined

export async function isSecret(kept: string | null, secret: string): Promise<boolean> {
  const right = await verify(kept ?? (await (nobodys ??= hashOf(newToken()))), secret)
  return kept !== null && right
}

/** What a browser shows with each request: 256 bits of chance. */
export const newToken = (): string => randomBytes(32).toString('base64url')

/** What is kept of a token or a code: who reads the database cannot show it. */
export const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex')

const CODE_DIGITS = 8
/** A code that is read out or typed on a tablet without a keyboard. */
export const newCode = (): string => String(randomInt(10 ** CODE_DIGITS)).padStart(CODE_DIGITS, '0')

/** So many guesses are few. Source: OWASP ASVS 5, 6.2.4 asks for a list; this estimate knows one, and what is made from it. */
const FEWEST_GUESSES = 1e8
let guessing: ZxcvbnFactory | undefined

/** Whether a passphrase is among the first that would be tried: a common one, a row of keys, the names of this house. */
export function isCommon(passphrase: string, names: readonly string[]): boolean {
  guessing ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs })
  return guessing.check(passphrase, [...names]).guesses < FEWEST_GUESSES
}
