import type { Result } from '@/core/result'

/** What the card's desk asks of the server. */
export type SaveCard = (input: unknown) => Promise<Result<{ version: number }>>
export type SavePattern = (input: unknown) => Promise<Result<null>>
