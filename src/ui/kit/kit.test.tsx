import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { FULL_KIT, waysNear, type Kit } from '@/core/lengths'
import { Ladder } from './Ladder'
import { isOnRung, rungsOf } from './ladder'
import { ToolTable, type ToolLine } from './ToolTable'

const SMALL: Kit = { blades: ['30', '10', '4F'], combs: ['2', '1'] }

describe('the ladder of lengths', () => {
  const rungs = rungsOf(SMALL)
  it('has every finish blade and comb, shortest first, the house’s own marked', () => {
    expect(rungs).toHaveLength(20)
    expect(rungs.map(({ withMm }) => withMm)).toEqual([...rungs.map(({ withMm }) => withMm)].sort((a, b) => a - b))
    expect(
      rungs
        .filter(({ owned }) => owned)
        .map(({ name }) => name)
        .sort(),
    ).toEqual(['1', '10', '2', '30', '4F'])
  })
  it('a comb is of no use without a blade to sit on', () =>
    expect(
      rungsOf({ blades: ['4F'], combs: ['2'] }).find(({ name, kind }) => name === '2' && kind === 'comb')?.owned,
    ).toBe(false))
  it('a blade leaves less against the coat, a comb the same', () => {
    expect(rungs.find(({ name, kind }) => name === '4F' && kind === 'blade')).toMatchObject({
      withMm: 9.5,
      againstMm: 5.5,
    })
    expect(rungs.find(({ name, kind }) => name === '2' && kind === 'comb')).toMatchObject({
      withMm: 9.5,
      againstMm: 9.5,
    })
  })
  it('says in words what it shows, so that no one has to see it', () => {
    const svg = renderToStaticMarkup(<Ladder rungs={rungs} unit="mm" wantedMm={null} nearest={undefined} />)
    expect(svg).toContain('comb 2 9.5 mm')
    expect(svg).toContain('not here')
  })
  it('marks the length that is asked about and the tool that comes nearest', () => {
    const [nearest] = waysNear(SMALL, 10, 3)
    const plain = renderToStaticMarkup(<Ladder rungs={rungs} unit="mm" wantedMm={null} nearest={undefined} />)
    const asked = renderToStaticMarkup(<Ladder rungs={rungs} unit="mm" wantedMm={10} nearest={nearest} />)
    expect(plain).not.toContain('var(--kv-now)')
    expect(asked.match(/var\(--kv-now\)/g)).toHaveLength(3)
  })
  it('shows eighths of an inch to those who think in inches', () =>
    expect(renderToStaticMarkup(<Ladder rungs={rungs} unit="inch" wantedMm={null} nearest={undefined} />)).toContain(
      '>3/4<',
    ))
})

describe('what have I that leaves 10 mm?', () => {
  it('names the nearest first: comb 2 over a 10 leaves 10.5, alone 9.5; ties to the longer', () =>
    expect(waysNear(SMALL, 10, 2).map(({ way, offMm }) => [way.blade, offMm])).toEqual([
      ['10', 0.5],
      ['30', -0.5],
    ]))
  it('stands on the rung of its comb or blade', () => {
    const [near] = waysNear(FULL_KIT, 3.2, 1)
    const rung = rungsOf(FULL_KIT).find((each) => near && isOnRung(each, near.way))
    expect(rung).toMatchObject({ kind: 'blade', name: '7F' })
  })
  it('an empty kit has nothing', () => expect(waysNear({ blades: [], combs: [] }, 10, 3)).toEqual([]))
})

describe('tools in use', () => {
  const blade = (hours: number): ToolLine => ({ id: 1, label: '', kind: 'blade', name: '30', hours, sharpened: null })
  const table = (tool: ToolLine) =>
    renderToStaticMarkup(<ToolTable tools={[tool]} unit="mm" onChange={() => undefined} />)
  it('asks for the grinder after 20 hours, and insists after 30 (from memory)', () => {
    expect(table(blade(19.9))).not.toContain('sharpen ')
    expect(table(blade(20))).toContain('sharpen soon')
    expect(table(blade(30))).toContain('sharpen now')
  })
  it('a comb has no hours', () =>
    expect(table({ id: 2, label: '', kind: 'comb', name: '1' })).not.toContain('Sharpened'))
  it('every action says which tool it is for', () => {
    expect(table(blade(1))).toContain('aria-label="Retire 30"')
    expect(table(blade(1))).toContain('aria-label="30 was sharpened today"')
  })
})
