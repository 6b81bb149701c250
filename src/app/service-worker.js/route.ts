import { readFile } from 'node:fs/promises'

export const dynamic = 'force-dynamic'

/** The service worker of this build; asked for anew each time, so that a new version is seen. */
export async function GET(): Promise<Response> {
  const script = await readFile('.next/service-worker.js', 'utf8').catch(() => null)
  if (script === null) return new Response('No service worker in this build.', { status: 404 })
  return new Response(script, { headers: { 'Content-Type': 'text/javascript', 'Cache-Control': 'no-cache' } })
}
