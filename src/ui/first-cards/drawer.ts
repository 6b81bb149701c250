import { z } from 'zod'
import type { Case } from '@/core/plan'
import type { FigureDog } from '@/core/figure'
import { Request } from '@/core/request'
import type { Result } from '@/core/result'
import type { DogOfCard } from '@/core/scribbles'
import type { LengthUnit } from '@/core/units'
import type { PaperActs } from '../papers/PaperCards'

export interface FirstCardView {
  start: Case
  dog: FigureDog & { name: string }
  unit: LengthUnit
  version: number
  /** Pictures of its paper cards. */
  papers: { id: string; when: string }[]
}

export interface FirstCardActs {
  find: (heads: unknown) => Promise<Result<DogOfCard[][]>>
  open: (dogId: unknown) => Promise<Result<FirstCardView>>
  save: (input: unknown) => Promise<Result<{ version: number }>>
  remark: (input: unknown) => Promise<Result<unknown>>
  putPaper: PaperActs['put']
}

/** What became of a card; until then it waits. */
export const Became = z.enum(['kept', 'passed over'])
export type Became = z.infer<typeof Became>

/** What a card says by now, with what was answered. */
export const Asked = Request.pick({ words: true, answers: true })
export type Asked = z.infer<typeof Asked>

/** What was typed, what was answered, and what became of its cards, as the device keeps it. */
export const Drawer = z.object({
  text: z.string(),
  asked: z.record(z.string(), Asked),
  became: z.record(z.string(), Became),
})
export type Drawer = z.infer<typeof Drawer>

export const EMPTY: Drawer = { text: '', asked: {}, became: {} }

/** A card is known by its place and what it says: changed, it is another one. */
export const keyOf = (at: number, { head, words }: { head: string; words: string }): string => `${at} ${head} ${words}`

/** The next card that waits, after this one or from the start. */
export function nextWaiting(keys: readonly string[], became: Drawer['became'], after: number): number | null {
  const order = [...keys.keys()].map((at) => (after + 1 + at) % keys.length)
  return order.find((at) => became[keys[at] as string] === undefined) ?? null
}
