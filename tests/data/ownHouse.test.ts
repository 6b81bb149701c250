import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newFile, type DogFile } from '@/core/dog'
import { readBookingsOfDog } from '@/data/bookings'
import type { Database } from '@/data/connection'
import { fileOf as storedFile, readDog } from '@/data/dogs'
import { readOwnersOf } from '@/data/households'
import { readStaff } from '@/data/people'
import { bookingFile } from '@/service/booking/planOf'
import { changeDogFile, dogChanges, goBack } from '@/service/dog/changeDogFile'
import { sayDogComes } from '@/service/dog/dogComes'
import { takeInDog, type TakeInAsked } from '@/service/dog/takeInDog'
import { whoCalls } from '@/service/dog/whoCalls'
import { saveHouse } from '@/service/house/changeHouse'
import { openHouse as readOpenHouse } from '@/service/house/openHouse'
import { addPerson, changePerson, leaveHouse } from '@/service/house/people'
import { passStep, setUpHouse } from '@/service/house/setUpHouse'
import { householdView } from '@/service/household/householdView'
import { joinHouseholds, joinPreview, partHouseholds } from '@/service/household/joinHouseholds'
import { moveDog, movePreview } from '@/service/household/moveDog'
import { HouseholdChange, saveHousehold } from '@/service/household/saveHousehold'
import { takeCommonKit } from '@/service/kit/commonKit'
import { beginVisit } from '@/service/visit/beginVisit'
import { NINE, TIME, bookAgain, openHouse, type Server } from './house'

let server: Server
let database: Database
beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/own-house', false)))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

const house = () => readOpenHouse(NINE)
const sentence = (result: { ok: boolean; problems?: { sentence: string }[] }) => result.problems?.[0]?.sentence
const done = <T>(result: { ok: true; value: T } | { ok: false; problems: object[] }): T => {
  if (!result.ok) throw new Error(JSON.stringify(result.problems))
  return result.value
}

describe('an empty book', () => {
  const facts = { name: 'Slip and Shear', place: 'Quay', timeZone: 'Europe/London', unit: 'mm', works: 'both' } as const
  it('becomes a house once, and steps that were gone past are not asked again', async () => {
    done(await setUpHouse(facts))
    expect(sentence(await setUpHouse(facts))).toBe('This book has its house already.')
    done(await passStep('kit'))
    expect(await house()).toMatchObject({ ...facts, seen: ['house', 'kit'], demo: false })
  })
  it('is changed from the page that was seen last; an older page is told what it is now', async () => {
    const { version } = await house()
    done(await saveHouse({ facts: { name: 'Shear and Slip' }, version }, 'Wren'))
    expect(sentence(await saveHouse({ facts: { place: 'Hill' }, version }, 'Wren'))).toContain(
      'it is Shear and Slip, Quay',
    )
  })
  it('takes a common kit once', async () => {
    expect(done(await takeCommonKit({ kit: 'van' }))).toEqual({ added: 8 })
    expect(done(await takeCommonKit({ kit: 'van' }))).toEqual({ added: 0 })
  })
  it('has people who come, are called otherwise, leave and come back', async () => {
    const { id } = done(await addPerson({ name: 'Wren', role: 'groomer', work: {} }, 'Wren'))
    expect(sentence(await addPerson({ name: 'wren', role: 'bather', work: {} }, 'Wren'))).toContain(
      'in the house already',
    )
    done(await changePerson({ id, name: 'Wren Marsh' }, 'Wren'))
    done(await leaveHouse({ id, left: true }, 'Wren', '2027-03-02'))
    expect(await house()).toMatchObject({ staff: [], everybody: [{ name: 'Wren Marsh', leftOn: '2027-03-02' }] })
    expect((await house()).nameOf(id)).toBe('Wren Marsh')
    done(await leaveHouse({ id, left: false }, 'Wren', '2027-03-02'))
    expect((await readStaff())[0]?.leftOn).toBeNull()
  })
})

const PUFFIN = newFile({ name: 'Puffin', breed: 'Lhasa cross', coat: 'drop', build: 'toy', weightKg: 6.5 })
const CALLER = { kind: 'new', name: 'Petra Hume', phone: '01632 960173', place: '4 Net Loft Lane', agreed: {} } as const
const asked = (rest: Partial<TakeInAsked> = {}): TakeInAsked => ({
  caller: CALLER,
  dog: PUFFIN,
  booking: null,
  ...rest,
})
const slot = async (day: string, clock = '09:00') => ({
  staffId: (await readStaff())[0]?.id ?? 0,
  day,
  clock,
  sameAsLast: false,
  tidy: false,
  request: { pattern: 'teddy' as const },
  coatNowMm: { all: 41 },
})
const counts = async () => {
  const { household, owner, dog, booking } = database.models
  return Promise.all([household.count(), owner.count(), dog.count(), booking.count()])
}

