import { z } from 'zod'
import { WholeCard } from '../card'
import { DogFile } from '../dog'
import { Agreed } from '../household'
import { problemsOf, refuse, type Result } from '../result'
import { Day } from '../units'

export const DOG_TO_GO_FORMAT = 'kovit-dog/1'

/** So many cards and grooms go along at the most, the newest. From memory: four years of a groom a month. */
export const MOST_TO_GO = 48
/** The sheet that is printed lists so many. */
export const MOST_ON_SHEET = 8

/** One dog as it is handed to its next groomer: all that the trim needs, and nothing of the house but its name. */
export const DogToGo = z.strictObject({
  kovit: z.literal(DOG_TO_GO_FORMAT),
  /** Of this file: taken in twice, it is taken in once. */
  id: z.uuid(),
  from: z.string().max(120),
  made: Day,
  dog: DogFile,
  /** Cards from the oldest to the newest. */
  cards: z.array(z.strictObject({ on: Day, kind: z.enum(['cut', 'saved']), zones: WholeCard })).max(MOST_TO_GO),
  grooms: z
    .array(z.strictObject({ on: Day, service: z.string().max(80), minutes: z.number().nullable() }))
    .max(MOST_TO_GO),
  /** Only where the owner wants it, with what was agreed to there. */
  owner: z
    .strictObject({ name: z.string().min(1).max(80), phone: z.string().max(40).nullable(), agreed: Agreed })
    .nullable(),
})
export type DogToGo = z.infer<typeof DogToGo>

/** Reads a file as somebody brings it; what it cannot be is said by name. */
export function readDogToGo(text: string): Result<DogToGo> {
  let said: unknown
  try {
    said = JSON.parse(text)
  } catch {
    return refuse('file', 'This file is no JSON, or it is cut short.')
  }
  const format = typeof said === 'object' && said !== null ? (said as { kovit?: unknown }).kovit : undefined
  if (format !== DOG_TO_GO_FORMAT)
    return refuse(
      'kovit',
      typeof format === 'string' && format.startsWith('kovit-dog/')
        ? `This file is of a newer Kovit (${format.slice(0, 40)}): this one reads ${DOG_TO_GO_FORMAT}.`
        : 'This file is no dog of a Kovit.',
    )
  const read = DogToGo.safeParse(said)
  return read.success ? { ok: true, value: read.data } : { ok: false, problems: problemsOf(read.error) }
}

/** What is written of a card that was made elsewhere. */
export const cardFrom = ({ from }: Pick<DogToGo, 'from'>, { on, kind }: DogToGo['cards'][number]): string =>
  `${kind === 'cut' ? 'Cut' : 'Saved'} ${on} at ${from}`.slice(0, 200)

/** The notes of a dog that was taken over, with the grooms that it had before. */
export function notesFrom({ from, grooms, dog }: DogToGo, most: number): string {
  const lines = grooms.map(({ on, service, minutes }) =>
    [on, service, ...(minutes === null ? [] : [`${Math.round(minutes)} min`])].join(', '),
  )
  const told = lines.length === 0 ? '' : `Groomed at ${from}: ${lines.reverse().join('; ')}.`
  return [dog.more.notes, told]
    .filter((text) => text !== '')
    .join('\n')
    .slice(0, most)
}
