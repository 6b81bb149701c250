import { expect, it } from 'vitest'
import { makePlan } from '../plan'
import { QUILL } from '../../../tests/cases'
import { EVENT_FORMAT, VISIT_FORMAT, readStoredCase, readStoredEvent, readStoredPlan } from '.'

const PLACE = { zone: 'back', side: null, shape: null, join: 'blend', why: '' }
/** As the first Kovit kept them: a comb's length that was changed by 1 mm on the bench, and scissors with a blade. */
const CHANGED = { ...PLACE, method: 'comb', blade: null, comb: '2', lay: 'with', lengthMm: 8.5 }
const BLADED = { ...PLACE, zone: 'skull', method: 'scissor', blade: '10', comb: null, lay: null, lengthMm: 20 }
const BY_HAND = { method: 'scissor', blade: null, comb: null, lay: null }

it('a case of format 1 is read with the cuts of its last card made honest', () => {
  const before = JSON.stringify({ ...QUILL, last: { date: '2027-01-19', card: [CHANGED, BLADED] } })
  expect(readStoredCase(before, 1).last?.card).toEqual([
    { ...CHANGED, ...BY_HAND },
    { ...BLADED, ...BY_HAND },
  ])
})
it('a plan of format 1 likewise, its referrals without a place', () => {
  const before = JSON.stringify({ ...makePlan(QUILL), card: [CHANGED], refer: [{ kind: 'limp', why: 'A limp.' }] })
  const { card, refer } = readStoredPlan(before, 1)
  expect(card).toEqual([{ ...CHANGED, ...BY_HAND }])
  expect(refer).toEqual([{ kind: 'limp', zone: null, why: 'A limp.' }])
})
it('an event of format 1 likewise; one without a cut stays as it was', () => {
  const base = { id: '00000000-0000-4000-8000-000000000001', atMs: 1_800_000_000_000, by: 'Wren' }
  const { shape: _, join: __, why: ___, ...cut } = CHANGED
  expect(readStoredEvent(JSON.stringify({ ...base, kind: 'zone-cut', cut }), 1)).toMatchObject({ cut: BY_HAND })
  expect(readStoredEvent(JSON.stringify({ ...base, kind: 'paused' }), 1)).toEqual({ ...base, kind: 'paused' })
})
it('what is stored now is read as it is, and what a newer Kovit stored is refused', () => {
  expect(readStoredCase(JSON.stringify(QUILL), VISIT_FORMAT)).toEqual(QUILL)
  expect(() => readStoredEvent('{}', EVENT_FORMAT + 1)).toThrow('stored by a newer Kovit')
})
