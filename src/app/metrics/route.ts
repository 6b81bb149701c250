import { timingSafeEqual, createHash } from 'node:crypto'
import { OUTSIDE } from '@/core/door'
import { figuresAsText } from '@/service/watch/figures'

export const dynamic = 'force-dynamic'

const hash = (text: string) => createHash('sha256').update(text).digest()

/** By its key where KOVIT_METRICS_KEY gives one; else on this machine alone. */
function mayAsk(headers: Headers): boolean {
  const key = process.env.KOVIT_METRICS_KEY
  if (!key) return !headers.has(OUTSIDE)
  return timingSafeEqual(hash(headers.get('authorization') ?? ''), hash(`Bearer ${key}`))
}

/** Figures of this process in the open text format. */
export async function GET({ headers }: Request): Promise<Response> {
  if (!mayAsk(headers)) return new Response('These figures want their key.', { status: 403 })
  const { text, type } = await figuresAsText()
  return new Response(text, { headers: { 'Content-Type': type, 'Cache-Control': 'no-store' } })
}
