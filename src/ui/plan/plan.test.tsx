import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { Case, coatToday, makePlan } from '@/core/plan'
import { Asked } from './Asked'
import { BalanceAdvice } from './BalanceAdvice'
import { NotToday } from './NotToday'
import { KEY_OPTIONS, isOneZone, keyLabel, keysLabel, without } from './zoneKeys'

const QUILL = Case.parse({
  kovit: 'case/1',
  date: '2027-03-02',
  dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 19, heightCm: 52, lengthCm: 56 },
  coatNowMm: { all: 60, bridge: 2 },
  request: { pattern: 'one-length', lengthsMm: { bridge: 12 }, words: 'leave the ears, bum short' },
  setting: 'salon',
  slotMin: 240,
})
const plan = makePlan(QUILL)
const words = (html: string) =>
  html
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

describe('names of zones', () => {
  it('groups and zones read as people say them', () => {
    expect(keyLabel('all')).toBe('All over')
    expect(keyLabel('ear-edge')).toBe('Ear fringe')
    expect(keysLabel(['ear-out', 'ear-in', 'ear-edge', 'tail'])).toBe('Ears, Tail')
    expect(keysLabel(['forefoot', 'hindfoot'])).toBe('Feet')
    expect(keysLabel(['back'])).toBe('Back')
  })
  it('only one zone is picked on the map, a group is not', () => {
    expect(isOneZone('back')).toBe(true)
    expect(isOneZone('legs')).toBe(false)
  })
  it('every key can be chosen once', () =>
    expect(new Set(KEY_OPTIONS.map(({ value }) => value)).size).toBe(KEY_OPTIONS.length))
  it('taking one away leaves the others', () => expect(without({ back: 1, side: 2 }, 'back')).toEqual({ side: 2 }))
})

describe('a wish that cannot be had today', () => {
  it('says how far it is, when it will be, and how to give it up', () => {
    const html = renderToStaticMarkup(<NotToday growing={plan.growing} unit="mm" onLetGo={() => undefined} />)
    expect(words(html)).toContain('Bridge: not today It has 2 of the 12 mm wanted. It will be long enough on 26 March.')
    expect(html).toContain('aria-label="Let the wish for Bridge go"')
  })
  it('says so when the coat never grows so long', () => {
    const growing = [{ zone: 'back' as const, wantedMm: 90, presentMm: 20, readyOn: null, why: '' }]
    expect(words(renderToStaticMarkup(<NotToday growing={growing} unit="mm" onLetGo={() => undefined} />))).toContain(
      'This coat never grows so long.',
    )
  })
})

describe('wishes by zone', () => {
  it('stand with their length or tool, each to be taken back', () => {
    const request = { lengthsMm: { body: 9.5 }, tools: { face: { blade: '10' as const, lay: 'against' as const } } }
    const html = renderToStaticMarkup(<Asked request={request} unit="mm" ask={() => undefined} />)
    expect(words(html)).toContain('Body 9.5 mm Drop')
    expect(words(html)).toContain('Face 10 against Drop')
    expect(html).toContain('aria-label="Take back Body"')
  })
})

describe('advice on shape', () => {
  const advice = (change: object) => {
    const case_ = Case.parse({ ...QUILL, ...change })
    return words(
      renderToStaticMarkup(
        <BalanceAdvice
          case_={case_}
          plan={makePlan(case_)}
          presentMm={coatToday(case_)}
          unit="mm"
          onTake={() => undefined}
        />,
      ),
    )
  }
  it('a dog of 52 by 56 cm in one length looks too long: chest and rump tighter, back left longer', () => {
    const text = advice({})
    expect(text).toContain('Length about equals height')
    expect(text).toContain('Chest tighter')
    expect(text).toContain('Back leave longer')
    expect(text).toContain('Take this into the card')
  })
  it('a square dog is left alone', () =>
    expect(advice({ dog: { ...QUILL.dog, lengthCm: 52 } })).not.toContain('Take this into the card'))
  it('says what a flare needs, and how many turns a band takes', () => {
    expect(advice({ request: { pattern: 'fusion-flare' } })).toContain('the top of the leg 20 mm or shorter')
    expect(advice({ coatNowMm: { all: 150 }, request: { pattern: 'show-puppy' } })).toContain('Topknot bands: 3 turns')
  })
  it('a style without a proportion or a shape says nothing', () => expect(advice({ request: {} })).toBe(''))
})