describe('taking in a dog', () => {
  it('makes household, owner, dog and booking as one thing', async () => {
    const before = await counts()
    const taken = done(await takeInDog(asked({ booking: await slot('2027-03-10') }), await house()))
    expect(await counts()).toEqual(before.map((count) => count + 1))
    expect(await readDog(taken.dogId)).toMatchObject({ name: 'Puffin', bornOn: null, sex: null, standing: 'here' })
    expect(await readOwnersOf([taken.householdId])).toMatchObject([{ name: 'Petra Hume', first: true }])
    expect(taken.booked?.slotMin).toBeGreaterThan(60)
  })
  it('is done once, however often the call is sent, and at once as well', async () => {
    const callId = '00000000-0000-4000-8000-00000000c411'
    const caller = { ...CALLER, name: 'Nerys Ashby', phone: '01632 960199' }
    const call = asked({ callId, caller, booking: await slot('2027-03-11') })
    const before = await counts()
    const sent = await Promise.all([takeInDog(call, await house()), takeInDog(call, await house())])
    const again = await takeInDog(call, await house())
    expect(new Set([...sent, again].map((each) => done(each).dogId)).size).toBe(1)
    expect(done(again).booked).toEqual(done(sent[0] as typeof again).booked)
    expect(await counts()).toEqual(before.map((count) => count + 1))
    const other = await takeInDog({ ...call, dog: { ...PUFFIN, weightKg: 8 } }, await house())
    expect(sentence(other)).toContain('was taken in by this call already')
  })
  it('leaves nothing behind where the time is taken, and names the field', async () => {
    const before = await counts()
    const refused = await takeInDog(asked({ booking: await slot('2027-03-10', '09:30') }), await house())
    expect(refused).toMatchObject({ ok: false, problems: [{ path: 'booking.anyway' }] })
    expect(await counts()).toEqual(before)
  })
  it('keeps to the days on which the house is open', async () => {
    done(await saveHouse({ opening: { closed: [{ from: '2027-04-01', to: '2027-04-05', why: 'holiday' }] } }, 'Wren'))
    const refused = await takeInDog(asked({ booking: await slot('2027-04-02') }), await house())
    expect(sentence(refused)).toBe('The house is closed: holiday.')
  })
  it('knows a number however it is written, and who lives there', async () => {
    const known = await whoCalls({ phone: '+44 (1632) 960-173', caller: '', dog: '' }, await house())
    expect(known).toMatchObject([{ household: 'Hume', by: 'number', dogs: [{ name: 'Puffin' }] }])
    expect(await whoCalls({ phone: '01632 960174', caller: '', dog: '' }, await house())).toEqual([])
  })
  it('knows a dog and a person by their names, before it is made twice', async () => {
    const known = await whoCalls({ phone: '', caller: 'petra hume', dog: 'PUFFIN' }, await house())
    expect(known).toMatchObject([{ household: 'Hume', by: 'name' }])
    expect(await whoCalls({ phone: '', caller: 'Somebody Else', dog: 'Puffin' }, await house())).toEqual([])
  })
})

