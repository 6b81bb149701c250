import type { NextRequest } from 'next/server'
import { DogsAsked, dogsView } from '@/service/find/dogsView'
import { answeredInBody } from '../../answeredInBody'

/** More dogs, or those that a search finds. Asked by POST, so that no name or number stands in an address or a log. */
export const POST = (request: NextRequest): Promise<Response> => answeredInBody(request, 'see', DogsAsked, dogsView)
