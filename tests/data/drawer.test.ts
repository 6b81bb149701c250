import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { plain } from '@/core/find'
import type { Database } from '@/data/connection'
import { changeDog } from '@/data/dogs'
import { DogsAsked, dogsView } from '@/service/find/dogsView'
import { searchDrawer } from '@/service/find/drawer'
import { findAnything } from '@/service/find/findAnything'
import { openHouse as readOpenHouse } from '@/service/house/openHouse'
import { fillDrawer, manyDogs, whereabouts } from '../generated/dogs'
import { NINE, bookAgain, openHouse, type Server } from './house'

const made = manyDogs(5000)
let server: Server
let database: Database
beforeAll(async () => {
  ;({ server, database } = await openHouse('.kovit-test/drawer'))
  await fillDrawer(database, made, NINE)
})
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

/** Slips between two words: letters put in, left out or changed. Written plainly, to check the index against. */
function slips(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, at) => at)
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    for (let j = 1; j <= b.length; j++)
      next.push(
        Math.min((row[j] ?? 0) + 1, (next[j - 1] ?? 0) + 1, (row[j - 1] ?? 0) + (a[i - 1] === b[j - 1] ? 0 : 1)),
      )
    row = next
  }
  return row[b.length] ?? 0
}
const forgiven = (word: string) => (word.length < 4 ? 0 : word.length < 6 ? 1 : 2)
const isMeant = (text: string, words: string) =>
  plain(text)
    .split(' ')
    .every((part) =>
      plain(words)
        .split(' ')
        .some((word) => word.startsWith(part) || slips(part, word) <= forgiven(part)),
    )
const dogIds = async (text: string) => {
  const hits = await searchDrawer(text, made.length * 2)
  return hits.filter(({ kind }) => kind === 'dog').map(({ id }) => id)
}

describe('a search over 5 000 dogs', () => {
  it.each([
    'quill',
    'QUIL',
    'qwill',
    'soren',
    'zoe marsh',
    'brandreht',
    'lagotto',
    'humel quill',
    'xyzzy',
    'pu',
    'mochi penhale poodle',
  ])('“%s” finds what a plain scan finds, no more and no less', async (text) => {
    const scanned = made.filter(({ name, breed, home, people }) => isMeant(text, `${name} ${breed} ${home} ${people}`))
    expect((await dogIds(text)).sort((a, b) => a - b)).toEqual(scanned.map(({ id }) => id))
  })
  it('a number finds its household by its last four figures, and whole however it is written', async () => {
    const { id, phone } = made[2345]!
    const last = phone.slice(-4)
    const homes = (await searchDrawer(last, made.length)).map((hit) => hit.id)
    expect(homes.slice(0, 1).every((home) => made[home - 1]?.phone.endsWith(last))).toBe(true)
    expect(homes).toContain(id)
    expect(await searchDrawer(`+44 ${phone.slice(1)}`, 5)).toEqual([{ kind: 'household', id, dogs: [id] }])
  })
  it('a dog comes before the home it lives in', async () => {
    const found = await findAnything({ text: 'qwill marsh' }, await readOpenHouse(NINE))
    expect(found[0]?.kind).toBe('dog')
  })
  it('the very name comes before one with a slip', async () => {
    const [first] = await findAnything({ text: 'Quill Marsh' }, await readOpenHouse(NINE))
    expect(first?.name).toBe('Quill')
  })
  it('what changed is found at once, and what it was before no more', async () => {
    await changeDog(77, { name: 'Umberlight' })
    expect(await dogIds('umberlight')).toEqual([77])
    await changeDog(77, { name: made[76]!.name })
    expect(await dogIds('umberlight')).toEqual([])
  })
})

describe('the drawer of dogs', () => {
  const ask = async (rest: Partial<DogsAsked>) => dogsView(DogsAsked.parse(rest), await readOpenHouse(NINE))
  it('sends only what is seen, and says how many there are', async () => {
    const view = await ask({})
    expect(view).toMatchObject({ total: 4900, counts: { here: 4900, all: 5000 } })
    expect(view.dogs).toHaveLength(24)
    expect(JSON.stringify(view).length).toBeLessThan(150_000)
    const next = await ask({ from: 24 })
    expect(next.dogs.map(({ id }) => id)).not.toContain(view.dogs[0]?.id)
  })
  const expected = (holds: (id: number) => boolean) => made.filter(({ id }) => whereabouts(id).here && holds(id)).length
  it.each([
    [
      'due' as const,
      (id: number) => whereabouts(id).known && whereabouts(id).dueIn >= 0 && whereabouts(id).dueIn <= 14,
    ],
    ['overdue' as const, (id: number) => whereabouts(id).known && whereabouts(id).dueIn < 0],
    ['wish' as const, (id: number) => id % 11 === 0],
    ['vaccination' as const, (id: number) => id % 3 === 0 || whereabouts(id).ago > 365],
  ])('%s are the dogs that a plain count finds', async (filter, holds) =>
    expect((await ask({ filter })).total).toBe(expected(holds)),
  )
  it('away are those who do not come, and a search finds them as well', async () => {
    expect((await ask({ filter: 'away' })).total).toBe(100)
    const { name, people } = made[49]!
    expect((await ask({ text: `${name} ${people}` })).dogs.map(({ id }) => id)).toContain(50)
  })
  it('a dog that is booked is not overdue', async () => {
    const before = (await ask({ filter: 'overdue' })).total
    const dogId = made.find(({ id }) => whereabouts(id).here && whereabouts(id).known && whereabouts(id).dueIn < 0)!.id
    const staff = await database.models.staff.create({ name: 'Wren', role: 'groomer' })
    const row = { dogId, staffId: staff.id, startAt: new Date(NINE + 86_400_000), slotMin: 60, service: 'Full groom' }
    await database.models.booking.create({ ...row, request: '{}', coatNow: '{}', mats: '{}', setting: 'salon' })
    expect((await ask({ filter: 'overdue' })).total).toBe(before - 1)
  })
  it('sorted by what is due, the longest due stands first', async () => {
    const { dogs } = await ask({ sort: 'due' })
    expect(whereabouts(dogs[0]!.id).dueIn).toBe(
      Math.min(
        ...made
          .filter(({ id }) => whereabouts(id).here && whereabouts(id).known)
          .map(({ id }) => whereabouts(id).dueIn),
      ),
    )
  })
})

it('no text finds who comes today, each once and the first one first, before who was here last', async () => {
  const [early = 0, late = 0] = made.flatMap(({ id }) => (whereabouts(id).here ? [id] : [])).slice(-2)
  const staff = await database.models.staff.create({ name: 'Ansel', role: 'groomer' })
  for (const [dogId, hours] of [
    [late, 4],
    [early, 1],
    [early, 6],
  ] as const)
    await bookAgain(database, { dogId, staffId: staff.id }, NINE + hours * 3_600_000)
  const found = (await findAnything({ text: '' }, await readOpenHouse(NINE))).map(({ href }) => href)
  expect(found.slice(0, 2)).toEqual([`/dogs/${early}`, `/dogs/${late}`])
  expect([found.length, new Set(found).size]).toEqual([8, 8])
  const ago = (href: string) => whereabouts(Number(href.split('/')[2])).ago
  const rest = found.slice(2).map(ago)
  expect(rest).toEqual([...rest].sort((a, b) => a - b))
})
