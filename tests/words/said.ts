import { readWords } from '@/core/request'
import type { Deed } from '@/core/request/words'

/** What words came to, on one line: `body, legs: 12.7 mm`; a question stands behind a `?`. */
export function said(text: string): string {
  const { spoken, unclear } = readWords(text)
  const taken = spoken.map(
    ({ zones, except, deed }) =>
      `${zones.join(' ')}${except.length > 0 ? ` but ${except.join(' ')}` : ''}: ${short(deed)}`,
  )
  return [...taken, ...unclear.map(({ question }) => `? ${question}`)].join('; ')
}

function short(deed: Deed): string {
  if (deed.do === 'length') return `${deed.lengthMm} mm`
  if (deed.do === 'tool') return Object.values(deed.tool).join(' ')
  if (deed.do === 'off') return `${deed.byMm} mm off`
  if (deed.do === 'clear') return `${deed.clearMm} mm off the floor`
  if (deed.do === 'shape') return deed.shape
  if (deed.do === 'pattern') return `as ${deed.pattern}`
  if (deed.do !== 'change') return deed.do
  const much = deed.byMm !== null ? `${deed.byMm} mm ` : deed.much === 'plain' ? '' : `${deed.much} `
  return much + (deed.longer ? 'longer' : 'shorter')
}
