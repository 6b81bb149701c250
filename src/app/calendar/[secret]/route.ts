import { calendarFeed } from '@/service/calendar/feed'
import { openHouse } from '@/service/house/openHouse'

export const dynamic = 'force-dynamic'

/** The days of a person or of the house for another calendar; the address is the key. */
export async function GET(_: Request, { params }: { params: Promise<{ secret: string }> }): Promise<Response> {
  const secret = (await params).secret.replace(/\.ics$/, '')
  const text = await calendarFeed(secret, await openHouse())
  if (text === null) return new Response('This address leads nowhere.', { status: 404 })
  return new Response(text, {
    headers: {
      'Content-Type': 'text/calendar; charset=utf-8',
      'Cache-Control': 'private, max-age=300',
      'X-Robots-Tag': 'noindex',
      'Referrer-Policy': 'no-referrer',
    },
  })
}
