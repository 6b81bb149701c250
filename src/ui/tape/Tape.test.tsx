import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import type { Segment } from '@/core/strip'
import { Tape, type TapeProps } from './Tape'

const segment = (rest: Partial<Segment>): Segment => ({
  stage: 'dry',
  kind: 'hands',
  state: 'planned',
  fromMin: 0,
  toMin: 30,
  ...rest,
})
const draw = (rest: Partial<TapeProps>) =>
  renderToStaticMarkup(
    <Tape label="Quill" slotMin={60} segments={[segment({})]} pxPerMin={5} height={70} extentMin={90} {...rest} />,
  )
/** The drawn words, without the titles that a pointer shows. */
const words = (svg: string) =>
  [...svg.replace(/<title>.*?<\/title>/g, '').matchAll(/<text[^>]*>([^<]*)<\/text>/g)].map(([, text]) => text)

describe('the tape', () => {
  it('says in words what it shows', () => expect(draw({})).toContain('aria-label="Quill: 30 of 60 minutes, 1 stages"'))

  it('is as long as the slot: 60 min at 5 px', () =>
    expect(draw({})).toContain('width="300" height="70" fill="var(--kv-flax)"'))

  it('names a stage where the name fits, and tells the pointer where it does not', () => {
    expect(words(draw({}))).toEqual(['Dry', '30'])
    const narrow = draw({ segments: [segment({ toMin: 2 })] })
    expect(words(narrow)).toEqual([])
    expect(narrow).toContain('<title>Dry: 2 min</title>')
  })

  it('a planned stage is tinted, a done one inked', () => {
    expect(draw({})).toContain('var(--kv-dry-tint)')
    expect(draw({ segments: [segment({ state: 'done' })] })).toContain('fill="var(--kv-dry-ink)"')
  })

  it('a wait is open and dashed; once it runs its edges are solid and a bar fills it', () => {
    const planned = draw({ segments: [segment({ kind: 'wait' })] })
    expect(planned).toContain('stroke-dasharray="4 3"')
    expect(planned).toContain('hands free')
    const done = draw({ segments: [segment({ kind: 'wait', state: 'done' })] })
    expect(done).not.toContain('stroke-dasharray="4 3"')
  })

  it('work past the slot is hatched in brick, and the pin turns brick with the median', () => {
    const late = draw({ segments: [segment({ fromMin: 50, toMin: 80 })], forecast: { p50: 80, p90: 88 } })
    expect(late).toMatch(/<rect x="312"[^>]*fill="url\(#\w+late\)"/)
    expect(late).toContain('<g fill="var(--kv-late)">')
    const held = draw({ forecast: { p50: 30, p90: 40 } })
    expect(held).toContain('<g fill="var(--kv-ink)">')
  })

  it('a stage under way is named once, in its larger part', () => {
    const early = [segment({ state: 'now', toMin: 10 }), segment({ fromMin: 10, toMin: 40, rest: true })]
    const late = [segment({ state: 'now', toMin: 30 }), segment({ fromMin: 30, toMin: 40, rest: true })]
    for (const segments of [early, late])
      expect(words(draw({ segments })).filter((word) => word === 'Dry')).toHaveLength(1)
  })

  it('now is a teal line, and there is none when it is not asked for', () => {
    expect(draw({ nowMin: 20 })).toContain('<g fill="var(--kv-now)">')
    expect(draw({})).not.toContain('<g fill="var(--kv-now)">')
  })

  it('small tapes name families', () =>
    expect(words(draw({ terse: true, height: 34, segments: [segment({ stage: 'brush-out', toMin: 20 })] }))).toEqual([
      'Prep',
    ]))

  it('figures stand at the quarters and keep away from the end', () =>
    expect(words(draw({ segments: [], figure: (min) => `m${min}` }))).toEqual(['m15', 'm30', 'm45']))
})
