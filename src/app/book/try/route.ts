import type { NextRequest } from 'next/server'
import { TryAsked, tryTime } from '@/service/book/tryTime'
import { answeredInBody } from '../../answeredInBody'

/** What a booking would be at another time, with somebody else: asked while it is carried. */
export const POST = (request: NextRequest): Promise<Response> => answeredInBody(request, 'book', TryAsked, tryTime)
