import type { ComponentProps } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import type { Finding } from '@/core/health'
import { Case, makePlan } from '@/core/plan'
import { VisitEvent, foldVisit, zonesDone } from '@/core/visit'
import { BehaviourRow, GRADES } from './BehaviourRow'
import { benchCautions } from './BenchCautions'
import { BenchMap } from './BenchMap'
import { PastFindings, StopNotice } from './PastFindings'
import { WaitClock } from './WaitClock'
import { WeighRow } from './WeighRow'
import { freshAt } from './FindingPanel'

const NINE = Date.UTC(2027, 2, 2, 9)
const plan = makePlan(
  Case.parse({
    kovit: 'case/1',
    date: '2027-03-02',
    dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 19, visits: 8, ageMonths: 48 },
    coatNowMm: { all: 38, bridge: 2 },
    request: { pattern: 'one-length', lengthsMm: { bridge: 12 } },
    setting: 'salon',
    slotMin: 240,
  }),
)
const event = (n: number, rest: object) =>
  VisitEvent.parse({ id: `00000000-0000-4000-8000-00000000000${n}`, atMs: NINE + n * 60_000, by: 'Wren', ...rest })
const nothing = () => {}
/** What a person reads: the words without their tags. */
const words = (html: string) =>
  html
    .replace(/<[^>]+>/g, ' ')
    .replace(/&#x27;/g, '’')
    .replace(/\s+/g, ' ')
const LUMP: Finding = { kind: 'lump', zone: 'side', side: 'left', sizeMm: 8, status: 'same', words: '' }

describe('cautions on the bench', () => {
  const drawn = (props: Partial<Parameters<typeof benchCautions>[0]>) => {
    const { musts, rest } = benchCautions({
      plan,
      stage: 'nails',
      seen: [],
      own: [],
      aims: [],
      unit: 'mm',
      add: nothing,
      ...props,
    })
    return renderToStaticMarkup([...musts, ...rest])
  }
  const at = (seen: string[], own: { id: number; stage: 'nails'; words: string }[] = []) => drawn({ seen, own })
  it('stand in full until they are seen, then keep their first clause and ask no more', () => {
    expect(words(at([]))).toContain('Thin slices , stop short of the quick, styptic to hand.')
    expect(at([])).toContain('Seen')
    expect(words(at(['quick']))).toContain('Thin slices')
    expect(words(at(['quick']))).not.toContain('styptic')
    expect(at(['quick'])).not.toContain('Seen')
  })
  it('of the house stand beside them, only at their stage', () => {
    const own = [{ id: 1, stage: 'nails' as const, words: 'The grinder pulls to the left.' }]
    expect(words(at([], own))).toContain('House: The grinder pulls to the left.')
    const elsewhere = drawn({ stage: 'dry', own })
    expect(elsewhere).not.toContain('grinder')
  })
  it('name the mix and the kind of product at the wash', () => {
    const aims = [{ id: 'volume' as const, words: 'Degreasing.' }]
    const html = words(drawn({ stage: 'wash', aims }))
    expect(html).toMatch(/1: ?16, \d+ ml in \d+ ml water/)
    expect(html).toContain('Product: Degreasing.')
  })
  it('a zone that grows is left alone on the head', () =>
    expect(words(drawn({ stage: 'head' }))).toContain('Bridge: leave , 2 mm, growing'))
})

describe('how the dog takes it', () => {
  const row = (stage: 'dry' | 'towel', log: VisitEvent[], last = {}, worked = {}) =>
    renderToStaticMarkup(
      <BehaviourRow name="Quill" stage={stage} visit={foldVisit(log)} last={last} worked={worked} add={nothing} />,
    )
  it('offers five grades, each in words, and says what it was last time and what worked', () => {
    const html = row('dry', [], { dryer: 3 }, { dryer: 'hand dryer' })
    expect(html.match(/<button/g)).toHaveLength(GRADES.length)
    for (const [grade, name] of GRADES.entries()) expect(html).toContain(`aria-label="${grade}, ${name}"`)
    expect(words(html)).toContain('Quill and the dryer: struggles last time')
    expect(words(html)).toContain('Worked last time: hand dryer.')
  })
  it('asks what worked once the dog resists', () => {
    const graded = (grade: number) => row('dry', [event(1, { kind: 'behaviour', trigger: 'dryer', grade, worked: '' })])
    expect(graded(1)).not.toContain('What worked')
    expect(graded(2)).toContain('What worked')
    expect(graded(3)).toContain('aria-pressed="true"')
  })
  it('is not asked where a dog minds nothing', () => expect(row('towel', [])).toBe(''))
})

describe('what was there before', () => {
  const past = [{ ...LUMP, atMs: NINE - 40 * 86_400_000 }]
  const ask = (log: VisitEvent[]) =>
    renderToStaticMarkup(
      <PastFindings past={past} visit={foldVisit(log)} timeZone="Europe/London" add={nothing} onChanged={nothing} />,
    )
  it('comes back as a question with its place, size and day', () => {
    expect(words(ask([]))).toContain('Lump on the left side , 8 mm on 21 Jan: same?')
    expect(ask([]).match(/<button/g)).toHaveLength(3)
  })
  it('is not asked twice', () => expect(ask([event(1, { kind: 'finding', finding: LUMP })])).toBe(''))
  it('stops the hand when it has changed, with the way to the vet’s note, and not when it is the same', () => {
    const notice = (status: Finding['status']) =>
      renderToStaticMarkup(<StopNotice sending={false} visitId={5} findings={[{ ...LUMP, status }]} />)
    expect(words(notice('changed'))).toContain('Lump, left side, 8 mm. Note its place and size, tell the owner, vet.')
    expect(notice('changed')).toContain('/visits/5/vet-note')
    expect(notice('same')).toBe('')
  })
  it('a finding begins at the zone that was tapped, with a side only where there are two', () => {
    expect(freshAt('thigh')).toMatchObject({ zone: 'thigh', side: 'left', status: 'new', sizeMm: null })
    expect(freshAt('belly').side).toBeNull()
  })
})

describe('weight and waits', () => {
  it('the scale starts from last time, and says what today was', () => {
    const row = (log: VisitEvent[]) =>
      words(renderToStaticMarkup(<WeighRow lastKg={19} visit={foldVisit(log)} add={nothing} />))
    expect(row([])).toContain('19 kg last time')
    expect(row([event(1, { kind: 'weighed', weightKg: 16 })])).toContain(
      '16 kg today, 19 before , 16 % less: tell the owner',
    )
  })
  it('a dog in the cabinet is looked in on every five minutes; conditioner is not', () => {
    const wait = (stage: 'dry' | 'condition', goneMin: number) =>
      words(
        renderToStaticMarkup(
          <WaitClock
            name="Quill"
            wait={{ stage, fromMs: NINE, untilMs: NINE + 15 * 60_000 }}
            nowMs={NINE + goneMin * 60_000}
          />,
        ),
      )
    expect(wait('dry', 3)).toContain('look in within 2:00')
    expect(wait('dry', 5.5)).toContain('look in now')
    expect(wait('dry', 6)).toContain('look in within 4:00')
    expect(wait('dry', 15.5)).not.toContain('look in')
    expect(wait('condition', 3)).not.toContain('look in')
  })
})

const mapOf = (rest: Partial<ComponentProps<typeof BenchMap>>) =>
  renderToStaticMarkup(
    <BenchMap
      notes={[]}
      dog={{ name: 'Quill', build: 'square', coat: 'curly', heightCm: 52, lengthCm: 52 }}
      plan={plan}
      unit="mm"
      stageZones={[]}
      done={[]}
      found={null}
      zone={null}
      onZone={nothing}
      {...rest}
    />,
  )

describe('the map while the head is trimmed', () => {
  const head = mapOf({ stageZones: ['skull', 'visor', 'muzzle', 'chin', 'ear-edge'] })
  it('is the face, which says whose left and right it shows', () => {
    expect(words(head)).toContain('dog’s right dog’s left')
    expect(words(mapOf({ stageZones: ['back', 'side'] }))).not.toContain('dog’s right')
    expect(words(mapOf({ stageZones: ['cheek', 'neck'] }))).not.toContain('dog’s right')
  })
  it('names every zone of the stage, and the one that must not be cut', () => {
    for (const zone of ['Skull', 'Visor', 'Muzzle', 'Chin and beard', 'Ear fringe']) expect(words(head)).toContain(zone)
    expect(words(head)).toMatch(/Bridge 2 ?mm grows to 12/)
  })
  it('lets both ears be picked', () => expect(head.match(/aria-label="Ear, outside, (left|right): /g)).toHaveLength(2))
})

describe('the map at the look-over', () => {
  const map = (found: ComponentProps<typeof BenchMap>['found']) => words(mapOf({ found }))
  it('pins what was found and the mats, each zone once; a zone without mats is not named', () => {
    const shown = map({ findings: [LUMP], mats: { side: 3, thigh: 2, back: 0 } })
    expect(shown).toMatch(/Lump 8 ?mm left side/)
    expect(shown).toMatch(/Thigh mats 2 separate mats/)
    expect(shown).not.toContain('mats 3')
    expect(shown).not.toContain('mats 0')
  })
  it('keeps the worst where there is no room for all', () => {
    const light = Object.fromEntries(
      ['neck', 'shoulder', 'side', 'rump', 'chest', 'thigh', 'stifle', 'hock', 'foreleg'].map((zone) => [zone, 1]),
    )
    const shown = map({ findings: [], mats: { ...light, skirt: 4 } })
    expect(shown).toContain('mats 4')
    expect(shown.match(/mats 1/g)).toHaveLength(7)
  })
  it('is plain where nothing was found', () => expect(map({ findings: [], mats: {} })).not.toContain('Pinned'))
})

describe('zones that are done', () => {
  it('are those of stages that are over, not of the one under way', () => {
    const log = [event(1, { kind: 'stage-started', stage: 'pads' }), event(2, { kind: 'stage-started', stage: 'body' })]
    expect(zonesDone(plan.stages, foldVisit(log))).toEqual(['pads'])
    expect(zonesDone(plan.stages, foldVisit([...log, event(3, { kind: 'stage-started', stage: 'legs' })]))).toContain(
      'back',
    )
  })
})
