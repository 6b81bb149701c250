import { ListAsked, lookBringIn } from '@/service/bring-in/bringIn'
import { answeredInBody } from '../../../answeredInBody'

/** What would be made of a list. */
export const POST = (request: Request): Promise<Response> => answeredInBody(request, 'lists', ListAsked, lookBringIn)
