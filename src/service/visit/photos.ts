import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { addPhoto, readPhoto, readPhotoVisit } from '@/data/photos'
import { holdVisit } from '@/data/visits'

export { readPhoto }

/** A picture as the bench makes it small is far below this, bytes. */
export const MOST_BYTES = 3_000_000

const isJpeg = (bytes: Uint8Array): boolean => bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff

/** Keeps a picture of a visit. Sent twice it is kept once; refused when it is no JPEG, too large, or of another visit. */
export async function keepPhoto(visitId: number, id: string, jpeg: Uint8Array, nowMs: number): Promise<Result<null>> {
  if (!isJpeg(jpeg)) return refuse('photo', 'A picture has to be a JPEG.')
  if (jpeg.length > MOST_BYTES) return refuse('photo', 'The picture is larger than 3 MB.')
  return inTransaction(async () => {
    if (!(await holdVisit(visitId))) return refuse('visitId', 'There is no such visit.')
    const there = await readPhotoVisit(id)
    if (there !== null && there !== visitId) return refuse('photo', 'This picture is of another visit.')
    if (there === null) await addPhoto(visitId, id, jpeg, nowMs)
    return { ok: true, value: null }
  })
}
