import { TryAsked, tryTime } from '@/service/book/tryTime'
import { openHouse } from '@/service/house/openHouse'
import { answeredInBody } from '../../answeredInBody'

/** What a booking would be at another time, with somebody else: asked while it is carried. */
export const POST = (request: Request): Promise<Response> =>
  answeredInBody(request, TryAsked, async (asked) => tryTime(asked, await openHouse()))
