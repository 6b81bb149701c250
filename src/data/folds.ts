import { FOLD_FORMAT } from '@/core/formats'
import { KeptFold } from '@/core/visit'
import { database } from './connection'

/** A kept fold and the number of the last event in it. */
export interface StoredFold {
  no: number
  kept: KeptFold
}

/** The kept folds of visits; one of another format, or one that cannot be read, is not there: the log is read instead. */
export async function readFolds(visitIds: readonly number[]): Promise<Map<number, StoredFold>> {
  if (visitIds.length === 0) return new Map()
  const rows = await database().models.visitFold.findAll({ where: { visitId: [...visitIds], format: FOLD_FORMAT } })
  return new Map(
    rows.flatMap(({ visitId, no, fold }) => {
      const kept = KeptFold.safeParse(JSON.parse(fold)).data
      return kept ? [[visitId, { no, kept }]] : []
    }),
  )
}

export async function keepFold(visitId: number, { no, kept }: StoredFold): Promise<void> {
  await database().models.visitFold.upsert({ visitId, no, format: FOLD_FORMAT, fold: JSON.stringify(kept) })
}
