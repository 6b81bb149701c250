import { build } from 'esbuild'
import { openBrowser } from '../tests/e2e/browser'

const STEPS = 120
const RUNS = 100

/** Runs in the page: moves the slider one step at a time; ms until the dog is drawn anew. */
const SLIDE = `
  const [steps, done] = arguments
  const handle = document.querySelector('input[type=range]')
  const figure = document.querySelector('svg[role=group] path[id$=shape]')
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
  const drawn = []
  const once = (node, name, since) =>
    new Promise((seen) => {
      const watch = new MutationObserver(() => {
        watch.disconnect()
        drawn.push(performance.now() - since)
        seen()
      })
      watch.observe(node, { attributes: true, attributeFilter: [name] })
    })
  const step = async () => {
    if (drawn.length === steps) return done(drawn)
    const week = Number(handle.value) + (drawn.length % 12 < 6 ? 1 : -1)
    const from = performance.now()
    const seen = once(figure, 'd', from)
    set.call(handle, String(week))
    handle.dispatchEvent(new Event('input', { bubbles: true }))
    await seen
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
export async function inBrowser(address: string, file: string): Promise<{ drawn: number[]; draw: number[] }> {
  const bundle = await build({
    entryPoints: ['src/core/figure/index.ts'],
    bundle: true,
    write: false,
    format: 'iife',
    globalName: 'figure',
    minify: true,
  })
  const driver = await openBrowser()
  try {
    await driver.get(address + file)
    await driver.sleep(1000)
    const drawn = await driver.executeAsyncScript<number[]>(SLIDE, STEPS)
    await driver.executeScript(`${bundle.outputFiles[0]?.text}; window.figure = figure`)
    const draw = await driver.executeScript<number[]>(DRAW, RUNS)
    return { drawn: drawn.slice(20), draw }
  } finally {
    await driver.quit()
  }
}
