import { database } from './connection'

/** What a picture shows: something of a visit, or a paper card of a dog. */
export type PictureOf = { visitId: number } | { dogId: number }

export async function addPhoto(of: PictureOf, id: string, jpeg: Uint8Array, nowMs: number): Promise<void> {
  const nothing = { visitId: null, dogId: null, goneAt: null }
  await database().models.photo.create({ ...nothing, ...of, id, jpeg: Buffer.from(jpeg), receivedAt: new Date(nowMs) })
}

/** Whether there is such a picture, and whether it is of this. */
export async function isPhotoThere(of: PictureOf, id: string): Promise<'of this' | 'of another' | null> {
  const row = await database().models.photo.findByPk(id, { attributes: ['visitId', 'dogId'] })
  if (!row) return null
  const isOfThis = 'visitId' in of ? row.visitId === of.visitId : row.dogId === of.dogId
  return isOfThis ? 'of this' : 'of another'
}

/** A picture of this; null where it is of something else, or none. */
export async function readPhoto(of: PictureOf, id: string): Promise<Uint8Array<ArrayBuffer> | null> {
  const row = await database().models.photo.findOne({ where: { id, ...of } })
  return row && new Uint8Array(row.jpeg)
}

/** Paper cards of a dog that were not taken away, the newest first. */
export async function readPapers(dogId: number): Promise<{ id: string; keptMs: number }[]> {
  const rows = await database().models.photo.findAll({
    where: { dogId, goneAt: null },
    attributes: ['id', 'receivedAt'],
    order: [['receivedAt', 'DESC']],
  })
  return rows.map(({ id, receivedAt }) => ({ id, keptMs: receivedAt.getTime() }))
}

/** @param goneMs null puts it back */
export async function setPaperGone(dogId: number, id: string, goneMs: number | null): Promise<void> {
  const goneAt = goneMs === null ? null : new Date(goneMs)
  await database().models.photo.update({ goneAt }, { where: { id, dogId } })
}
