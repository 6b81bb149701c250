import { StoryAsked, bookingStory } from '@/service/book/bookingStory'
import { openHouse } from '@/service/house/openHouse'
import { answeredInBody } from '../../answeredInBody'

/** What became of a booking. */
export const POST = (request: Request): Promise<Response> =>
  answeredInBody(request, StoryAsked, async (asked) => ({
    ok: true,
    value: await bookingStory(asked, await openHouse()),
  }))
