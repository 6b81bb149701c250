import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { OwnerPage, type OwnerPageProps } from './OwnerPage'

const VIEW: OwnerPageProps = {
  visitId: 5,
  house: 'Gull Quay, Quay',
  by: 'Wren',
  day: 'Tuesday 2 March',
  dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 19, heightCm: 52, lengthCm: 52, faceShape: 'normal' },
  unit: 'mm',
  finished: true,
  before: { back: 38 },
  after: { back: 9.5 },
  shapes: {},
  lengths: [
    { group: 'body', fromMm: 9.5, toMm: 9.5 },
    { group: 'head', fromMm: 12, toMm: 25 },
  ],
  found: [{ what: 'Lump', where: 'left side', sizeMm: 8, words: 'moves', photo: null, vet: true }],
  home: { brush: 'Brush every second day.', wash: 'Brush before a bath.' },
  visor: 'Friday 16 April',
  next: { when: 'Tuesday 6 April, 09:00', booked: true },
  words: 'Thank you for bringing Quill. Gull Quay',
}
const page = (change: Partial<OwnerPageProps> = {}) =>
  renderToStaticMarkup(<OwnerPage {...VIEW} {...change} />)
    .replaceAll(/<!-- -->/g, '')
    .replaceAll(/<[^>]+>/g, ' ')
    .replaceAll(/\s+/g, ' ')

describe('a page for the owner', () => {
  it('tells lengths in the unit of the house', () => {
    expect(page()).toContain('Left: body 9.5 mm, head 12 mm to 25 mm.')
    expect(page({ unit: 'inch' })).toContain('in, head')
    expect(page({ lengths: [] })).not.toContain('Left:')
  })
  it('tells what was found, and leaves what it is to a vet', () => {
    expect(page()).toContain('Lump, left side , 8 mm: moves Please have a vet look at it.')
    const pictured = VIEW.found.map((each) => ({ ...each, photo: 'a-picture' }))
    expect(renderToStaticMarkup(<OwnerPage {...VIEW} found={pictured} />)).toContain('src="/visits/5/photos/a-picture"')
    expect(page({ found: [] })).toContain('Nothing that a vet should see.')
    expect(page()).toContain('does not say what it is: that is for a vet')
  })
  it('tells what to do at home, when the hair reaches the eyes, and the next time', () => {
    expect(page()).toContain('About Friday 16 April the hair above the eyes reaches them.')
    expect(page({ visor: null })).not.toContain('above the eyes')
    expect(page()).toContain('Tuesday 6 April, 09:00 It is booked.')
    expect(page({ next: { when: 'Tuesday 6 April', booked: false } })).toContain('It is not booked yet.')
  })
  it('ends in the house’s own words', () => expect(page()).toMatch(/Thank you for bringing Quill\. Gull Quay $/))
  it('of a groom that goes on says so', () => expect(page({ finished: false })).toContain('This groom is not finished'))
})
