import type { NextRequest } from 'next/server'
import { ListAsked, lookBringIn } from '@/service/bring-in/bringIn'
import { answeredInBody } from '../../../answeredInBody'

/** What would be made of a list. */
export const POST = (request: NextRequest): Promise<Response> =>
  answeredInBody(request, 'lists', ListAsked, lookBringIn)
