import { renderToStaticMarkup } from 'react-dom/server'
import { expect, it } from 'vitest'
import { FaultNumber } from './FaultNumber'

it('a fault of the server is told by its number; a fault of the page has none', () => {
  expect(renderToStaticMarkup(<FaultNumber digest="1734928" />)).toContain('1734928')
  expect(renderToStaticMarkup(<FaultNumber digest={undefined} />)).toBe('')
})
