import type { NextRequest } from 'next/server'
import { timesFor } from '@/service/book/timesFor'
import { TimesAsked } from '@/service/booking/bookVisit'
import { answeredInBody } from '../../answeredInBody'

/** The times that fit a dog. */
export const POST = (request: NextRequest): Promise<Response> => answeredInBody(request, 'see', TimesAsked, timesFor)
