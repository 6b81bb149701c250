import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { drawView, sideView } from '@/core/figure'
import { Case, makePlan } from '@/core/plan'
import type { ZoneId } from '@/core/zones'
import { CoatMap, focusOn } from './CoatMap'
import { FULL_KIT } from '@/core/lengths'
import { cardCallouts, coatCallouts } from './cardCallouts'
import type { CoatMapProps } from './map'
import { lengthColour } from './ramp'

const plan = makePlan(
  Case.parse({
    kovit: 'case/1',
    date: '2027-03-02',
    dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 19 },
    coatNowMm: { all: 38, bridge: 2 },
    request: { pattern: 'one-length', lengthsMm: { bridge: 12, foreleg: 16 } },
    setting: 'salon',
    slotMin: 240,
  }),
)
const lengthMm = (zone: ZoneId) => plan.card.find((entry) => entry.zone === zone)?.lengthMm ?? 0
const view = sideView({ build: 'square', coat: 'curly' }, lengthMm)
const callouts = cardCallouts(plan.card, plan.growing, 'mm')
const draw = (rest: Partial<CoatMapProps>) =>
  renderToStaticMarkup(
    <CoatMap
      label="Quill, trim wanted"
      view={view}
      coat="curly"
      lengthMm={lengthMm}
      callouts={callouts}
      width={600}
      height={430}
      {...rest}
    />,
  )
const fillOf = (svg: string, zone: ZoneId) => new RegExp(`fill="([^"]+)" data-zone="${zone}"`).exec(svg)?.[1]

describe('callouts of a card', () => {
  const at = (zone: ZoneId) => callouts.find((callout) => callout.zone === zone)
  it('give length, unit and tool', () =>
    expect(at('back')).toMatchObject({ name: 'Back', figure: '9.5', unit: 'mm', below: 'comb 2 on 30' }))
  it('mark what still grows', () =>
    expect(at('bridge')).toMatchObject({ figure: '2', below: 'grows to 12', caution: true }))
  it('leave out what is cut like its neighbour', () => expect(at('thigh')).toBeUndefined())
  it('show inches to those who think in inches', () =>
    expect(cardCallouts(plan.card, [], 'inch', ['back'])[0]).toMatchObject({ figure: '3/8', unit: 'in' }))
  it('name every tool of every kit so that it stands beside the dog', () => {
    const long = { zone: 'skull' as const, side: null, shape: null, join: 'blend' as const, why: '' }
    const cuts = FULL_KIT.combs.map((comb) => ({
      ...long,
      method: 'comb' as const,
      blade: '30' as const,
      comb,
      lay: 'against' as const,
      lengthMm: 9,
    }))
    for (const { below } of cuts.flatMap((cut) => cardCallouts([cut], [], 'mm', ['skull'])))
      expect(below?.length).toBeLessThanOrEqual(17)
  })
  it('of a bare coat name no tool', () =>
    expect(coatCallouts(() => 30, 'mm').every(({ below }) => below === undefined)).toBe(true))
})

describe('the coat map', () => {
  it('fills a zone by its length', () => expect(fillOf(draw({}), 'back')).toBe(lengthColour(9.5)))
  it('says every figure in words besides, so that colour is never the only sign', () => {
    const svg = draw({})
    expect(svg).toContain('Back, 9.5 millimetres, comb 2')
    expect(svg).toContain('role="group"')
  })
  it('shows only the zones in question', () => {
    const svg = draw({ lit: new Set<ZoneId>(['skull']) })
    expect(fillOf(svg, 'skull')).toBe(lengthColour(25))
    expect(fillOf(svg, 'back')).toBe('var(--kv-len-none)')
  })
  it('draws another layer as a dotted line only when there is one', () => {
    const dotted = sideView({ build: 'square', coat: 'curly' }, () => 38)
    const dashes = (svg: string) => svg.split('var(--kv-ink-2)" stroke-width').length
    expect(dashes(draw({ dotted }))).toBeGreaterThan(dashes(draw({})))
  })
  it('callouts are buttons for hand and keyboard when they can be picked', () => {
    expect(draw({})).not.toContain('role="button"')
    const svg = draw({ onPick: () => undefined, picked: new Set<ZoneId>(['back']) })
    expect(svg).toContain('aria-label="Back, 9.5 millimetres, comb 2 on 30" aria-pressed="true"')
    const fields = svg.match(/<(?:path|use)[^>]*data-zone=[^>]*role="button"[^>]*>/g) ?? []
    expect(svg.match(/tabindex="0"/g)?.length).toBe(callouts.length + fields.length)
    expect(fields.find((field) => field.includes('data-zone="back"'))).toContain('aria-label="Back: 9.5 mm"')
  })
  it('paints a face in its order: moustache, nose, visor; a mass has its whole line only beyond what it covers', () => {
    const face = drawView('head-front', { build: 'toy', coat: 'drop', faceShape: 'flat' }, () => 50)
    const svg = draw({ view: face, coat: 'drop' })
    const at = (part: string) => svg.search(new RegExp(`clip-path="url\\(#\\w*${part}\\)"`))
    const order = [
      at('skull'),
      at('ear-left'),
      at('cap'),
      at('muzzle'),
      at('moustache-left'),
      svg.indexOf(face.nose),
      at('fringe'),
    ]
    expect([...order].sort((a, b) => a - b)).toEqual(order)
    expect(order[0]).toBeGreaterThan(0)
    expect(svg).toMatch(/<mask id="\w*capbeyond"/)
    expect(svg).toMatch(/<g opacity="0\.8\d*">/)
  })
  it('goes close to the head when only the head is worked, and shows the whole dog otherwise', () => {
    expect(focusOn(view, ['skull', 'chin'])?.right).toBeLessThan(view.box.right / 2)
    expect(focusOn(view, ['skull', 'back'])).toBeUndefined()
    expect(focusOn(view, [])).toBeUndefined()
  })
})
