import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import { keepPhoto, readPhoto } from '@/service/visit/photos'
import { idIn } from '../../../../addresses'
import { letInTo } from '../../../../letInTo'
import { sentBytes } from '../../../../sentBody'

interface Params {
  params: Promise<{ visitId: string; photoId: string }>
}

const PhotoId = z.uuid()

/** The bench sends a picture here under the id it gave it, as often as it likes. */
export async function PUT(request: Request, { params }: Params): Promise<Response> {
  const admission = await letInTo(request, 'bench')
  if ('refused' in admission) return admission.refused
  const { visitId, photoId } = await params
  const id = PhotoId.safeParse(photoId)
  if (!id.success) return answer(refuse('photo', 'A picture needs an id of its own.'), 400)
  const jpeg = await sentBytes(request)
  if (!jpeg.ok) return answer(jpeg, 413)
  const kept = await keepPhoto(idIn(visitId), id.data, jpeg.value, Date.now())
  return answer(kept, kept.ok ? 200 : 400)
}

export async function GET(request: Request, { params }: Params): Promise<Response> {
  const admission = await letInTo(request, 'see')
  if ('refused' in admission) return admission.refused
  const { visitId, photoId } = await params
  const id = PhotoId.safeParse(photoId)
  const jpeg = id.success ? await readPhoto(idIn(visitId), id.data) : null
  if (!jpeg) return new Response('No such picture.', { status: 404 })
  return new Response(jpeg, { headers: { 'Content-Type': 'image/jpeg', 'Cache-Control': 'private, max-age=86400' } })
}

const answer = (result: Result<unknown>, status: number) => Response.json(result, { status })
