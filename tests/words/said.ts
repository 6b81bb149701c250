import { readWords } from '@/core/request'
import type { Deed, Remark } from '@/core/request/words'

/** What words came to, on one line: `body, legs: 12.7 mm`; a question stands behind a `?`, what is no wish in brackets. */
export function said(text: string): string {
  const { spoken, unclear, remarks } = readWords(text)
  const taken = spoken.map(
    ({ zones, except, deed, side, only }) =>
      `${only ? 'only ' : ''}${side ? `${side} ` : ''}${zones.join(' ')}${except.length > 0 ? ` but ${except.join(' ')}` : ''}: ${short(deed)}`,
  )
  const known = remarks.map(({ about }) => `(${aboutWords(about)})`)
  return [...taken, ...unclear.map(({ question }) => `? ${question}`), ...known].join('; ')
}

function aboutWords(about: Remark['about']): string {
  if (about.kind === 'health') return [about.health, about.side, about.zone].filter(Boolean).join(' ')
  if (about.kind === 'temper') return `${about.trigger} ${about.grade}`
  return [about.kind, about.zone].filter(Boolean).join(' ')
}

function short(deed: Deed): string {
  switch (deed.do) {
    case 'length':
      return `${deed.lengthMm} mm`
    case 'range':
      return `${deed.fromMm} to ${deed.toMm} mm`
    case 'bound':
      return `at ${deed.most ? 'most' : 'least'} ${deed.limitMm} mm`
    case 'tool':
      return Object.values(deed.tool).join(' ')
    case 'off':
      return `${deed.byMm} mm off`
    case 'clear':
      return `${deed.clearMm} mm off the floor`
    case 'shape':
      return deed.shape
    case 'pattern':
      return `as ${deed.pattern}`
    case 'season':
      return deed.season
    case 'purpose':
      return `for ${deed.purpose}`
    case 'like':
      return `like ${deed.of.join(' ')}${deed.byMm === 0 ? '' : ` by ${deed.byMm} mm`}${deed.change === null ? '' : deed.change ? ', longer' : ', shorter'}`
    case 'change': {
      const much = deed.byMm !== null ? `${deed.byMm} mm ` : deed.much === 'plain' ? '' : `${deed.much} `
      return much + (deed.longer ? 'longer' : 'shorter')
    }
    default:
      return deed.do
  }
}
