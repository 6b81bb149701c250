/// <reference lib="webworker" />
import { ExpirationPlugin, NetworkFirst, Serwist, type PrecacheEntry } from 'serwist'

declare const self: ServiceWorkerGlobalScope
/** Every file of this build: scripts, styles, fonts. Filled in when the app is built. */
declare const KOVIT_FILES: PrecacheEntry[]

const PAGES = 'kovit-pages'
/** A page that is not asked for this long, s, or beyond this many, is let go; what people noted is not kept here. */
const PAGE_LIFE_S = 3 * 24 * 3600
const MOST_PAGES = 400
/** After this long without an answer the kept page is shown, s. */
const PATIENCE_S = 10
/** A page that was fetched this short a time ago is young enough, ms. */
const YOUNG_MS = 5 * 60_000

/** A server that is being started again answers with a fault: the page that is kept is better then. */
const onlyGood = {
  fetchDidSucceed: async ({ response }: { response: Response }) => {
    if (response.status >= 500) throw new Error('The server is in trouble.')
    return response
  },
  // Who is led on to sign in has not seen the page: the one that is kept stays.
  cacheWillUpdate: async ({ response }: { response: Response }) =>
    response.status === 200 && !response.redirected ? response : null,
}
const pages = new NetworkFirst({
  cacheName: PAGES,
  networkTimeoutSeconds: PATIENCE_S,
  plugins: [onlyGood, new ExpirationPlugin({ maxEntries: MOST_PAGES, maxAgeSeconds: PAGE_LIFE_S })],
})

const serwist = new Serwist({
  precacheEntries: KOVIT_FILES,
  clientsClaim: true,
  // A new version waits until no groom is under way; the page says when.
  skipWaiting: false,
  runtimeCaching: [{ matcher: ({ request }) => request.mode === 'navigate', handler: pages }],
})
serwist.setCatchHandler(async ({ request }) => {
  const isPage = request instanceof Request && request.mode === 'navigate'
  return isPage ? notKept() : Response.error()
})
serwist.addEventListeners()

/** What stands where a page is not on this device; it goes on by itself. */
function notKept(): Response {
  const html = `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<meta http-equiv="refresh" content="3"><title>Kovit</title>
<body style="font:18px/1.5 system-ui;background:#f6f1e4;color:#2a261e;margin:15vh auto;max-width:34em;padding:0 1em">
<h1 style="font-size:1.4em">This page is not on this device</h1>
<p>There is no network, or Kovit is starting again. What you noted is kept here, and this page opens by itself.</p>
<p><a href="/" style="color:inherit">Day</a> and the dogs of today and tomorrow open without a network.</p></body></html>`
  return new Response(html, { status: 503, headers: { 'Content-Type': 'text/html; charset=utf-8' } })
}

/** Fetches pages for later, one after another, so that nobody waits for them. */
async function warm(urls: readonly string[]): Promise<void> {
  const cache = await caches.open(PAGES)
  for (const url of urls) {
    const there = await cache.match(url)
    const ageMs = Date.now() - Date.parse(there?.headers.get('date') ?? '1970-01-01')
    if (ageMs < YOUNG_MS) continue
    const response = await fetch(url, { headers: { Accept: 'text/html' } }).catch(() => null)
    if (response === null || response.status >= 500) return
    if (response.ok && !response.redirected) await cache.put(url, response)
  }
}

self.addEventListener('message', (event: ExtendableMessageEvent) => {
  const { type, urls } = event.data as { type?: string; urls?: unknown }
  if (type === 'WARM' && Array.isArray(urls)) event.waitUntil(warm(urls.map(String)))
})
