import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { DogPicture } from './DogPicture'
import { MapDesk } from './MapDesk'
import type { Layer } from './useDrawn'
import { WeeksAhead } from './WeeksAhead'
import { coatCallouts } from './cardCallouts'

const DOG = { build: 'square', coat: 'curly', heightCm: 52 } as const
const layer: Layer = { lengthAt: () => 20 }
const desk = (rest: Partial<Parameters<typeof MapDesk>[0]> = {}) =>
  renderToStaticMarkup(
    <MapDesk
      label="Quill, now"
      dog={DOG}
      layer={layer}
      calloutsIn={() => coatCallouts(layer.lengthAt, 'mm')}
      width={600}
      height={400}
      {...rest}
    />,
  )

describe('the desk of a coat map', () => {
  it('offers six views, guides, going close and saving', () => {
    const html = desk()
    for (const name of ['Side', 'Front', 'Rear', 'Above', 'Face', 'Head', 'Guides', 'Closer', 'Save as SVG'])
      expect(html).toContain(`>${name}</button>`)
  })
  it('says in words what is drawn, zone by zone', () =>
    expect(desk()).toMatch(/aria-label="Quill, now\. .*Foreleg, 20 millimetres/))
  it('draws another layer as a dotted line and names it', () => {
    const html = desk({ dotted: { lengthAt: () => 40, words: 'coat now' } })
    expect(html).toContain('dotted: coat now')
    expect(desk()).not.toContain('dotted:')
  })
  it('keeps room for the coat at its longest, so that the dog stays where it is', () => {
    const placeOf = (html: string) => /<g transform="(translate[^"]+)"/.exec(html)?.[1]
    const grown = (mm: number) => placeOf(desk({ layer: { lengthAt: () => mm }, roomFor: { lengthAt: () => 60 } }))
    expect(grown(10)).toBe(grown(50))
    expect(placeOf(desk({ layer: { lengthAt: () => 10 } }))).not.toBe(placeOf(desk({ layer: { lengthAt: () => 50 } })))
  })
})

describe('a picture in a list', () => {
  it('leaves the server as bare paper with its name', () => {
    const html = renderToStaticMarkup(
      <DogPicture label="Quill, coat today" dog={DOG} coatMm={{ back: 20 }} width={285} height={180} />,
    )
    expect(html).toContain('aria-label="Quill, coat today"')
    expect(html).not.toContain('data-zone')
    expect(html.length).toBeLessThan(2000)
  })
})

describe('weeks ahead', () => {
  it('say what comes on the way', () => {
    const html = renderToStaticMarkup(
      <WeeksAhead
        dog={DOG}
        rates={{}}
        startMm={() => 20}
        wishes={[{ zone: 'bridge', wantedMm: 32 }]}
        start="As cut"
        weeks={0}
        onWeeks={() => {}}
      />,
    )
    expect(html).toContain('As cut')
    expect(html).toContain('Week 4: bridge is long enough.')
    expect(html).toContain('Week 5: the visor reaches the eye.')
  })
})
