import { NextResponse, type NextRequest } from 'next/server'
import { refusal } from '@/app/atTheDoor'
import { ASKED_PATH, contentPolicy, isActionText } from '@/core/door'
import { refuse } from '@/core/result'

/** Every request comes by here first: who may come in, and what its page may run. */
export async function proxy(request: NextRequest): Promise<NextResponse> {
  const { headers, method } = request
  const says = (name: string) => headers.get(name)
  const refused = refusal(method, says)
  if (refused) return notLetIn(refused.sentence, refused.status)
  if (says('next-action') && says('content-type')?.startsWith('text/plain') && !isActionText(await request.text()))
    return notLetIn('This could not be read: it is no form of a page of Kovit.', 400)
  const policy = contentPolicy(btoa(crypto.randomUUID()))
  const inside = new Headers(headers)
  // Next reads the number for its scripts from here.
  inside.set('Content-Security-Policy', policy)
  inside.set(ASKED_PATH, request.nextUrl.pathname + request.nextUrl.search)
  const response = NextResponse.next({ request: { headers: inside } })
  response.headers.set('Content-Security-Policy', policy)
  return response
}

const notLetIn = (sentence: string, status: number) =>
  NextResponse.json(refuse('request', sentence), { status, headers: { 'Cache-Control': 'no-store' } })

// Files of the build are the same for everybody and name no dog.
export const config = { matcher: '/((?!_next/static/).*)' }
