import { build } from 'esbuild'
import { openBrowser } from '../tests/e2e/browser'

const STEPS = 120
const RUNS = 100

/** Runs in the page: moves the slider one step at a time, until the page has changed, ms for each. */
const SLIDE = `
  const [steps, done] = arguments
  const handle = document.querySelector('[role=slider]')
  const times = []
  const step = () => {
    if (times.length === steps) return done(times)
    const key = times.length % 12 < 6 ? 'ArrowRight' : 'ArrowLeft'
    const seen = new MutationObserver(() => {
      seen.disconnect()
      times.push(performance.now() - from)
      requestAnimationFrame(() => setTimeout(step))
    })
    seen.observe(handle, { attributes: true, attributeFilter: ['aria-valuenow'] })
    const from = performance.now()
    const code = key === 'ArrowRight' ? 39 : 37
    handle.dispatchEvent(new KeyboardEvent('keydown', { key, code: key, keyCode: code, which: code, bubbles: true }))
  }
  handle.focus()
  step()`

const DRAW = `
  const [runs] = arguments
  const times = []
  for (let run = 0; run < runs + 20; run++) {
    const from = performance.now()
    for (const id of window.figure.VIEWS) window.figure.drawView(id, { build: 'square', coat: 'curly', heightCm: 52 }, () => 10 + run / 10)
    times.push(performance.now() - from)
  }
  return times.slice(20)`

/** In a real Chromium: a step of the weeks slider on a dog's file, and the six views of one dog. Milliseconds, run by run. */
export async function inBrowser(address: string, file: string): Promise<{ slide: number[]; draw: number[] }> {
  const bundle = await build({ entryPoints: ['src/core/figure/index.ts'], bundle: true, write: false, format: 'iife', globalName: 'figure', minify: true }) // prettier-ignore
  const driver = await openBrowser()
  try {
    await driver.get(address + file)
    await driver.sleep(1000)
    const slide = await driver.executeAsyncScript<number[]>(SLIDE, STEPS)
    await driver.executeScript(`${bundle.outputFiles[0]?.text}; window.figure = figure`)
    const draw = await driver.executeScript<number[]>(DRAW, RUNS)
    return { slide: slide.slice(20), draw }
  } finally {
    await driver.quit()
  }
}
