import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { Columns } from './Columns'
import { Faults } from './Faults'
import type { FaultHere, Opened } from './listWorker'
import { openList } from './openList'

const words = (html: string) => html.replaceAll(/<[^>]+>/g, ' ').replaceAll(/\s+/g, ' ')
const OPENED: Opened = {
  heads: ['Customer', 'Loyalty', 'Weight (lb)'],
  fields: ['owner', null, 'weight'],
  first: [['Ada Birk', 'gold', '22']],
  count: 502,
  how: 'UTF-8, separated by commas',
  order: 'dmy',
}
const columns = (share: number | null = null) =>
  renderToStaticMarkup(<Columns opened={OPENED} today="2027-03-02" share={share} onRead={() => {}} onStop={() => {}} />)

describe('columns', () => {
  it('show what each is taken for, and one that is not taken is struck through', () => {
    expect(columns()).toContain('aria-label="What Customer is"')
    expect(words(columns())).toContain('Owner')
    expect(words(columns())).toContain('is not taken')
    expect(columns()).toMatch(/<td[^>]*class="[^"]*not[^"]*"[^>]*>gold/)
  })
  it('a weight whose head says pounds is in pounds, and the order of days is what they told', () => {
    expect(words(columns())).toContain('pounds')
    expect(words(columns())).toContain('day, month, year')
  })
  it('all rows are read by one press, with progress and a way to stop', () => {
    expect(words(columns())).toContain('Read all 502 rows')
    expect(words(columns(0.37))).toContain('Read 37 %. Stop')
  })
})

describe('what cannot be read', () => {
  const fault = (line: number, loses: boolean): FaultHere => ({
    line,
    loses,
    column: 'Breed',
    text: 'zorgle',
    why: 'No.',
  })
  const told = (faults: FaultHere[], rows = 7) => words(renderToStaticMarkup(<Faults faults={faults} rows={rows} />))
  it('is told by line, what stays behind first', () => {
    const html = told([fault(2, false), fault(9, true)])
    expect(html).toContain('7 rows can be brought in, 1 cannot; 1 cells of the others cannot be read.')
    expect(html).toMatch(/9 Breed zorgle No\. The row stays behind\. 2 Breed zorgle No\./)
  })
  it('where all can be read that is said, and of very many the rest is counted', () => {
    expect(told([])).toContain('All 7 rows can be read.')
    expect(told(Array.from({ length: 230 }, (_, at) => fault(at + 2, false)))).toContain('and 30 more')
  })
})

describe('a file', () => {
  const open = (text: string) => openList(new TextEncoder().encode(text).buffer)
  it('with a head and nothing below is none', () => {
    expect(open('Owner,Dog\n')).toBe(null)
    expect(open('\n\n')).toBe(null)
  })
  it('rows that are empty are left out, and short ones stay short', () =>
    expect(open('Owner,Dog\nAda\n,\n\nBo,Pip\n')?.rows).toEqual([['Ada'], ['Bo', 'Pip']]))
  it('a contact that cannot be read is an empty row, and the others are read', () =>
    expect(
      open('BEGIN:VCARD\nVERSION:4.0\nnonsense\nEND:VCARD\nBEGIN:VCARD\nVERSION:4.0\nFN:Bo\nEND:VCARD\n')?.rows,
    ).toEqual([
      ['', '', '', '', ''],
      ['Bo', '', '', '', ''],
    ]))
})
