import { QueryTypes } from 'sequelize'
import { FOLD_FORMAT } from '@/core/formats'
import { KeptFold } from '@/core/visit'
import { database } from './connection'

/** A kept fold and the number of the last event in it. */
export interface StoredFold {
  no: number
  kept: KeptFold
}

/** The kept fold of a visit with the number of the last event that it knows, and the number of the last there is. */
export async function readFoldAndLast(visitId: number): Promise<{ stored: StoredFold | null; last: number }> {
  const [row] = await database().sequelize.query<{ last: number | null; no: number | null; fold: string | null }>(
    `SELECT (SELECT MAX(no) FROM visit_events WHERE visit_id = :visitId) AS last, kept.no, kept.fold
     FROM (SELECT 1) AS one LEFT JOIN visit_folds AS kept ON kept.visit_id = :visitId AND kept.format = :format`,
    { type: QueryTypes.SELECT, replacements: { visitId, format: FOLD_FORMAT } },
  )
  const kept = row?.fold ? KeptFold.safeParse(JSON.parse(row.fold)).data : undefined
  return { last: Number(row?.last ?? 0), stored: kept ? { no: Number(row?.no), kept } : null }
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
