/** The names in a list of them, one or several words each: `tummy|under belly`; a list may run over lines. */
export const namesIn = (names: string): string[] => names.split('|').map((name) => name.trim())
