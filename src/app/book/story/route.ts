import type { NextRequest } from 'next/server'
import { StoryAsked, bookingStory } from '@/service/book/bookingStory'
import { answeredInBody } from '../../answeredInBody'

/** What became of a booking. */
export const POST = (request: NextRequest): Promise<Response> =>
  answeredInBody(request, 'see', StoryAsked, async (asked, house) => ({
    ok: true,
    value: await bookingStory(asked, house),
  }))
