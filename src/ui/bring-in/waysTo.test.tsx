import { renderToStaticMarkup } from 'react-dom/server'
import { expect, it } from 'vitest'
import { WaysTo } from './WaysTo'

const marsh = { householdId: 3, household: 'Marsh', owner: 'Hedda', dogs: [{ name: 'Quill' }], by: 'number' as const }
const asked = (home: number | null) => renderToStaticMarkup(<WaysTo known={[marsh]} home={home} choose={() => {}} />)

it('a household is told by who lives there and by what it is known', () => {
  expect(asked(null).replaceAll(/<[^>]+>/g, '')).toContain('Marsh: Hedda, Quill, by its number')
  expect(renderToStaticMarkup(<WaysTo known={[]} home={null} choose={() => {}} />)).toBe('')
})
it('a household that is not offered any more is not chosen', () => {
  const pressed = (home: number | null) =>
    asked(home)
      .split('<button')
      .find((button) => button.includes('aria-pressed="true"'))
      ?.includes('Marsh')
  expect([pressed(3), pressed(9), pressed(null)]).toEqual([true, false, false])
})
