import type { NextRequest } from 'next/server'
import { watchVisit } from '@/service/visit/watchVisit'
import { letInTo } from '../../../letInTo'

export const dynamic = 'force-dynamic'

/** A sign of life, so that neither end takes a quiet line for a dead one. */
const ALIVE_MS = 20_000

interface Params {
  params: Promise<{ visitId: string }>
}

/** Server-sent events: says `news` whenever the log of a visit has grown. What is new is fetched by its number. */
export async function GET(request: NextRequest, { params }: Params): Promise<Response> {
  const admission = await letInTo(request, 'see')
  if ('refused' in admission) return admission.refused
  const visitId = Number((await params).visitId) || 0
  const encoder = new TextEncoder()
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const say = (words: string) => controller.enqueue(encoder.encode(words))
      const leave = watchVisit(visitId, () => say('event: news\ndata: \n\n'))
      const alive = setInterval(() => say(': alive\n\n'), ALIVE_MS)
      say('event: news\ndata: \n\n')
      request.signal.addEventListener('abort', () => {
        leave()
        clearInterval(alive)
        controller.close()
      })
    },
  })
  const headers = { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', 'X-Accel-Buffering': 'no' }
  return new Response(stream, { headers })
}
