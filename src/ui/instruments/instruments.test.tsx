import { renderToStaticMarkup } from 'react-dom/server'
import { expect, it } from 'vitest'
import { NOTHING_HEARD, hear, type Heard } from '@/core/instruments'
import { SaidAtTable } from './AtTheTable'

const heardOf = (...lines: unknown[]): Heard =>
  lines.reduce<Heard>((heard, line) => hear(heard, JSON.stringify(line), 1000).heard, NOTHING_HEARD)
const shown = (heard: Heard, nowMs = 2000, isOver = false) =>
  renderToStaticMarkup(<SaidAtTable heard={heard} nowMs={nowMs} isOver={isOver} weigh={() => {}} isStandIn />)
const words = (html: string) =>
  html
    .replaceAll(/<!-- -->/g, '')
    .replaceAll(/<[^>]+>/g, ' ')
    .replaceAll(/\s+/g, ' ')
const SCALE = { from: 'scale', kg: 18.94, still: true }

it('where no device has spoken nothing is shown; a press of the pedal says nothing either', () => {
  expect(shown(NOTHING_HEARD)).toBe('')
  expect(shown(heardOf({ from: 'pedal', press: 1 }))).toBe('')
})
it('says that these are stand-ins, what can hurt before the rest', () => {
  const html = words(shown(heardOf(SCALE, { from: 'meter', levelDba: 95 })))
  expect(html).toContain('Stand-ins: noise meter 95 dB(A), protect your ears')
  expect(html).toContain('scale 18.9 kg')
  expect(html).toContain('noise meter 95 dB(A). Ears bear this for 48 min a day')
})
it('a weight is kept while it stands still and the groom goes on', () => {
  const keeps = (heard: Heard, isOver = false) => shown(heard, 2000, isOver).includes('as today’s weight')
  expect([keeps(heardOf(SCALE)), keeps(heardOf({ ...SCALE, still: false })), keeps(heardOf(SCALE), true)]).toEqual([
    true,
    false,
    false,
  ])
})
it('what a silent device said last is no longer told as if it were so', () => {
  const html = words(shown(heardOf({ from: 'cabinet', warmthC: 38, moisturePercent: 60 }), 31_000))
  expect(html).toContain('cabinet silent for 30 s')
  expect(html).not.toContain('38')
})
it('nonsense is counted, with why', () =>
  expect(words(shown(heardOf('%%', { from: 'kettle' })))).toContain(
    '2 lines of devices could not be read. No device of this name is known.',
  ))
