import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { COATS } from '@/core/coat'
import { toolWords, type Cut } from '@/core/lengths'
import { PATTERNS, TYPICAL_DOG } from '@/core/patterns'
import type { CardEntry } from '@/core/request'
import { ZONES, zoneLabel, type ZoneId } from '@/core/zones'
import { cardOnPaper } from '../patterns/patternCard'
import { CardRows } from './CardRows'
import { PrintCard } from './PrintCard'
import { Versions } from './Versions'
import { mindWords } from './mindWords'

const sheet = (card: readonly CardEntry[], rest: Partial<Parameters<typeof PrintCard>[0]> = {}) =>
  renderToStaticMarkup(
    <PrintCard
      dog={{ name: 'Quill', build: 'square', coat: 'curly' }}
      facts="water dog"
      which="Version 3"
      card={card}
      growing={[]}
      unit="mm"
      mind={[]}
      {...rest}
    />,
  )
const words = (html: string) =>
  html
    .replace(/<svg[\s\S]*?<\/svg>/g, '')
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')

describe('a card for the wall of the tub', () => {
  it.each([...PATTERNS])('%s: a colleague finds every zone, its tool and its length', (id) => {
    const card = cardOnPaper(id, TYPICAL_DOG[id].coat)
    const text = words(sheet(card)).toLowerCase()
    for (const { zone } of card) expect(text).toContain(zoneLabel(zone).toLowerCase())
    for (const entry of card.filter(({ method }) => method !== 'leave'))
      expect(text).toContain(toolWords(entry as Cut).toLowerCase())
  })
  it('says what stays, what grows and must not be cut, and what to mind', () => {
    const text = words(
      sheet(cardOnPaper('long-drop', 'drop'), {
        growing: [{ zone: 'bridge', wantedMm: 12, presentMm: 2, readyOn: '2027-03-25', why: '' }],
        mind: mindWords({ dryer: 3, nails: 1, face: 2 }),
      }),
    )
    expect(text).toContain('Leave:')
    expect(text).toContain('Bridge grows to 12 mm, there on 25 March: do not cut it.')
    expect(text).toContain('Mind: Dryer 3 of 4. Face 2 of 4.')
  })
  it('escapes what people write', () =>
    expect(sheet(cardOnPaper('teddy', 'drop'), { which: '<script>alert(1)</script>' })).not.toContain('<script>'))
})

describe('the card on its desk', () => {
  const card = cardOnPaper('one-length', 'curly')
  const table = (now: readonly CardEntry[], picked: ReadonlySet<ZoneId> = new Set()) =>
    renderToStaticMarkup(
      <CardRows card={now} unit="mm" lastCut={card} pattern={null} picked={picked} onPick={() => undefined} />,
    )
  it('has a row a zone, and two where left and right differ', () => {
    expect(table(card).match(/<tr data-zone/g)).toHaveLength(ZONES.length)
    const parted = card.flatMap((entry) =>
      entry.zone === 'brow'
        ? [
            { ...entry, side: 'left' as const },
            { ...entry, side: 'right' as const, lengthMm: 12 },
          ]
        : [entry],
    )
    expect(table(parted).match(/<tr data-zone/g)).toHaveLength(ZONES.length + 1)
    expect(words(table(parted))).toContain('Brow, right')
  })
  it('says how each zone differs from the last cut', () => {
    const longer = card.map((entry) => (entry.zone === 'back' ? { ...entry, lengthMm: 13 } : entry))
    expect(words(table(longer))).toContain('9.5 to 13 mm, 3.5 longer')
    expect(words(table(card))).not.toContain('longer')
  })
  it('shows what is picked, to the eye and to a reader', () => {
    const html = table(card, new Set<ZoneId>(['back']))
    expect(html).toMatch(/data-zone="back" aria-selected="true"/)
    expect(html.match(/aria-pressed="true"/g)).toHaveLength(1)
  })
})

describe('versions', () => {
  const line = (version: number) => ({ version, kind: 'cut' as const, when: '2 March', by: 'Wren', why: 'As cut' })
  const list = (count: number) =>
    renderToStaticMarkup(
      <Versions versions={Array.from({ length: count }, (_, at) => line(count - at))} here={count} dogId={7} />,
    )
  it('the one on the desk is no link, the others are', () => {
    expect(list(3)).toContain('<b>Version 3</b>')
    expect(list(3)).toContain('/dogs/7/card?version=1')
  })
  it('a long past is told, not shown whole', () => expect(words(list(15))).toContain('3 earlier ones are kept as well'))
})

describe('a pattern on paper', () => {
  it('gives every zone a length on every coat, never longer than the coat gets by itself', () => {
    for (const id of PATTERNS)
      for (const coat of COATS) {
        const card = cardOnPaper(id, coat)
        expect(card.map(({ zone }) => zone)).toEqual(ZONES)
        for (const { lengthMm } of card) expect(lengthMm >= 0 && lengthMm <= 120).toBe(true)
      }
  })
  it('a falling coat that is kept is drawn long', () => {
    const back = (coat: 'drop' | 'wire') => cardOnPaper('long-drop', coat).find(({ zone }) => zone === 'back')?.lengthMm
    expect(back('drop')).toBe(90)
    expect(back('wire')).toBe(45)
  })
})
