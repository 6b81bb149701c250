import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it, vi } from 'vitest'
import type { Right } from '@/core/rights'
import { PaperCards } from './PaperCards'

let mayChange = true
vi.mock('../who/WhoHere', () => ({
  May: ({ right, children }: { right: Right; children: React.ReactNode }) =>
    right === 'cards' && mayChange ? children : null,
}))

const shown = (papers: { id: string; when: string }[]) =>
  renderToStaticMarkup(
    <PaperCards
      dogId={7}
      name="Quill"
      papers={papers}
      acts={{ put: () => Promise.resolve({ ok: true, value: null }) }}
    />,
  )
const PAPER = { id: 'a-card', when: 'Tuesday 1 December' }

describe('paper cards', () => {
  it('of a dog that has none are asked for', () => {
    const html = shown([])
    expect(html).toContain('No picture of a paper card is kept.')
    expect(html).toContain('Take a picture of it')
  })
  it('are shown with when they were kept, open large, and can be taken away', () => {
    const html = shown([PAPER])
    expect(html).toContain('<a href="/dogs/7/papers/a-card" target="_blank"')
    expect(html).toContain('alt="Paper card of Quill, kept Tuesday 1 December. Opens large."')
    expect(html).toContain('Take away')
    expect(html).not.toContain('No picture')
  })
  it('are only looked at by who may not change cards', () => {
    mayChange = false
    const html = shown([PAPER])
    expect(html).toContain('papers/a-card')
    for (const word of ['Take away', 'Another picture']) expect(html).not.toContain(word)
  })
})
