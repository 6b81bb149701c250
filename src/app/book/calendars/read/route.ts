import type { NextRequest } from 'next/server'
import { CalendarText, previewCalendar } from '@/service/calendar/busyTimes'
import { answeredInBody } from '../../../answeredInBody'

/** What a calendar file would keep; nothing is kept. */
export const POST = (request: NextRequest): Promise<Response> =>
  answeredInBody(request, 'book', CalendarText, previewCalendar)
