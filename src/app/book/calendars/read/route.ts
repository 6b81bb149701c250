import { CalendarText, previewCalendar } from '@/service/calendar/busyTimes'
import { openHouse } from '@/service/house/openHouse'
import { answeredInBody } from '../../../answeredInBody'

/** What a calendar file would keep; nothing is kept. */
export const POST = (request: Request): Promise<Response> =>
  answeredInBody(request, CalendarText, async (asked) => previewCalendar(asked, await openHouse()))
