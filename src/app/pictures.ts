import type { NextRequest } from 'next/server'
import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import type { Right } from '@/core/rights'
import { letInTo } from './letInTo'
import { sentBytes } from './sentBody'

const PictureId = z.uuid()

/** Keeps a picture that is sent under an id of its sender's, as often as it likes. */
export async function takePicture(
  request: NextRequest,
  right: Right,
  sentId: string,
  keep: (id: string, sent: Uint8Array) => Promise<Result<null>>,
): Promise<Response> {
  const admission = await letInTo(request, right)
  if ('refused' in admission) return admission.refused
  const id = PictureId.safeParse(sentId)
  if (!id.success) return answer(refuse('photo', 'A picture needs an id of its own.'), 400)
  const jpeg = await sentBytes(request)
  if (!jpeg.ok) return answer(jpeg, 413)
  const kept = await keep(id.data, jpeg.value)
  return answer(kept, kept.ok ? 200 : 400)
}

/** Shows a picture to whoever may see the house. */
export async function showPicture(
  request: NextRequest,
  sentId: string,
  read: (id: string) => Promise<Uint8Array<ArrayBuffer> | null>,
): Promise<Response> {
  const admission = await letInTo(request, 'see')
  if ('refused' in admission) return admission.refused
  const id = PictureId.safeParse(sentId)
  const jpeg = id.success ? await read(id.data) : null
  if (!jpeg) return new Response('No such picture.', { status: 404 })
  return new Response(jpeg, { headers: { 'Content-Type': 'image/jpeg', 'Cache-Control': 'private, max-age=86400' } })
}

const answer = (result: Result<unknown>, status: number) => Response.json(result, { status })
