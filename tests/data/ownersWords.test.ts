import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { makePlan } from '@/core/plan'
import type { Database } from '@/data/connection'
import { readDog } from '@/data/dogs'
import { bookingFile } from '@/service/booking/planOf'
import { keepWishes } from '@/service/booking/keepWishes'
import { planView } from '@/service/booking/planView'
import { dogChanges } from '@/service/dog/changeDogFile'
import { keepRemark } from '@/service/dog/keepRemark'
import { houseTime } from '@/service/house/houseTime'
import { NINE, bookQuill, houseAt, openHouse, type Server } from './house'

let server: Server
let database: Database
let dogId: number
let bookingId: number

beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/owners-words')))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})
beforeEach(async () => void ({ dogId, bookingId } = await bookQuill(database)))

const time = houseTime('UTC')
const say = async (words: string, answers: { asked: string; said: string }[] = []) => {
  const lookOver = { coatNowMm: {}, coatSidesMm: {}, mats: {} }
  const kept = await keepWishes({ bookingId, request: { words, answers }, lookOver, own: {} })
  expect(kept.ok).toBe(true)
  return (await bookingFile(bookingId, time))?.planned
}

describe('what an owner said', () => {
  it('stays with the booking as it was typed, with the answers that were given', async () => {
    const planned = await say('legs 4, bum short', [{ asked: 'legs 4', said: 'legs comb 4' }])
    expect(planned?.request.words).toBe('legs 4, bum short')
    const plan = planned && makePlan(planned)
    expect(plan?.understood.map(({ means }) => means)).toEqual(['comb 4 on 30'])
    expect(plan?.questions).toHaveLength(1)
  })
  it('is shown on the plan, and nothing is said for a first visit', async () => {
    await say('leave the ears')
    expect(await planView(bookingId, await houseAt(NINE))).toMatchObject({
      lastWords: '',
      start: { request: { words: 'leave the ears' } },
    })
  })
})

describe('a remark', () => {
  const remark = async (about: Parameters<typeof keepRemark>[0]['about'], words: string) =>
    keepRemark({ dogId, words, about }, await houseAt(NINE))
  it('on health is pinned in the file with the owner’s words, once, and the next plan knows of it', async () => {
    const about = { kind: 'health' as const, health: 'sore' as const, zone: 'hindfoot' as const, side: null }
    expect(await remark(about, 'a sore on the back foot')).toMatchObject({ ok: true })
    expect(await remark(about, 'a sore on the back foot')).toMatchObject({ ok: true })
    const dog = await readDog(dogId)
    expect(dog?.health.filter(({ kind }) => kind === 'sore')).toMatchObject([
      { zone: 'hindfoot', words: 'a sore on the back foot', saidBy: 'the owner' },
    ])
    const planned = (await bookingFile(bookingId, time))?.planned
    expect(planned && makePlan(planned).refer.map(({ kind }) => kind)).toContain('sore')
    expect(await dogChanges(dogId, time)).toHaveLength(1)
  })
  it('on temper is a grade, never a milder one than is known', async () => {
    expect(await remark({ kind: 'temper', trigger: 'dryer', grade: 3 }, 'he hates the dryer')).toMatchObject({
      ok: true,
    })
    await remark({ kind: 'temper', trigger: 'dryer', grade: 2 }, 'not keen on the dryer')
    expect((await readDog(dogId))?.behaviour.dryer).toBe(3)
  })
  it('that is neither, or of a dog that is not there, is refused', async () => {
    expect(await remark({ kind: 'care', zone: null }, 'careful')).toMatchObject({ ok: false })
    const gone = keepRemark(
      { dogId: 9999, words: 'x', about: { kind: 'temper', trigger: 'dryer', grade: 3 } },
      await houseAt(NINE),
    )
    expect(await gone).toMatchObject({ ok: false, problems: [{ sentence: 'This dog is not in the book.' }] })
  })
})
