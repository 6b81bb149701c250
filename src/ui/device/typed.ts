/**
 * What is being typed on a page, kept on this device at once: before it is painted, and without a promise that a page which
 * is closed in that moment could not wait for.
 */
const nameOf = (houseKey: string, page: string): string => `kovit.typed ${houseKey} ${page}`

/** @returns whether the device kept it; a full or private one does not */
export function keepTyped(houseKey: string, page: string, typed: unknown): boolean {
  try {
    localStorage.setItem(nameOf(houseKey, page), JSON.stringify(typed))
    return true
  } catch (error) {
    if (error instanceof DOMException) return false
    throw error
  }
}

/** @returns undefined where nothing is kept, or nothing that can be read */
export function readTyped(houseKey: string, page: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(nameOf(houseKey, page)) ?? 'null') ?? undefined
  } catch (error) {
    if (error instanceof DOMException || error instanceof SyntaxError) return undefined
    throw error
  }
}

export function forgetTyped(houseKey: string, page: string): void {
  try {
    localStorage.removeItem(nameOf(houseKey, page))
  } catch (error) {
    if (!(error instanceof DOMException)) throw error
  }
}
