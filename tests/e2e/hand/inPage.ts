/**
 * What an eye and a finger meet on a page, measured in the page itself. These functions travel to the browser as their
 * text (see `measure`), so each stands alone with its neighbours here and imports nothing.
 */

/** The least that a page allows: a finger needs `targetPx`, an eye `textPx`. */
export interface Least {
  targetPx: number
  textPx: number
  /** Everything is seen without a scroll. */
  still: boolean
}

export interface Box {
  left: number
  top: number
  right: number
  bottom: number
}

/** A line of words as it is painted, in the page's own pixels. */
export interface Line extends Box {
  words: string
  sizePx: number
  isBold: boolean
  colour: string
  opacity: number
  isOff: boolean
}

/** What is measured: the page, or the dialog that lies over it. */
export function part(): Element {
  const dialogs = [...document.querySelectorAll('[role=dialog], dialog[open]')].filter((each) => isShown(each))
  return dialogs.at(-1) ?? document.body
}

export function isShown(element: Element): boolean {
  if (!element.checkVisibility({ opacityProperty: true, visibilityProperty: true })) return false
  if (element.closest('.kv-hidden, title, desc, script, style, noscript, option')) return false
  const { width, height } = element.getBoundingClientRect()
  return width > 1.5 && height > 1.5
}

/** What is left of a box inside everything that cuts it; how it is cut besides. */
export function clipped(box: Box, from: Element): { box: Box; cut: Element | null; scrolls: Element | null } {
  let { left, top, right, bottom } = box
  let cut: Element | null = null
  let scrolls: Element | null = null
  for (let each: Element | null = from; each && each !== document.documentElement; each = each.parentElement) {
    const { overflowX, overflowY, position } = getComputedStyle(each)
    if ((overflowX !== 'visible' || overflowY !== 'visible') && each !== document.body) {
      const edge = each.getBoundingClientRect()
      const beyondX = right > edge.right + 1.5 || left < edge.left - 1.5
      const beyondY = bottom > edge.bottom + 2.5 || top < edge.top - 2.5
      const isCut = (beyondX && /hidden|clip/.test(overflowX)) || (beyondY && /hidden|clip/.test(overflowY))
      if (isCut) cut ??= each
      else if (beyondX || beyondY) scrolls ??= each
      left = Math.max(left, edge.left)
      right = Math.min(right, edge.right)
      top = Math.max(top, edge.top)
      bottom = Math.min(bottom, edge.bottom)
    }
    if (position === 'fixed') break
  }
  return { box: { left, top, right, bottom }, cut, scrolls }
}

export function isEmpty({ left, top, right, bottom }: Box): boolean {
  return right - left < 2 || bottom - top < 2
}

/** Every line of words, with the element it stands in. */
export function lines(root: Element): { line: Line; element: Element }[] {
  const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT)
  const found: { line: Line; element: Element }[] = []
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const element = node.parentElement
    const words = (node.textContent ?? '').trim()
    if (words === '' || !element || !isShown(element)) continue
    const range = document.createRange()
    range.selectNodeContents(node)
    for (const { left, top, right, bottom } of range.getClientRects())
      if (!isEmpty({ left, top, right, bottom }))
        found.push({ line: { words, left, top, right, bottom, ...look(element) }, element })
  }
  return found
}

/** How words in an element are painted; in a drawing their size is that of the screen. */
export function look(element: Element): Pick<Line, 'sizePx' | 'isBold' | 'colour' | 'opacity' | 'isOff'> {
  const style = getComputedStyle(element)
  const matrix = element instanceof SVGGraphicsElement ? element.getScreenCTM() : null
  const scale = matrix ? Math.hypot(matrix.a, matrix.b) : 1
  let opacity = 1
  for (let each: Element | null = element; each; each = each.parentElement)
    opacity *= Number(getComputedStyle(each).opacity)
  return {
    sizePx: Math.round(parseFloat(style.fontSize) * scale * 10) / 10,
    isBold: Number(style.fontWeight) >= 600,
    colour: element instanceof SVGElement ? style.fill : style.color,
    opacity,
    isOff: element.closest(':disabled, [aria-disabled=true]') !== null,
  }
}

