import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { houseClock } from '@/core/clock'
import { DayDown } from './DayDown'
import type { DayRow } from './dayRow'

const NINE = Date.UTC(2027, 2, 2, 9)
const HOUR = 3_600_000
const row = (name: string, fromHour: number, hours: number, rest: Partial<DayRow> = {}): DayRow => ({
  bookingId: fromHour * 10 + hours,
  visitId: null,
  dogId: 1,
  name,
  kind: 'Havanese',
  figure: { dog: { coat: 'drop', build: 'toy' } as DayRow['figure']['dog'], coatMm: {}, shapes: {} },
  groomer: 'Wren',
  startMs: NINE + fromHour * HOUR,
  endMs: NINE + (fromHour + hours) * HOUR,
  slotMin: hours * 60,
  segments: [],
  forecast: null,
  state: 'to come',
  standing: 'holds',
  words: '11:40 to 11:52',
  below: 'holds, 90 %',
  href: '/bookings/7/plan',
  wait: null,
  chance: 0.9,
  ...rest,
})
const drawn = (rows: DayRow[], nowMs: number | null = null) =>
  renderToStaticMarkup(<DayDown rows={rows} time={houseClock('Europe/London')} nowMs={nowMs} />)
const boxes = (html: string) =>
  [...html.matchAll(/<li[^>]*style="top:([\d.]+)(?:px)?;height:([\d.]+)px;left:calc\(([\d.]+)%/g)].map((found) =>
    found.slice(1).map(Number),
  )

describe('the day on a phone', () => {
  it('lays dogs down the clock, one that overlaps beside the other, and the next below them', () => {
    const [first = [], beside = [], below = []] = boxes(
      drawn([row('Mochi', 0, 2), row('Quill', 1, 2), row('Nettle', 3, 1)]),
    )
    expect(first[2]).toBe(0)
    expect(beside[2]).toBe(50)
    expect(below[2]).toBe(0)
    expect(beside[0]).toBeGreaterThan(first[0] ?? 0)
    expect(below[0]).toBeGreaterThanOrEqual((first[0] ?? 0) + (first[1] ?? 0))
  })
  it('gives the shortest dog room for its name and state, and says both to a screen reader with the way on', () => {
    const html = drawn([row('Mochi', 0, 0.75)])
    expect(boxes(html)[0]?.[1]).toBeGreaterThan(60)
    expect(html).toContain('aria-label="Mochi, Havanese, 11:40 to 11:52, holds, 90 %. Open the plan"')
  })
  it('has no hour under the flag of now, at whatever minute', () => {
    for (let minute = 0; minute < 60; minute++) {
      const html = drawn([row('Mochi', 0, 4)], NINE + HOUR + minute * 60_000)
      const [, flag] = /<rect x="0" y="([\d.-]+)" width="52" height="20"/.exec(html)?.map(Number) ?? []
      const hours = [...html.matchAll(/<text x="23" y="([\d.-]+)"/g)].map(([, line]) => Number(line))
      expect(hours.length).toBeGreaterThanOrEqual(3)
      // Figures of 13 px stand above their line.
      const under = hours.filter((line) => line > (flag ?? NaN) && line - 10 < (flag ?? NaN) + 20)
      expect([minute, flag !== undefined, under]).toEqual([minute, true, []])
    }
  })
  it('has now as its line, and no line on another day', () => {
    expect(drawn([row('Mochi', 0, 2)], NINE + 1.5 * HOUR)).toContain('10:30')
    expect(drawn([row('Mochi', 0, 2)])).not.toContain('nowDown')
  })
})
