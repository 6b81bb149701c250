import { DogsAsked, dogsView } from '@/service/find/dogsView'
import { answeredInBody } from '../../answeredInBody'

/** More dogs, or those that a search finds. Asked by POST, so that no name or number stands in an address or a log. */
export const POST = (request: Request): Promise<Response> => answeredInBody(request, 'see', DogsAsked, dogsView)
