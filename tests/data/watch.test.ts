import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Database } from '@/data/connection'
import { addEvents } from '@/data/events'
import { appendEvents } from '@/service/visit/appendEvents'
import { lookOnce, watchVisit } from '@/service/visit/watchVisit'
import { figuresAsText } from '@/service/watch/figures'
import { NINE, bookQuill, closeVisit, happened, openHouse, startVisit, type Server } from './house'

let server: Server
let database: Database
let visitId: number

beforeAll(async () => {
  ;({ server, database } = await openHouse('.kovit-test/watch'))
  const { bookingId, dogId } = await bookQuill(database)
  visitId = await startVisit(bookingId, dogId)
})
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})
const note = (atMin: number) => happened(atMin, { kind: 'note', words: 'calm', stage: null })

describe('a screen that watches a visit', () => {
  it('is told when this server takes something in, and when another one did, once each', async () => {
    let told = 0
    const leave = watchVisit(visitId, () => told++)
    // The first look tells as well: something may have come in since the screen asked.
    await lookOnce()
    expect(told).toBe(1)
    await lookOnce()
    expect(told).toBe(1)
    await appendEvents(visitId, [note(1)], NINE)
    expect(told).toBe(2)
    // As another server writes it: past everybody who is told here.
    await addEvents(visitId, [note(2)], NINE)
    const before = told
    await lookOnce()
    expect(told).toBe(before + 1)
    leave()
    await addEvents(visitId, [note(3)], NINE)
    await lookOnce()
    expect(told).toBe(before + 1)
  })
  it('is told of the close as well', async () => {
    await addEvents(visitId, [happened(60, { kind: 'finished' })], NINE)
    let told = 0
    const leave = watchVisit(visitId, () => told++)
    await lookOnce()
    await database.models.visit.update({ closedAt: new Date(NINE) }, { where: { id: visitId } })
    await lookOnce()
    expect(told).toBe(2)
    await database.models.visit.update({ closedAt: null }, { where: { id: visitId } })
    expect((await closeVisit(visitId, true, NINE + 3_700_000)).ok).toBe(true)
    expect(told).toBe(3)
    leave()
  })
  it('is counted, and nobody’s name is among the figures', async () => {
    const leave = watchVisit(visitId, () => {})
    expect((await figuresAsText()).text).toContain('kovit_watching_screens 1')
    leave()
    const { text } = await figuresAsText()
    expect(text).toContain('kovit_watching_screens 0')
    for (const name of ['Quill', 'Wren']) expect(text).not.toContain(name)
  })
})
