import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import { MOST_BYTES, keepPhoto, readPhoto } from '@/service/visit/photos'
import { notWritten } from '../../../../sentFromHere'

interface Params {
  params: Promise<{ visitId: string; photoId: string }>
}

const PhotoId = z.uuid()

/** The bench sends a picture here under the id it gave it, as often as it likes. */
export async function PUT(request: Request, { params }: Params): Promise<Response> {
  const { visitId, photoId } = await params
  const id = PhotoId.safeParse(photoId)
  const refused = await notWritten(request)
  if (refused) return refused
  if (!id.success) return answer(refuse('photo', 'A picture needs an id of its own.'), 400)
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES)
    return answer(refuse('photo', 'The picture is larger than 3 MB.'), 413)
  const kept = await keepPhoto(Number(visitId) || 0, id.data, new Uint8Array(await request.arrayBuffer()), Date.now())
  return answer(kept, kept.ok ? 200 : 400)
}

export async function GET(_request: Request, { params }: Params): Promise<Response> {
  const id = PhotoId.safeParse((await params).photoId)
  const jpeg = id.success ? await readPhoto(id.data) : null
  if (!jpeg) return new Response('No such picture.', { status: 404 })
  return new Response(jpeg, { headers: { 'Content-Type': 'image/jpeg', 'Cache-Control': 'private, max-age=86400' } })
}

const answer = (result: Result<null>, status: number) => Response.json(result, { status })