describe('a file that is changed', () => {
  const change = async (dogId: number, seen: DogFile, changed: Partial<DogFile>, by = 'Wren') =>
    changeDogFile({ dogId, file: { ...seen, ...changed }, seen, by }, NINE)
  const fileNow = async (dogId: number) => {
    const dog = await readDog(dogId)
    if (!dog) throw new Error('no dog')
    return storedFile(dog)
  }
  it('keeps who and when, and what was usual is usual no more', async () => {
    const file = { ...PUFFIN, more: { ...PUFFIN.more, usual: ['weightKg' as const, 'coat' as const] } }
    const { dogId } = done(await takeInDog(asked({ dog: file }), await house()))
    done(await change(dogId, await fileNow(dogId), { weightKg: 7.2 }))
    expect((await fileNow(dogId)).more.usual).toEqual(['coat'])
    expect(await dogChanges(dogId, TIME)).toMatchObject([{ by: 'Wren', words: ['weight 6.5 to 7.2 kg'] }])
  })
  it('of two who change it, the second is told what the first changed, and nothing is lost', async () => {
    const { dogId } = done(await takeInDog(asked(), await house()))
    const seen = await fileNow(dogId)
    const both = await Promise.all([
      change(dogId, seen, { weightKg: 7.2 }, 'Wren'),
      change(dogId, seen, { coat: 'cotton' }, 'Ansel'),
    ])
    const refused = both.find(({ ok }) => !ok)
    expect(both.filter(({ ok }) => ok)).toHaveLength(1)
    const kept = await fileNow(dogId)
    expect(sentence(refused ?? both[0])).toContain(
      kept.coat === 'cotton' ? 'coat drop to cotton' : 'weight 6.5 to 7.2 kg',
    )
    expect(await dogChanges(dogId, TIME)).toHaveLength(1)
  })
  it('can be gone back to, which is a change as well', async () => {
    const { dogId } = done(await takeInDog(asked(), await house()))
    done(await change(dogId, await fileNow(dogId), { behaviour: { dryer: 3 } }))
    const [last] = await dogChanges(dogId, TIME)
    done(await goBack({ dogId, changeId: last?.id ?? 0, by: 'Ansel' }, NINE))
    expect((await fileNow(dogId)).behaviour).toEqual({})
    expect((await dogChanges(dogId, TIME)).map(({ by }) => by)).toEqual(['Ansel', 'Wren'])
    expect(sentence(await goBack({ dogId, changeId: 9999, by: 'Wren' }, NINE))).toBe('This change is not in the file.')
  })
  it('with measures that are no dog is refused by the field', async () => {
    const { dogId } = done(await takeInDog(asked(), await house()))
    const refused = await change(dogId, await fileNow(dogId), { heightCm: 28, measures: { chestDepthCm: 27 } })
    expect(refused).toMatchObject({ problems: [{ path: 'file.chestDepthCm' }] })
  })
})

describe('a dog that does not come any more', () => {
  it('keeps its file; only the bookings that a person names are called off', async () => {
    const { dogId } = done(await takeInDog(asked(), await house()))
    const staffId = (await readStaff())[0]?.id ?? 0
    const [first, second] = [
      await bookAgain(database, { dogId, staffId }, NINE + 86_400_000),
      await bookAgain(database, { dogId, staffId }, NINE + 9 * 86_400_000),
    ]
    done(await sayDogComes({ dogId, standing: 'away', callOff: [first.id] }, NINE))
    expect((await readBookingsOfDog(dogId, NINE)).map(({ id }) => id)).toEqual([second.id])
    expect(await database.models.booking.findByPk(first.id)).toMatchObject({ calledOffWhy: 'is away for now' })
    expect((await readDog(dogId))?.standing).toBe('away')
    done(await sayDogComes({ dogId, standing: 'here', callOff: [] }, NINE))
    // A tablet had begun the first one without a network: it happened, and is in the book again.
    const file = await bookingFile(second.id, TIME)
    if (!file) throw new Error('no booking')
    done(await beginVisit(first.id, await house(), { planned: file.planned, startedMs: NINE }))
    expect((await database.models.booking.findByPk(first.id))?.calledOffAt).toBeNull()
    expect((await readDog(dogId))?.standing).toBe('here')
  })
})

