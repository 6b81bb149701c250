import sharp from 'sharp'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { addPhoto, isPhotoThere, readPhoto, type PictureOf } from '@/data/photos'
import { holdVisit } from '@/data/visits'

/** The longer side of a kept picture, px: enough to see a mat on a large screen. Common practice. */
const LONGEST_PX = 2000
/** A picture that says it is larger is not opened: its pixels are counted before they are made, px. */
const MOST_PIXELS = 50_000_000
const QUALITY = 85

/** Keeps a picture of a visit. Sent twice it is kept once; refused when it is no picture, or of another visit. */
export const keepPhoto = (visitId: number, id: string, sent: Uint8Array, nowMs: number): Promise<Result<null>> =>
  keepPicture({ visitId }, id, sent, nowMs, async () =>
    (await holdVisit(visitId)) ? null : refuse('visitId', 'There is no such visit.'),
  )

export const readPhotoOfVisit = (visitId: number, id: string) => readPhoto({ visitId }, id)

/**
 * Keeps a picture, drawn anew. Sent twice it is kept once.
 * @param barred why it may not be of this, asked in the same transaction
 */
export async function keepPicture(
  of: PictureOf,
  id: string,
  sent: Uint8Array,
  nowMs: number,
  barred: () => Promise<Result<null> | null>,
): Promise<Result<null>> {
  const jpeg = await drawnAnew(sent)
  if (!jpeg) return refuse('photo', 'This is no picture that can be read: send a JPEG.')
  return inTransaction(async () => {
    const why = await barred()
    if (why) return why
    const there = await isPhotoThere(of, id)
    if (there === 'of another') return refuse('photo', 'This picture is of something else.')
    if (there === null) await addPhoto(of, id, jpeg, nowMs)
    return { ok: true, value: null }
  })
}

const isJpeg = (bytes: Uint8Array): boolean => bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff

/** The picture and nothing else: where and with what it was taken stays behind, and whatever else was packed into the file. */
async function drawnAnew(sent: Uint8Array): Promise<Uint8Array | null> {
  if (!isJpeg(sent)) return null
  const upright = sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'error' }).rotate()
  const fitted = upright.resize({ width: LONGEST_PX, height: LONGEST_PX, fit: 'inside', withoutEnlargement: true })
  return fitted
    .jpeg({ quality: QUALITY })
    .toBuffer()
    .catch(() => null)
}
