import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { VisitEvent } from '@/core/visit'
import { KeptAside } from './KeptAside'
import { eventWords } from '../log/eventWords'

const event = (rest: object): VisitEvent =>
  VisitEvent.parse({ id: '00000000-0000-4000-8000-000000000001', atMs: 1_800_000_000_000, by: 'Wren', ...rest })
const cut = { zone: 'ear-edge', side: 'left', method: 'scissor', blade: null, comb: null, lay: null, lengthMm: 22 }
const words = (html: string) => html.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' ')
const shown = (...events: VisitEvent[]) => shownWhen(false, ...events)
const shownWhen = (closed: boolean, ...events: VisitEvent[]) =>
  words(
    renderToStaticMarkup(
      <KeptAside
        aside={events.map((each) => ({ event: each, why: 'This visit was wrapped up on another screen.' }))}
        closed={closed}
        add={() => {}}
        letGo={() => {}}
      />,
    ),
  )

describe('what the books did not take', () => {
  it('is nothing to see while all was taken', () => expect(shown()).toBe(''))
  it('is counted, said in words with why, and can be sent as a note or let go', () => {
    const told = shown(event({ kind: 'zone-cut', cut }))
    expect(told).toContain('Kept aside: 1. Not in the books, still on this device.')
    expect(told).toContain('Ear fringe, left cut: scissors, 22 mm. This visit was wrapped up on another screen.')
    expect(told).toMatch(/Send as a note.*Let it go/)
  })
  it('after the close a cut can be sent as an amendment, and anything as a late note', () => {
    expect(shownWhen(true, event({ kind: 'zone-cut', cut }))).toMatch(/Send as an amendment.*Send as a late note/)
    const note = shownWhen(true, event({ kind: 'note', words: 'dewclaw is tender', stage: null }))
    expect(note).toContain('Note: dewclaw is tender.')
    expect(note).not.toContain('amendment')
  })
})

it.each([
  [{ kind: 'stage-started', stage: 'wash' }, 'Started wash'],
  [{ kind: 'wait-ended', stage: 'dry' }, 'Wait ended at dry'],
  [{ kind: 'measured', zone: 'back', lengthMm: 9.5 }, 'Back measured: 9.5 mm'],
  [{ kind: 'matted', zone: 'armpit', grade: 2 }, 'Armpit, mats 2'],
  [{ kind: 'behaviour', trigger: 'dryer', grade: 3, worked: '' }, 'Minded dryer: 3 of 4'],
  [{ kind: 'weighed', weightKg: 17.4 }, 'Weighed: 17.4 kg'],
  [{ kind: 'finished' }, 'Finished'],
])('%j is said as a groomer would', (rest, said) => expect(eventWords(event(rest))).toBe(said))
