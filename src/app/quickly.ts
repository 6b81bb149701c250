import type { IncomingMessage, ServerResponse } from 'node:http'
import { NextRequest } from 'next/server'
import { MOST_BODY_BYTES, SAFE_HEADERS } from '@/core/door'
import { refuse } from '@/core/result'
import { refusal } from './atTheDoor'
import { POST } from './visits/[visitId]/events/route'

/** The one address that many send to at the same moment, and that wants nothing of a page. */
const NOTES = /^\/visits\/(\d{1,9})\/events$/
/** An answer that is no page loads nothing. */
const HEADERS = { ...SAFE_HEADERS, 'Content-Security-Policy': "default-src 'none'; frame-ancestors 'none'" }

/**
 * Answers what a bench sends before the framework sees it, by the same function: of a note of 11 ms on the processor the
 * way through the framework took 7 (decision 0049). Whatever is in any way odd is left to the framework, which refuses it.
 * @returns whether the request was taken
 */
export function quickly(request: IncomingMessage, response: ServerResponse): boolean {
  const { method = '', url = '', headers } = request
  const visitId = NOTES.exec(url)?.[1]
  const length = Number(headers['content-length'])
  if (method !== 'POST' || visitId === undefined || !(length <= MOST_BODY_BYTES)) return false
  if (refusal(method, (name) => headers[name]?.toString() ?? null)) return false
  void answer(request, visitId).then(
    (given) => send(response, given),
    (error: unknown) => {
      // Cut off on its way: nobody waits for an answer, and the bench sends it again.
      if (!request.complete) return
      process.stderr.write(`⨯ A note was not kept: ${error instanceof Error ? error.stack : String(error)}\n`)
      return send(response, Response.json(refuse('body', 'This could not be kept.'), { status: 500 }))
    },
  )
  return true
}

async function answer(request: IncomingMessage, visitId: string): Promise<Response> {
  const parts: Uint8Array[] = []
  for await (const part of request) parts.push(part as Uint8Array)
  const headers = Object.entries(request.headers).map(([name, value]): [string, string] => [name, String(value)])
  const address = `http://${request.headers.host}${request.url}`
  const sent = new NextRequest(address, { method: 'POST', headers, body: Buffer.concat(parts) })
  return POST(sent, { params: Promise.resolve({ visitId }) })
}

async function send(response: ServerResponse, given: Response): Promise<void> {
  const body = Buffer.from(await given.arrayBuffer())
  response.writeHead(given.status, {
    ...HEADERS,
    ...Object.fromEntries(given.headers),
    'Content-Length': body.length,
  })
  response.end(body)
}
