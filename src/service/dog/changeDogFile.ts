import { z } from 'zod'
import { measuresProblem } from '@/core/build'
import { DogFile, changeWords, changedFields } from '@/core/dog'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { changeDog, fileOf, holdDog, type Dog } from '@/data/dogs'
import { addFileChange, readFileChanges } from '@/data/fileChanges'
import type { HouseClock } from '@/core/clock'
import { stale } from '../stale'
import { Who } from './saveCard'

const id = z.number().int().positive()

export const FileAsked = z.strictObject({
  dogId: id,
  file: DogFile,
  by: Who,
  /** The file as it stood before the change; what somebody else made of it meanwhile is refused and said. */
  seen: DogFile,
})

/** Keeps a dog's file as it was changed, with who and when. Refused from a stale page, which is told what the other one changed. */
export function changeDogFile(
  { dogId, file, by, seen }: z.infer<typeof FileAsked>,
  nowMs: number,
): Promise<Result<{ version: number }>> {
  return inTransaction(async () => {
    const dog = await holdDog(dogId)
    if (!dog) return refuse('dogId', 'This dog is not in the book.')
    const meanwhile = changedFields(seen, fileOf(dog))
    if (Object.keys(meanwhile).length > 0) return stale(dog.name, changeWords(seen, meanwhile))
    const { build, heightCm, lengthCm, weightKg, measures } = file
    const problem = measuresProblem({ build, heightCm, lengthCm, weightKg, ...measures })
    if (problem) return refuse(`file.${problem.field}`, problem.sentence)
    return keepFile(dog, file, by, nowMs)
  })
}

/** Keeps what changed of a file whose row is held; what was said or measured is *usual* no more. */
export async function keepFile(
  dog: Dog,
  file: DogFile,
  by: string,
  nowMs: number,
): Promise<Result<{ version: number }>> {
  const was = fileOf(dog)
  const said = changedFields(was, file)
  const usual = file.more.usual.filter((key) => !(key === 'ears' ? 'measures' in said : key in said))
  const after = changedFields(was, { ...file, more: { ...file.more, usual } })
  if (Object.keys(after).length === 0) return { ok: true, value: { version: dog.version } }
  const before = Object.fromEntries(Object.keys(after).map((key) => [key, was[key as keyof DogFile]]))
  await changeDog(dog.id, after)
  await addFileChange({ kind: 'dog', id: dog.id }, { madeMs: nowMs, madeBy: by, before, after })
  return { ok: true, value: { version: dog.version + 1 } }
}

export const GoBackAsked = z.strictObject({ dogId: id, changeId: id, by: Who })

/** Goes back to what a change replaced; that is a change as well, so that nothing is lost. */
export function goBack(
  { dogId, changeId, by }: z.infer<typeof GoBackAsked>,
  nowMs: number,
): Promise<Result<{ version: number }>> {
  return inTransaction(async () => {
    const dog = await holdDog(dogId)
    const change = (await readFileChanges({ kind: 'dog', id: dogId })).find((each) => each.id === changeId)
    if (!dog || !change) return refuse('changeId', 'This change is not in the file.')
    const before = DogFile.partial().safeParse(change.before)
    if (!before.success) return refuse('changeId', 'What it was before cannot be read any more.')
    return keepFile(dog, { ...fileOf(dog), ...before.data } as DogFile, by, nowMs)
  })
}

/** The changes of a dog's file, the newest first, each in words. */
export async function dogChanges(dogId: number, time: HouseClock) {
  const part = DogFile.partial()
  return (await readFileChanges({ kind: 'dog', id: dogId })).map(({ id: changeId, madeMs, madeBy, before, after }) => {
    const [was, is] = [part.safeParse(before), part.safeParse(after)]
    const words =
      was.success && is.success ? changeWords(was.data as Partial<DogFile>, is.data as Partial<DogFile>) : []
    return { id: changeId, when: `${time.longDay(madeMs)}, ${time.clock(madeMs)}`, by: madeBy, words }
  })
}