export function named(element: Element): string {
  const words = (element.getAttribute('aria-label') ?? element.textContent ?? '').trim().replace(/\s+/g, ' ')
  return `${element.tagName.toLowerCase()} "${words.slice(0, 50)}"`
}

/** Words beyond an edge, too small, or over other words. */
export function wordFaults(root: Element, { textPx }: Least): string[] {
  const faults: string[] = []
  const seen: (Box & { words: string; pinned: Element | null })[] = []
  for (const { line, element } of lines(root)) {
    const { box, cut, scrolls } = clipped(line, element)
    const words = `"${line.words.slice(0, 50)}"`
    if (cut) faults.push(`cut off: ${words} by ${cut.tagName.toLowerCase()} ${String(cut.getAttribute('class') ?? '')}`)
    if (!scrolls && (line.left < -0.5 || line.right > innerWidth + 0.5)) faults.push(`beyond the edge: ${words}`)
    if (line.sizePx < textPx - 0.05) faults.push(`small: ${words} ${line.sizePx} px`)
    if (isEmpty(box)) continue
    const shrunk = (box.bottom - box.top) * 0.22
    const core = {
      words: line.words,
      pinned: pinned(element),
      left: box.left + 1,
      right: box.right - 1,
      top: box.top + shrunk,
      bottom: box.bottom - shrunk,
    }
    const over = seen.find((other) => other.words !== core.words && other.pinned === core.pinned && meet(other, core))
    if (over) faults.push(`over each other: ${words} and "${over.words.slice(0, 50)}"`)
    seen.push(core)
  }
  return faults
}

/** What holds an element to the screen's edge while the page scrolls under it. */
export function pinned(element: Element): Element | null {
  for (let each: Element | null = element; each; each = each.parentElement)
    if (/fixed|sticky/.test(getComputedStyle(each).position)) return each
  return null
}

export function meet(a: Box, b: Box): boolean {
  return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom
}

/** What scrolls sideways, and whether a page that must not scroll at all does. */
export function scrollFaults(root: Element, { still }: Least): string[] {
  const { scrollWidth, scrollHeight } = document.documentElement
  const wide = [...root.querySelectorAll('*')].filter(
    (each) =>
      /auto|scroll/.test(getComputedStyle(each).overflowX) &&
      each.scrollWidth > each.clientWidth + 1 &&
      isShown(each) &&
      !each.hasAttribute('data-says-it-scrolls'),
  )
  // What must be minded is never behind a press where everything is to be seen in one look.
  const folded = still ? [...root.querySelectorAll('[data-must=true]')].filter((each) => isShown(each)) : []
  return [
    ...folded.map((each) => `folded: ${named(each)}`),
    ...(scrollWidth > innerWidth + 0.5 ? [`the page is ${scrollWidth} px wide`] : []),
    ...(still && scrollHeight > innerHeight + 0.5 ? [`the page is ${scrollHeight} px high`] : []),
    ...wide.map((each) => `scrolls sideways: ${named(each)}`),
  ]
}

/** The end of the page under what is fixed to the screen's edge. */
export function underFixed(root: Element): string[] {
  scrollTo({ top: document.documentElement.scrollHeight, behavior: 'instant' })
  const fixed = [...root.querySelectorAll('*')].filter(
    (each) => /fixed|sticky/.test(getComputedStyle(each).position) && isShown(each),
  )
  const faults = lines(root).flatMap(({ line, element }) => {
    const over = fixed.find((each) => !each.contains(element) && meet(each.getBoundingClientRect(), shrink(line)))
    return over ? [`under what is fixed: "${line.words.slice(0, 50)}" by ${named(over)}`] : []
  })
  scrollTo({ top: 0, behavior: 'instant' })
  return faults
}

