import { timesFor } from '@/service/book/timesFor'
import { TimesAsked } from '@/service/booking/bookVisit'
import { answeredInBody } from '../../answeredInBody'

/** The times that fit a dog. */
export const POST = (request: Request): Promise<Response> => answeredInBody(request, 'see', TimesAsked, timesFor)
