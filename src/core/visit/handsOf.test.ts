import { expect, it } from 'vitest'
import { handsOf, type VisitEvent } from '.'

const event = (min: number, rest: object): VisitEvent =>
  ({
    id: `00000000-0000-4000-8000-${String(min).padStart(12, '0')}`,
    atMs: min * 60_000,
    by: 'Wren',
    ...rest,
  }) as VisitEvent

it('a stage is theirs who began it last; what was taken back is nobody’s, and what names nobody is left out', () => {
  const wash = event(1, { kind: 'stage-started', stage: 'wash', byId: 3 })
  const log = [
    wash,
    event(10, { kind: 'stage-started', stage: 'dry', byId: 3 }),
    event(20, { kind: 'stage-started', stage: 'wash', byId: 1 }),
    event(30, { kind: 'stage-started', stage: 'head' }),
    event(40, { kind: 'stage-started', stage: 'legs', byId: 3 }),
    event(41, { kind: 'undone', undoes: '00000000-0000-4000-8000-000000000040', byId: 3 }),
  ]
  expect([...handsOf(log)]).toEqual([
    ['wash', 1],
    ['dry', 3],
  ])
})
