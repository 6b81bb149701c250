import { renderToStaticMarkup } from 'react-dom/server'
import { AppRouterContext } from 'next/dist/shared/lib/app-router-context.shared-runtime'
import { describe, expect, it } from 'vitest'
import type { WaitingLine } from '@/core/waiting'
import { NEW_VISIT } from '@/core/visit'
import { SlotAsk } from '../bench/SlotAsk'
import { CalendarsDesk } from './CalendarsDesk'
import { OutboxDesk, type OutboxView } from './OutboxDesk'
import { WaitingDesk, type WaitingView } from './WaitingDesk'

const act = async () => ({ ok: true as const, value: null as never })
const router = { push() {}, refresh() {}, replace() {}, prefetch() {}, back() {}, forward() {} }
const drawn = (page: React.ReactNode) =>
  renderToStaticMarkup(<AppRouterContext.Provider value={router as never}>{page}</AppRouterContext.Provider>)
const words = (html: string) =>
  html
    .replace(/<[^>]+>/g, ' ')
    .replace(/&#x27;/g, '’')
    .replace(/\s+/g, ' ')

describe('the waiting list', () => {
  const line = (rest: Partial<WaitingLine> = {}): WaitingLine => ({
    id: 1,
    dogId: 3,
    dog: 'Clover',
    from: '2027-03-01',
    to: '2027-03-20',
    dueOn: '2027-03-10',
    slotMin: 150,
    place: '4 Ropewalk',
    madeMs: 0,
    asked: true,
    note: 'any morning',
    breed: 'cavapoo',
    owner: 'Ilse Sedge',
    phone: '01632 960104',
    householdId: 2,
    ...rest,
  })
  const view = (rest: Partial<WaitingView> = {}): WaitingView => ({
    today: '2027-03-01',
    asked: [],
    due: [],
    dueInAll: 0,
    gaps: [],
    ...rest,
  })
  const page = (rest: Partial<WaitingView>) => drawn(<WaitingDesk view={view(rest)} add={act} off={act} />)
  it('of nobody says so, and how somebody gets on it', () => {
    const said = words(page({}))
    expect(said).toContain('0 would come earlier, 0 are due and not booked')
    expect(said).toContain('Nobody asked to come earlier.')
    expect(said).toContain('Put on the list')
  })
  it('parts who asked from who is due, each with a number to call', () => {
    const html = page({
      asked: [line()],
      due: [line({ id: 0, dogId: 4, dog: 'Rook', asked: false, note: '' })],
      dueInAll: 3,
    })
    expect(words(html)).toContain('1 would come earlier, 3 are due and not booked')
    expect(words(html)).toContain('1 March to 20 March: any morning. Ilse Sedge')
    expect(words(html)).toContain('due 10 March')
    expect(words(html)).toContain('2 more are due')
    expect(html).toContain('href="tel:01632960104"')
    expect(html.match(/Off the list/g)).toHaveLength(1)
  })
  it('says of a free stretch who fits it, and books there with one press', () => {
    const gap = {
      day: '2027-03-04',
      from: 540,
      to: 720,
      staffId: 7,
      groomer: 'Wren',
      fits: [{ waiting: line(), spareMin: 30, why: 'in its right week, leaves 30 min' }],
    }
    const html = page({ gaps: [gap] })
    expect(words(html)).toContain('Thu 4 March 09:00 to 12:00, Wren')
    expect(words(html)).toContain('Clover 150 min, in its right week, leaves 30 min')
    expect(html).toContain('href="/dogs/3?book=2027-03-04T09:00&amp;with=7"')
  })
})

describe('the outbox', () => {
  const message = (rest: object = {}): OutboxView['due'][number] => ({
    about: 'confirmation 1 2',
    kind: 'confirmation',
    dog: 'Clover',
    owner: 'Ilse Sedge',
    phone: '01632 960104',
    email: null,
    agreed: true,
    words: 'Clover is booked.',
    ...rest,
  })
  const usual = {
    kind: 'ready' as const,
    label: 'Ready',
    when: 'when it is',
    usual: '{dog} is ready.',
    words: '{dog} is ready.',
  }
  const page = (rest: Partial<OutboxView> = {}) =>
    drawn(
      <OutboxDesk
        view={{
          shown: 40,
          counts: { due: 0, later: 0, done: 0 },
          due: [],
          later: [],
          done: [],
          words: [{ ...usual, isOwn: false }],
          ...rest,
        }}
        acts={{ mark: act, takeBack: act, saveWords: act }}
      />,
    )
  it('says that it stands in for a service, and that nothing waits', () => {
    expect(words(page())).toContain('No message service is connected. This outbox stands in for one')
    expect(words(page())).toContain('0 to say now, 0 later')
  })
  it('opens the device’s own messages with the words, by text or by mail', () => {
    const html = page({ due: [message({ email: 'ilse@tern.example' })] })
    expect(html).toContain('href="sms:01632960104?body=Clover%20is%20booked."')
    expect(html).toContain('href="mailto:ilse@tern.example?subject=Clover&amp;body=Clover%20is%20booked."')
    expect(html).toContain('Mark as sent')
  })
  it.each([
    [false, 'Did not agree to messages. Nothing is sent: call'],
    [null, 'Was not asked about messages yet. Nothing is sent: call'],
  ])('writes to nobody who did not agree (%s), and gives the number', (agreed, said) => {
    const html = page({ due: [message({ agreed })] })
    expect(words(html)).toContain(said)
    expect(html).not.toContain('sms:')
    expect(html).not.toContain('Mark as sent')
    expect(html).toContain('href="tel:01632960104"')
    expect(html).toContain('They know it')
  })
  it('shows what comes later with its time, and what was said with who and how', () => {
    const said = words(
      page({
        later: [{ ...message({ kind: 'reminder', words: 'A word.' }), when: '3 Mar 09:00' }],
        done: [{ about: 'x', kind: 'moved', dog: 'Rook', words: '', way: 'sms', when: '1 Mar 10:00', saidBy: 'Wren' }],
      }),
    )
    expect(said).toContain('3 Mar 09:00 Reminder, Ilse Sedge for Clover : A word.')
    expect(said).toContain('1 Mar 10:00 Moved for Rook , by text message Wren')
    expect(said).toContain('Was not sent')
  })
  it('shows some, counts all, and leads to the others', () => {
    const counts = { due: 61, later: 40, done: 0 }
    const html = page({ counts, due: [message()], later: [{ ...message(), when: '3 Mar 09:00' }] })
    expect(words(html)).toContain('61 to say now, 40 later')
    expect(html).toContain('href="/book/outbox?shown=80"')
    expect(words(html)).toContain('60 more')
    expect(words(html)).toContain('39 more')
  })
  it('goes back to the usual words only where a house has its own', () => {
    expect(page()).not.toContain('Back to the usual words')
    expect(page({ words: [{ ...usual, isOwn: true }] })).toContain('Back to the usual words')
  })
})

describe('calendars', () => {
  const feeds = [
    { staffId: 0, label: 'Tern Harbour', secret: null },
    { staffId: 7, label: 'Wren', secret: 'a'.repeat(43) },
  ]
  const page = (busy: { id: number; who: string; why: string; when: string }[] = []) =>
    drawn(
      <CalendarsDesk
        view={{ feeds, busy, staff: [{ id: 7, name: 'Wren' }] }}
        acts={{ feed: act, keep: act, free: act }}
      />,
    )
  it('give an address to who has none, and another one or none to who has one', () => {
    const html = page()
    expect(html.match(/Give it an address/g)).toHaveLength(1)
    expect(html.match(/New address/g)).toHaveLength(1)
    expect(html.match(/Take it away/g)).toHaveLength(1)
    expect(html).toContain(`/calendar/${'a'.repeat(43)}.ics`)
    expect(words(html)).toContain('Give it to nobody else')
  })
  it('list busy times, each of which can be freed again', () => {
    expect(words(page())).toContain('None: everybody has all of their hours.')
    const said = words(page([{ id: 1, who: 'Wren', why: 'Dentist', when: '1 Dec 14:30 to 16:00' }]))
    expect(said).toContain('Wren Dentist 1 Dec 14:30 to 16:00 Free again')
  })
})

describe('a dog that begins off its time', () => {
  const BOOKED = Date.UTC(2027, 2, 4, 9)
  const MIN = 60_000
  const asked = (nowMs: number, visit: Partial<typeof NEW_VISIT> = {}) =>
    words(
      drawn(
        <SlotAsk
          dog="Clover"
          bookedMs={BOOKED}
          visit={{ ...NEW_VISIT, ...visit }}
          nowMs={nowMs}
          timeZone="UTC"
          add={() => {}}
        />,
      ),
    )
  it('is not asked about while it is near', () => expect(asked(BOOKED + 10 * MIN)).toBe(''))
  it('early or late on its day: its slot comes along, or stays', () => {
    expect(asked(BOOKED - 40 * MIN)).toContain('Clover is booked at 09:00 , 40 min from now.')
    expect(asked(BOOKED + 20 * MIN)).toContain('Clover is booked at 09:00 , 20 min ago.')
    expect(asked(BOOKED + 20 * MIN)).toContain('Bring the slot to 09:20 Leave it at 09:00')
  })
  it('on another day its slot comes along, or it is the wrong dog', () => {
    const said = asked(BOOKED - 3 * 24 * 60 * MIN)
    expect(said).toContain('Clover is booked on Thursday 4 March at 09:00 , 3 days from today.')
    expect(said).toContain('Bring the slot to 09:00 Wrong dog')
    expect(said).not.toContain('Leave it')
  })
  it('is asked about once: not when it was said, nor when it is finished', () => {
    expect(asked(BOOKED + 60 * MIN, { slotStartMs: BOOKED })).toBe('')
    expect(asked(BOOKED + 60 * MIN, { finishedMs: BOOKED + 50 * MIN })).toBe('')
  })
  it('by when it began, not by when somebody looks', () =>
    expect(asked(BOOKED + 120 * MIN, { startMs: BOOKED + 5 * MIN })).toBe(''))
})
