import sharp from 'sharp'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { makePlan } from '@/core/plan'
import type { Database } from '@/data/connection'
import { bookingFile } from '@/service/booking/planOf'
import { HeadsAsked, dogsOfHeads, firstCardOf } from '@/service/dog/firstCards'
import { keepPaper, papersOf, putPaper, readPaper } from '@/service/dog/papers'
import { saveCard } from '@/service/dog/saveCard'
import { houseTime } from '@/service/house/houseTime'
import { NINE, bookQuill, emptyBook, houseAt, openHouse, type Server } from './house'

let server: Server
let database: Database
let dogId: number
let bookingId: number

beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/first-cards')))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})
beforeEach(async () => {
  await emptyBook(database)
  ;({ dogId, bookingId } = await bookQuill(database))
})

const found = async (...heads: string[]) => {
  const answer = await dogsOfHeads(heads)
  return answer.ok ? answer.value.map((dogs) => dogs.map((dog) => [dog.name, dog.version])) : answer.problems
}

/** A scribbled card, read on this dog. */
async function draft(words: string) {
  const opened = await firstCardOf(dogId, await houseAt(NINE))
  if (!opened.ok) throw new Error('no dog')
  return { plan: makePlan({ ...opened.value.start, request: { words } }), version: opened.value.version }
}
const kept = async (zones: Parameters<typeof saveCard>[0]['zones'], seen: number) =>
  saveCard({ dogId, by: 'Wren', why: 'From the drawer', zones, seen }, await houseAt(NINE))

describe('the dogs of a drawer', () => {
  it('are found by name, in any case, with what tells them apart; who is away is not', async () => {
    const { models } = database
    const [first] = await models.dog.findAll()
    await models.dog.create({ ...first, id: undefined, name: 'Otis', callId: null, standing: 'moved' })
    expect(await found('QUILL', 'Quill of nowhere', 'Otis', 'Nettle')).toEqual([[['Quill', 0]], [], [], []])
  })
  it('are so many at a time', () =>
    expect(HeadsAsked.safeParse(Array.from({ length: 301 }, () => 'Quill')).error?.issues[0]?.message).toBe(
      'Bring at most 300 cards at a time.',
    ))
})

describe('a first card', () => {
  it('is what the first groom repeats, before any visit', async () => {
    const { plan, version } = await draft('5F on the body, comb 1 on the legs, ears as they are')
    expect([plan.questions, version]).toEqual([[], 0])
    expect(await kept(plan.card, 0)).toEqual({ ok: true, value: { version: 1 } })
    const again = (await bookingFile(bookingId, houseTime('UTC')))?.planned
    const next = again && makePlan({ ...again, request: { sameAsLast: true } })
    const cut = (zone: string) => next?.card.find((entry) => entry.zone === zone)
    expect([cut('back')?.blade, cut('foreleg')?.comb, cut('ear-edge')?.method]).toEqual(['5F', '1', 'leave'])
    expect(await found('Quill')).toEqual([[['Quill', 1]]])
  })
  it('pressed twice is kept once', async () => {
    const { plan, version } = await draft('7F all over')
    const both = await Promise.all([kept(plan.card, version), kept(plan.card, version)])
    expect(both.map(({ ok }) => ok).sort()).toEqual([false, true])
    expect(await database.models.card.count({ where: { dogId } })).toBe(1)
  })
  it('of a dog that is not there is refused', async () =>
    expect(await firstCardOf(9999, await houseAt(NINE))).toMatchObject({ ok: false }))
})

describe('a picture of a paper card', () => {
  const [ID, OTHER] = ['00000000-0000-4000-8000-0000000000a1', '00000000-0000-4000-8000-0000000000a2']
  const jpeg = sharp({ create: { width: 40, height: 20, channels: 3, background: '#ddccaa' } })
    .jpeg()
    .toBuffer()
  const papers = async (of = dogId) => (await papersOf(of, await houseAt(NINE))).map(({ id }) => id)
  const put = async (id: string, isGone: boolean) => putPaper({ dogId, id, isGone }, await houseAt(NINE))

  it('is kept beside the dog’s card, once; taken away it can be put back', async () => {
    for (let sent = 0; sent < 2; sent++) expect((await keepPaper(dogId, ID, await jpeg, NINE)).ok).toBe(true)
    await keepPaper(dogId, OTHER, await jpeg, NINE + 1000)
    expect(await papers()).toEqual([OTHER, ID])
    expect((await readPaper(dogId, ID))?.length).toBeGreaterThan(100)
    await put(OTHER, true)
    expect(await papers()).toEqual([ID])
    await put(OTHER, false)
    expect(await papers()).toEqual([OTHER, ID])
  })
  it('is of one dog, which has to be there, and a picture', async () => {
    await keepPaper(dogId, ID, await jpeg, NINE)
    const { dogId: other } = await bookQuill(database)
    expect((await keepPaper(other, ID, await jpeg, NINE)).ok).toBe(false)
    expect([await readPaper(other, ID), await papers(other)]).toEqual([null, []])
    expect((await keepPaper(9999, OTHER, await jpeg, NINE)).ok).toBe(false)
    expect((await keepPaper(dogId, OTHER, Buffer.from('a card'), NINE)).ok).toBe(false)
    expect(await papers()).toEqual([ID])
  })
})
