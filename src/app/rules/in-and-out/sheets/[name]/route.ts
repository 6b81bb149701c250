import type { NextRequest } from 'next/server'
import { bookAsCalendar } from '@/service/calendar/feed'
import { SHEET_NAMES, spreadsheet } from '@/service/archive/spreadsheet'
import { letInTo } from '../../../../letInTo'

export const dynamic = 'force-dynamic'

/** A sheet for a spreadsheet program, or the book for a calendar. */
export async function GET(request: NextRequest, { params }: { params: Promise<{ name: string }> }): Promise<Response> {
  const admitted = await letInTo(request, 'out')
  if ('refused' in admitted) return admitted.refused
  const { name } = await params
  const sheet = SHEET_NAMES.find((each) => `${each}.csv` === name)
  if (sheet) return attached(name, 'text/csv; charset=utf-8; header=present', await spreadsheet(sheet))
  if (name === 'book.ics') return attached(name, 'text/calendar; charset=utf-8', await bookAsCalendar(admitted.house))
  return Response.json(
    { ok: false, problems: [{ path: 'name', sentence: 'There is no such sheet.' }] },
    { status: 404 },
  )
}

const attached = (name: string, type: string, text: string): Response =>
  new Response(text, {
    headers: {
      'Content-Type': type,
      'Content-Disposition': `attachment; filename="${name}"`,
      'Cache-Control': 'no-store',
    },
  })
