/**
 * How React writes what JSON has no word for, and what stands twice: `$0:0:file` is the same thing as there. A text that
 * begins with a dollar has two; all else would point to nowhere.
 */
const KNOWN = /^\$(\$|undefined$|NaN$|-?Infinity$|-0$|D|n-?\d+$|0:)/

/**
 * Whether this is what an action of a page is sent as text. What is not would be a fault of the server, since its reader
 * waits for parts that never come.
 */
export function isActionText(text: string): boolean {
  try {
    let known = true
    JSON.parse(text, (_, value: unknown) => {
      if (typeof value === 'string' && value.startsWith('$') && !KNOWN.test(value)) known = false
      return value
    })
    return known
  } catch {
    return false
  }
}