export function shrink({ left, top, right, bottom }: Box): Box {
  return { left: left + 2, right: right - 2, top: top + 4, bottom: bottom - 4 }
}

/** Targets on which a finger has less room than the least. */
export function targetFaults(root: Element, { targetPx, textPx }: Least): string[] {
  const targets = root.querySelectorAll(
    'a[href], button, input:not([type=hidden]), select, textarea, summary, [role=button], [role=option], [role=tab], [role=slider], [role=combobox], [role=switch]',
  )
  return [...targets]
    .filter((each) => !(each instanceof SVGElement) && isShown(each) && !isInSentence(each, textPx))
    .flatMap((target) => {
      target.scrollIntoView({ block: 'center', behavior: 'instant' })
      const { wide, high } = reach(target, targetPx)
      return wide && high
        ? []
        : [
            `small target: ${named(target)} ${Math.round(target.getBoundingClientRect().width)} by ${Math.round(target.getBoundingClientRect().height)} px`,
          ]
    })
}

/** A link within a sentence is as high as its line, as WCAG 2.5.8 has it; on the bench there are none. */
export function isInSentence(target: Element, textPx: number): boolean {
  if (textPx >= 18 || !target.matches('a, button')) return false
  const around = [...(target.parentElement?.childNodes ?? [])]
  return (
    getComputedStyle(target).display === 'inline' &&
    around.some((each) => each.nodeType === Node.TEXT_NODE && (each.textContent ?? '').trim().length > 2)
  )
}

export function reach(target: Element, leastPx: number): { wide: boolean; high: boolean } {
  // What is drawn round a field belongs to it: its label, and the box of Ant Design's own fields.
  const box = target.closest('label, .ant-select, .ant-picker, .ant-input-number, .ant-input-affix-wrapper')
  const label = box ?? (target as HTMLInputElement).labels?.[0] ?? null
  const boxes = [target, ...(label ? [label] : [])].map((each) => each.getBoundingClientRect())
  const largest = boxes.reduce((a, b) => (a.width * a.height >= b.width * b.height ? a : b))
  const x = (largest.left + largest.right) / 2
  const y = (largest.top + largest.bottom) / 2
  const hits = (atX: number, atY: number) => {
    const hit = document.elementFromPoint(atX, atY)
    return hit !== null && (target.contains(hit) || label?.contains(hit) === true)
  }
  /** How far it goes on hitting the target from its middle, both ways together, px. */
  const span = (stepX: number, stepY: number) => {
    let far = 0
    for (const way of [1, -1])
      for (let by = 1; by <= leastPx && hits(x + stepX * by * way, y + stepY * by * way); by++) far++
    return far + 1
  }
  return {
    wide: largest.width >= leastPx - 0.5 || span(1, 0) >= leastPx - 1,
    high: largest.height >= leastPx - 0.5 || span(0, 1) >= leastPx - 1,
  }
}

/** All faults of the page as it stands, each once. */
export function faultsHere(least: Least): string[] {
  const root = part()
  const faults = [
    ...scrollFaults(root, least),
    ...wordFaults(root, least),
    ...targetFaults(root, least),
    ...(root === document.body ? underFixed(root) : []),
  ]
  scrollTo({ top: 0, behavior: 'instant' })
  return [...new Set(faults)]
}

/** The lines that are seen now and lie under nothing, for a look at their contrast. */
export function linesHere(): Line[] {
  return lines(part()).flatMap(({ line, element }) => {
    const { box } = clipped(line, element)
    return isEmpty(box) || line.isOff || isUnder(box, element) ? [] : [{ ...line, ...box }]
  })
}

export function isUnder({ left, top, right, bottom }: Box, element: Element): boolean {
  const hit = document.elementFromPoint((left + right) / 2, (top + bottom) / 2)
  const whole = element.closest('svg') ?? element
  return hit !== null && !whole.contains(hit) && !hit.contains(whole)
}
