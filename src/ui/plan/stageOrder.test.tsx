import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { makePlan, type Case } from '@/core/plan'
import type { StageId } from '@/core/stages'
import { PLAIN } from '../../../tests/cases'
import { StageOrder } from './StageOrder'

const show = (change: Partial<Case> = {}) => {
  const input = { ...PLAIN, ...change }
  return renderToStaticMarkup(<StageOrder case_={input} plan={makePlan(input)} change={() => null} />)
}
const words = (html: string) => html.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' ')
const own = makePlan(PLAIN).stages.map(({ id }) => id)
const feetFirst: StageId[] = ['feet', ...own.filter((id) => id !== 'feet')]

describe('the stages of a plan', () => {
  it('stand in order, each to be moved by its name', () => {
    const html = show()
    expect([...html.matchAll(/data-stage="([a-z-]+)"/g)].map(([, id]) => id)).toEqual(own)
    expect(html).toContain('aria-label="Move Nails"')
    expect(words(html)).not.toContain('Put it right')
  })
  it('in an order of one’s own say what is broken and why, and mark the stages it is about', () => {
    const html = show({ order: feetFirst })
    expect(words(html)).toContain('Nails must come before Feet. A long nail holds the shear off')
    expect(html).toMatch(/data-stage="feet" data-broken="true"/)
    expect(html).toMatch(/data-stage="towel" data-broken="false"/)
    expect(words(html)).toContain('Put it right')
    expect(words(html)).toContain('The house’s order again')
  })
  it('keep the reason why it is done anyway', () =>
    expect(show({ order: feetFirst, orderWhy: 'He bites at the nails last.' })).toContain(
      'value="He bites at the nails last."',
    ))
  it('name what is left out', () => expect(words(show())).toContain('Second wash. One wash is enough'))
})
