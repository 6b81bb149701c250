import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { learnRates } from '@/core/coat'
import { GrowingWishes } from './GrowingWishes'
import { Pace } from './Pace'

const words = (html: string) =>
  html
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
const wish = {
  zone: 'chin' as const,
  wantedMm: 40,
  presentMm: 25,
  readyOn: '2027-04-06',
  steps: [
    { on: '2027-03-23', lengthMm: 34 },
    { on: '2027-04-13', lengthMm: 40 },
  ],
}

describe('a wish that grows', () => {
  it('shows how far it is and the day it is there, with the visits on the way', () => {
    const html = renderToStaticMarkup(<GrowingWishes wishes={[wish]} unit="mm" />)
    expect(words(html)).toContain('Chin and beard 25 of 40 mm, there on 6 April')
    expect(html).toContain('23 March: 34, 13 April: 40')
  })
  it('that has arrived says that it is cut next', () =>
    expect(words(renderToStaticMarkup(<GrowingWishes wishes={[{ ...wish, presentMm: 40 }]} unit="mm" />))).toContain(
      'long enough, it is cut at the next visit',
    ))
  it('is not there when there is none', () =>
    expect(renderToStaticMarkup(<GrowingWishes wishes={[]} unit="mm" />)).toBe(''))
})

describe('the pace of growth', () => {
  const pair = (foundMm: number) => ({ group: 'body' as const, leftMm: 10, foundMm, weeks: 6 })
  const pace = (pairs: ReturnType<typeof pair>[]) =>
    words(renderToStaticMarkup(<Pace coat="curly" growth={learnRates('curly', pairs)} />))
  it('is the coat’s own while nothing was measured', () => expect(pace([])).toContain('Nothing measured yet: 3.0'))
  it('is shown with its uncertainty and from how many measures', () =>
    expect(pace([pair(34), pair(34), pair(34)])).toMatch(/body 3 measures 3\.\d ± 0\.\d/))
  it('says when a measure looks like a slip of the pen', () =>
    expect(pace([pair(28), pair(28), pair(28), pair(280)])).toContain('1 measure looks like a slip of the pen'))
})
