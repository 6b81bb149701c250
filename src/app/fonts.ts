import localFont from 'next/font/local'

/** Asked for with the page, so that words do not move when they come; letters that few words need come when one is there. */
const words = localFont({
  src: '../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  weight: '200 800',
  variable: '--kv-words',
  adjustFontFallback: false,
})
const rareWords = localFont({
  src: '../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-wght-normal.woff2',
  weight: '200 800',
  variable: '--kv-rare-words',
  preload: false,
  adjustFontFallback: false,
})
const figures = localFont({
  src: '../../node_modules/@fontsource-variable/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-wght-normal.woff2',
  weight: '200 800',
  variable: '--kv-figures',
  adjustFontFallback: false,
})

/** Names the fonts for the style sheets. */
export const FONTS = [words, rareWords, figures].map(({ variable }) => variable).join(' ')
