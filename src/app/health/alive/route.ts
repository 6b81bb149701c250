export const dynamic = 'force-dynamic'

/** That the pages answer, whatever the database does: a server that is alive and not ready is waited for, not started anew. */
export const GET = (): Response => new Response('alive', { headers: { 'Cache-Control': 'no-store' } })