describe('a household', () => {
  const withDog = async (name: string, phone: string) =>
    done(
      await takeInDog(
        asked({ caller: { ...CALLER, name, phone }, dog: { ...PUFFIN, name: `${name}’s dog` } }),
        await house(),
      ),
    )
  const seen = async (householdId: number) => {
    const view = await householdView(householdId, await house())
    if (!view) throw new Error('no household')
    return view
  }
  it('keeps its people, who is called first, what they agreed to; a stale page is told', async () => {
    const { householdId } = await withDog('Una Orme', '01632 960011')
    const { version, owners } = await seen(householdId)
    const [una] = owners
    const people = [
      { name: 'Bram Orme', phone: '01632 960012', email: null, agreed: { messages: true } },
      { id: una?.id ?? 0, name: 'Una Orme', phone: '01632 960011', email: null, agreed: {} },
    ]
    const change = { householdId, name: 'Orme', place: '1 Ferry Lane', notes: '', people, by: 'Wren', version }
    done(await saveHousehold(change, NINE))
    expect((await seen(householdId)).owners.map(({ name, first }) => [name, first])).toEqual([
      ['Bram Orme', true],
      ['Una Orme', false],
    ])
    expect(sentence(await saveHousehold({ ...change, place: '2 Ferry Lane' }, NINE))).toContain('address 1 Ferry Lane')
    const now = await seen(householdId)
    done(await saveHousehold({ ...change, people: people.slice(0, 1), version: now.version }, NINE))
    expect((await seen(householdId)).owners.map(({ name }) => name)).toEqual(['Bram Orme'])
    expect(await database.models.owner.count({ where: { name: 'Una Orme' } })).toBe(1)
  })
  it('keeps where its door is, as long as nobody says otherwise', async () => {
    const { householdId } = await withDog('Una Orme', '01632 960011')
    const [owner] = (await seen(householdId)).owners
    const people = [{ id: owner?.id ?? 0, name: 'Una Orme', phone: null, email: null, agreed: {} }]
    const change = { householdId, name: 'Orme', place: '1 Ferry Lane', notes: '', people, by: 'Wren' }
    done(await saveHousehold({ ...change, spot: '50.14, -5.23' }, NINE))
    done(await saveHousehold({ ...change, place: '2 Ferry Lane' }, NINE))
    expect(await seen(householdId)).toMatchObject({ place: '2 Ferry Lane', spot: '50.14, -5.23' })
    done(await saveHousehold({ ...change, spot: null }, NINE))
    expect((await seen(householdId)).spot).toBeNull()
    expect(HouseholdChange.safeParse({ ...change, spot: 'by the quay' }).error?.issues[0]?.message).toBe(
      'Give latitude and longitude, such as 50.102, -5.204.',
    )
  })
  it('a dog goes over to another one, as the preview said, with its bookings', async () => {
    const [from, to] = [await withDog('Maud Fallow', '01632 960021'), await withDog('Keir Dunmore', '01632 960022')]
    const staffId = (await readStaff())[0]?.id ?? 0
    await bookAgain(database, { dogId: from.dogId, staffId }, NINE + 20 * 86_400_000)
    const { lines } = done(await movePreview({ dogId: from.dogId, householdId: to.householdId }, await house()))
    expect(lines[0]).toBe('Keir Dunmore is called for it from now on.')
    expect(lines.join()).toContain('Booked stays: 22 Mar')
    done(await moveDog({ dogId: from.dogId, householdId: to.householdId, by: 'Wren' }, NINE))
    expect((await seen(to.householdId)).dogs).toHaveLength(2)
    expect((await seen(from.householdId)).dogs).toHaveLength(0)
    expect(sentence(await moveDog({ dogId: from.dogId, householdId: to.householdId, by: 'Wren' }, NINE))).toContain(
      'lives there already',
    )
  })
  it('two that are one are joined, lead to one page, and can be parted again', async () => {
    const [from, into] = [await withDog('Odette Wyke', '01632 960031'), await withDog('O. Wyke', '01632 960032')]
    await database.models.household.update({ place: '9 Sailmakers Close' }, { where: { id: from.householdId } })
    const preview = done(await joinPreview({ fromId: from.householdId, intoId: into.householdId }))
    expect(preview.lines[1]).toBe('O. Wyke is called first; Odette Wyke stays in the list.')
    done(await joinHouseholds({ fromId: from.householdId, intoId: into.householdId, by: 'Wren' }, NINE))
    const joined = await seen(from.householdId)
    expect(joined.id).toBe(into.householdId)
    expect(joined.owners.map(({ name, first }) => [name, first])).toEqual([
      ['O. Wyke', true],
      ['Odette Wyke', false],
    ])
    expect(joined.dogs).toHaveLength(2)
    expect(preview.lines).toContain('The address 9 Sailmakers Close is kept in the notes.')
    expect(joined.notes).toBe('Wyke also at 9 Sailmakers Close')
    done(await partHouseholds({ householdId: into.householdId, by: 'Wren' }, NINE))
    expect((await seen(from.householdId)).dogs.map(({ id }) => id)).toEqual([from.dogId])
    expect((await seen(into.householdId)).dogs.map(({ id }) => id)).toEqual([into.dogId])
    expect(sentence(await partHouseholds({ householdId: into.householdId, by: 'Wren' }, NINE))).toBe(
      'Nothing was joined to this household.',
    )
  })
  it('of two who join crosswise at once one is refused, and no dog is lost', async () => {
    const [a, b] = [await withDog('Silas Thorne', '01632 960041'), await withDog('S. Thorne', '01632 960042')]
    const join = (fromId: number, intoId: number) => joinHouseholds({ fromId, intoId, by: 'Wren' }, NINE)
    const both = await Promise.all([join(a.householdId, b.householdId), join(b.householdId, a.householdId)])
    expect(both.filter(({ ok }) => ok)).toHaveLength(1)
    expect((await seen(a.householdId)).dogs).toHaveLength(2)
  })
})
