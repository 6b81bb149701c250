import { notKept } from './kept'
import { keepPhoto, type BenchKey } from './store'

/** The longer edge of a kept picture, px, and how much of it the JPEG keeps. By eye. */
const LONGEST_PX = 1280
const QUALITY = 0.75

/** Makes a picture small enough to keep. @returns null when the file is no picture */
export const smallJpeg = (file: Blob, longestPx = LONGEST_PX): Promise<Blob | null> =>
  scaled(file, longestPx).catch(() => null)

async function scaled(file: Blob, longestPx: number): Promise<Blob | null> {
  const picture = await createImageBitmap(file)
  const scale = Math.min(1, longestPx / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(picture.width * scale)
  canvas.height = Math.round(picture.height * scale)
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return new Promise((done) => canvas.toBlob(done, 'image/jpeg', QUALITY))
}

/** Keeps a picture on this device until the server has it. @returns the id under which it will be found, or a sentence */
export async function takePhoto(bench: BenchKey, file: Blob): Promise<{ id: string } | { sentence: string }> {
  const id = crypto.randomUUID()
  const jpeg = await smallJpeg(file)
  if (jpeg === null) return { sentence: 'This file is no picture.' }
  try {
    await keepPhoto({ id, bench, jpeg, refused: null })
    return { id }
  } catch (error) {
    notKept(error)
    return { sentence: 'This device has no room for the picture: send what waits, then take it again.' }
  }
}
