import { database } from './connection'

export async function addPhoto(visitId: number, id: string, jpeg: Uint8Array, nowMs: number): Promise<void> {
  await database().models.photo.create({ id, visitId, jpeg: Buffer.from(jpeg), receivedAt: new Date(nowMs) })
}

/** The visit that a picture is of; null when there is no such picture. */
export async function readPhotoVisit(id: string): Promise<number | null> {
  return (await database().models.photo.findByPk(id, { attributes: ['visitId'] }))?.visitId ?? null
}

/** A picture of a visit; null where it is of another one, or none. */
export async function readPhoto(visitId: number, id: string): Promise<Uint8Array<ArrayBuffer> | null> {
  const row = await database().models.photo.findOne({ where: { id, visitId } })
  return row && new Uint8Array(row.jpeg)
}
