// `npm run sheets [-- NAME]`: draws the contact sheets of the coat map, or one, into docs/sheets, by the app's own drawing.
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { createElement } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { BUILDS, measuresOf, type BuildId } from '../src/core/build'
import { COATS } from '../src/core/coat'
import { VIEWS, drawView, type FigureDog, type ViewId } from '../src/core/figure'
import { PATTERNS, TYPICAL_DOG, patternLabel, type PatternId } from '../src/core/patterns'
import type { CardEntry } from '../src/core/request'
import type { ZoneId } from '../src/core/zones'
import { CoatMap } from '../src/ui/coat-map/CoatMap'
import { cardOnPaper } from '../src/ui/patterns/patternCard'
import { openBrowser } from '../tests/e2e/browser'
import { FACES, growingFace } from './faces'
import { fourDogs } from './four-dogs'
import { withOwnIds } from './lib/withOwnIds'

interface Picture {
  words: string
  dog: FigureDog
  card: readonly Pick<CardEntry, 'zone' | 'lengthMm' | 'shape' | 'join'>[] | number
  view: ViewId
}

/** An even coat in proportion to the dog, mm: the fifteenth part of its height at the withers. */
const heightShare = (build: BuildId) => measuresOf({ build }).height / 15
const ONLY = process.argv[2] ?? ''
/** Coat of the dogs that show builds and coats, mm. */
const EVEN_MM = 30
const FOUR_COATS = ['curly', 'drop', 'wire', 'smooth'] as const
const SIX_OF: readonly PatternId[] = ['teddy', 'clean-face-round', 'terrier-jacket', 'long-drop', 'winter-tidy']

const ofPattern = (id: PatternId, view: ViewId): Picture => ({
  words: view === 'side' ? patternLabel(id) : `${patternLabel(id)}, ${view.replace('-', ', ')}`,
  dog: TYPICAL_DOG[id],
  card: cardOnPaper(id, TYPICAL_DOG[id].coat),
  view,
})

function drawn({ words, dog, card, view: id }: Picture, width: number, height: number): string {
  const entries = new Map(typeof card === 'number' ? [] : card.map((entry) => [entry.zone, entry]))
  const lengthMm = (zone: ZoneId) => (typeof card === 'number' ? card : (entries.get(zone)?.lengthMm ?? 0))
  const view = drawView(id, dog, lengthMm, {
    shapeOf: (zone) => entries.get(zone)?.shape ?? null,
    joinOf: (zone) => entries.get(zone)?.join ?? 'blend',
  })
  const map = renderToStaticMarkup(
    createElement(CoatMap, { label: words, view, coat: dog.coat, lengthMm, callouts: [], width, height }),
  )
  return `<figure>${withOwnIds(map)}<figcaption>${words}</figcaption></figure>`
}

async function sheet(
  file: string,
  pictures: readonly Picture[],
  across: number,
  width: number,
  height: number,
): Promise<void> {
  const rows = Math.ceil(pictures.length / across)
  const figures = pictures.map((each) => drawn(each, width, height)).join('')
  await photograph(file, figures, { across, width, tall: rows * (height + 31) + 20 })
}

/** Writes a picture of columns, each so wide. */
async function photograph(
  file: string,
  html: string,
  { across, width, tall }: { across: number; width: number; tall: number },
): Promise<void> {
  if (!file.startsWith(ONLY)) return
  const css = readFileSync('src/ui/theme/tokens.css', 'utf8')
  const style = `${css} body{margin:0;padding:8px;background:var(--kv-paper);color:var(--kv-ink);font:13px sans-serif} main{display:grid;grid-template-columns:repeat(${across},${width}px);gap:8px} figure{margin:0} figcaption{padding:3px 0} h1{font-size:21px;margin:4px 0} p{margin:5px 0} svg{margin:4px 0} .must{color:var(--kv-late)}`
  const whole = `<!doctype html><meta charset="utf-8"><style>${style}</style><main>${html}</main>`
  const page = path.join(mkdtempSync(path.join(tmpdir(), 'kovit-sheet-')), 'sheet.html')
  writeFileSync(page, whole)
  const driver = await openBrowser(across * (width + 8) + 23, tall + 140)
  try {
    await driver.get(`file://${page}`)
    writeFileSync(path.join('docs/sheets', file), await driver.takeScreenshot(), 'base64')
  } finally {
    await driver.quit()
  }
}

async function main(): Promise<void> {
  await sheet(
    'faces.png',
    FACES.map((face): Picture => ({ ...face, view: 'head-front' })),
    4,
    310,
    250,
  )
  await sheet('one-face-growing.png', growingFace(), 8, 155, 190)
  await sheet(
    'fronts-and-rears.png',
    (['front', 'rear'] as const).flatMap((view) =>
      FOUR_COATS.flatMap((coat) =>
        BUILDS.map((build): Picture => ({
          words: `${build}, ${coat}`,
          dog: { build, coat },
          card: heightShare(build),
          view,
        })),
      ),
    ),
    BUILDS.length,
    205,
    215,
  )
  const even = BUILDS.flatMap((build) =>
    COATS.map((coat): Picture => ({ words: `${build}, ${coat}`, dog: { build, coat }, card: EVEN_MM, view: 'side' })),
  )
  await sheet('builds-and-coats.png', even, COATS.length, 190, 160)
  await sheet(
    'six-views.png',
    SIX_OF.flatMap((id) => VIEWS.map((view) => ofPattern(id, view))),
    VIEWS.length,
    250,
    220,
  )
  await photograph('four-dogs.png', fourDogs(), { across: 4, width: 400, tall: 900 })
  await sheet(
    'sixteen-patterns.png',
    PATTERNS.map((id) => ofPattern(id, 'side')),
    4,
    300,
    250,
  )
}

void main()
