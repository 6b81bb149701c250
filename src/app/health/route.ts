import { readHouse } from '@/data/house'

export const dynamic = 'force-dynamic'

/** Whether pages and database answer. */
export async function GET(): Promise<Response> {
  return (await readHouse()) ? new Response('ok') : new Response('no house', { status: 503 })
}
