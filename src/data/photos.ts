import { database } from './connection'

export async function addPhoto(visitId: number, id: string, jpeg: Uint8Array, nowMs: number): Promise<void> {
  await database().models.photo.create({ id, visitId, jpeg: Buffer.from(jpeg), receivedAt: new Date(nowMs) })
}

/** The visit that a picture is of; null when there is no such picture. */
export async function readPhotoVisit(id: string): Promise<number | null> {
  return (await database().models.photo.findByPk(id, { attributes: ['visitId'] }))?.visitId ?? null
}

export async function readPhoto(id: string): Promise<Uint8Array<ArrayBuffer> | null> {
  const row = await database().models.photo.findByPk(id)
  return row && new Uint8Array(row.jpeg)
}
