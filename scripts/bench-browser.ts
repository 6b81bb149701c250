import { build } from 'esbuild'
import { openBrowser } from '../tests/e2e/browser'

const STEPS = 120
const RUNS = 100

/** Runs in the page: moves the slider one step at a time; ms until the slider has answered and until the dog is drawn anew. */
const SLIDE = `
  const [steps, done] = arguments
  const handle = document.querySelector('[role=slider]')
  const figure = document.querySelector('svg[role=group] path[id$=shape]')
  const answered = []
  const drawn = []
  const once = (node, name, since, times) =>
    new Promise((seen) => {
      const watch = new MutationObserver(() => {
        watch.disconnect()
        times.push(performance.now() - since)
        seen()
      })
      watch.observe(node, { attributes: true, attributeFilter: [name] })
    })
  const step = async () => {
    if (drawn.length === steps) return done({ answered, drawn })
    const key = drawn.length % 12 < 6 ? 'ArrowRight' : 'ArrowLeft'
    const code = key === 'ArrowRight' ? 39 : 37
    const from = performance.now()
    const both = Promise.all([once(handle, 'aria-valuenow', from, answered), once(figure, 'd', from, drawn)])
    handle.dispatchEvent(new KeyboardEvent('keydown', { key, code: key, keyCode: code, which: code, bubbles: true }))
    await both
    requestAnimationFrame(() => setTimeout(step))
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
export async function inBrowser(
  address: string,
  file: string,
): Promise<{ answered: number[]; drawn: number[]; draw: number[] }> {
  const bundle = await build({ entryPoints: ['src/core/figure/index.ts'], bundle: true, write: false, format: 'iife', globalName: 'figure', minify: true }) // prettier-ignore
  const driver = await openBrowser()
  try {
    await driver.get(address + file)
    await driver.sleep(1000)
    const { answered, drawn } = await driver.executeAsyncScript<{ answered: number[]; drawn: number[] }>(SLIDE, STEPS)
    await driver.executeScript(`${bundle.outputFiles[0]?.text}; window.figure = figure`)
    const draw = await driver.executeScript<number[]>(DRAW, RUNS)
    return { answered: answered.slice(20), drawn: drawn.slice(20), draw }
  } finally {
    await driver.quit()
  }
}
