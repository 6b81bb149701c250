import { refuse, type Result } from '@/core/result'
import { database } from './connection'

/** A picture as the bench makes it small is far below this, bytes. */
export const MOST_BYTES = 3_000_000

const isJpeg = (bytes: Uint8Array): boolean => bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff

/** Keeps a picture of a visit. Sent twice it is kept once; refused when it is no JPEG, too large, or of another visit. */
export async function keepPhoto(visitId: number, id: string, jpeg: Uint8Array, nowMs: number): Promise<Result<null>> {
  if (!isJpeg(jpeg)) return refuse('photo', 'A picture has to be a JPEG.')
  if (jpeg.length > MOST_BYTES) return refuse('photo', 'The picture is larger than 3 MB.')
  const { models } = database()
  if (!(await models.visit.findByPk(visitId))) return refuse('visitId', 'There is no such visit.')
  const there = await models.photo.findByPk(id, { attributes: ['visitId'] })
  if (there && there.visitId !== visitId) return refuse('photo', 'This picture is of another visit.')
  if (!there) await models.photo.create({ id, visitId, jpeg: Buffer.from(jpeg), receivedAt: new Date(nowMs) })
  return { ok: true, value: null }
}

export async function readPhoto(id: string): Promise<Uint8Array<ArrayBuffer> | null> {
  const row = await database().models.photo.findByPk(id)
  return row && new Uint8Array(row.jpeg)
}
