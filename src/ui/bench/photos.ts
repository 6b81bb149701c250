import type { Result } from '@/core/result'

/** The longer edge of a kept picture, px, and how much of it the JPEG keeps. By eye. */
const LONGEST_PX = 1280
const QUALITY = 0.75
const RETRY_MS = 5000

const keyOf = (visitId: number) => `kovit.photos.${visitId}`
const readKept = (visitId: number): Record<string, string> =>
  JSON.parse(localStorage.getItem(keyOf(visitId)) ?? '{}') as Record<string, string>

/** Makes a picture small enough to keep, as a data URL. @throws when the file is no picture */
async function smallJpeg(file: Blob): Promise<string> {
  const picture = await createImageBitmap(file)
  const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(picture.width * scale)
  canvas.height = Math.round(picture.height * scale)
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return canvas.toDataURL('image/jpeg', QUALITY)
}

/**
 * Keeps a picture on this device until the server has it, as the bench keeps its events.
 * @returns the id under which it will be found, or a sentence
 */
export async function takePhoto(visitId: number, file: Blob): Promise<{ id: string } | { sentence: string }> {
  const id = crypto.randomUUID()
  try {
    const small = await smallJpeg(file)
    localStorage.setItem(keyOf(visitId), JSON.stringify({ ...readKept(visitId), [id]: small }))
  } catch (error) {
    const full = error instanceof DOMException && error.name === 'QuotaExceededError'
    return {
      sentence: full
        ? 'This device is full: send the pictures that wait, then take it again.'
        : 'This file is no picture.',
    }
  }
  void sendPhotos(visitId)
  return { id }
}

/** A picture that this device still holds. */
export const heldPhoto = (visitId: number, id: string): string | undefined => readKept(visitId)[id]

/** The bytes of a data URL; the page may not fetch one. */
const bytesOf = (url: string): Blob =>
  new Blob([Uint8Array.from(atob(url.slice(url.indexOf(',') + 1)), (each) => each.charCodeAt(0))])

/** Pictures that the server will not have, and why. */
export interface Refused {
  ids: readonly string[]
  sentence: string
}

/** Sends what waits. What the server refuses stays on this device. @returns null when nothing was refused */
async function sendPhotos(visitId: number): Promise<Refused | null> {
  const refused = new Map<string, string>()
  for (const [id, small] of Object.entries(readKept(visitId))) {
    const answer = await put(visitId, id, small)
    if (answer === null) break
    if (answer.ok) letPhotosGo(visitId, [id])
    else refused.set(id, answer.problems.map(({ sentence }) => sentence).join(' '))
  }
  return refused.size === 0 ? null : { ids: [...refused.keys()], sentence: [...new Set(refused.values())].join(' ') }
}

/** The server's word on one picture; null without a network, or where the server is in trouble: it is tried again. */
async function put(visitId: number, id: string, small: string): Promise<Result<null> | null> {
  try {
    const answer = await fetch(`/visits/${visitId}/photos/${id}`, { method: 'PUT', body: bytesOf(small) })
    return answer.status >= 500 ? null : ((await answer.json()) as Result<null>)
  } catch (error) {
    if (error instanceof TypeError || error instanceof SyntaxError) return null
    throw error
  }
}

/** Takes pictures off this device: those that were sent, or given up. */
export function letPhotosGo(visitId: number, ids: readonly string[]): void {
  const kept = Object.entries(readKept(visitId)).filter(([id]) => !ids.includes(id))
  localStorage.setItem(keyOf(visitId), JSON.stringify(Object.fromEntries(kept)))
}

/** Goes on sending the pictures of a visit and says what the server refuses; returns how to stop. */
export function keepSending(visitId: number, onRefused: (refused: Refused | null) => void): () => void {
  const timer = setInterval(() => void sendPhotos(visitId).then(onRefused), RETRY_MS)
  return () => clearInterval(timer)
}
