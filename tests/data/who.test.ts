import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { LOCKED_AT, heldBackMs } from '@/core/rights'
import type { Result } from '@/core/result'
import type { Database } from '@/data/connection'
import { readSecrets } from '@/data/people'
import { keepTries } from '@/data/signIns'
import { saveHouse } from '@/service/house/changeHouse'
import { openHouse as readOpenHouse, type OpenHouse } from '@/service/house/openHouse'
import { addPerson, changePerson, leaveHouse, unlockPin } from '@/service/house/people'
import { letIn, makeCode, turnOff } from '@/service/who/devices'
import { claimHouse, openBook } from '@/service/who/firstOwner'
import { changeOwn, chooseByCode } from '@/service/who/ownSecrets'
import { signIn, signOut, stillHere, takeTable } from '@/service/who/signIn'
import { tableView } from '@/service/who/tableView'
import { admit, whoAsks, type Shown } from '@/service/who/whoAsks'
import { tokenHash } from '@/service/who/secrets'
import { lockedPins } from '@/service/who/tries'
import { authored } from '@/service/visit/authored'
import { happened, openHouse, type Server } from './house'

const PASSPHRASE = 'gulls over the ropewalk'
const OTHER = 'salt pans in november'
const FACTS = { name: 'Slip and Shear', place: 'Quay', timeZone: 'UTC', unit: 'mm', works: 'salon' } as const
const MIN = 60_000
const NOBODY: Shown = { signIn: null, device: null, outside: false }

let server: Server
let database: Database
let wren: Shown
let jory = 0
let linnet = 0
/** Two tablets that were let in by codes, seen from the house's network. */
let tub: Shown
let table: Shown

const done = <T>(result: Result<T>): T => {
  if (!result.ok) throw new Error(JSON.stringify(result.problems))
  return result.value
}
const sentence = (result: Result<unknown>): string => (result.ok ? 'kept' : (result.problems[0]?.sentence ?? ''))
const house = (minutes = 0): Promise<OpenHouse> => readOpenHouse(Date.now() + minutes * MIN)
const shows = (was: Shown, { signIn: token, device }: { signIn: string; device: string | null }): Shown => ({
  ...was,
  signIn: token,
  device: device ?? was.device,
})
const nameOf = async (shown: Shown, minutes = 0) => (await whoAsks(shown, await house(minutes)))?.name ?? 'nobody'
const person = async (shown: Shown) => {
  const who = await whoAsks(shown, await house())
  if (!who) throw new Error('nobody is signed in')
  return who
}
const tablet = async (name: string): Promise<Shown> => {
  const { code } = done(await makeCode({ device: name }, { name: 'Wren' }, await house()))
  const { device } = done(await letIn({ code }, await house()))
  return { signIn: null, device, outside: true }
}
const chosen = async (staffId: number, pin: string, on: Shown): Promise<Shown> => {
  const { code } = done(await makeCode({ staffId }, { name: 'Wren' }, await house()))
  return shows(on, done(await chooseByCode({ code, pin }, on, await house())))
}

beforeAll(async () => {
  ;({ server, database } = await openHouse('.kovit-test/who', false))
})
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

describe('a house of one’s own', () => {
  const asked = { ...FACTS, you: 'Wren', passphrase: PASSPHRASE }
  it('is not made with a passphrase that is tried first, nor from another screen', async () => {
    for (const passphrase of ['password1234', 'slip and shear', 'aaaaaaaaaaaaaa', 'qwertyuiop123'])
      expect(sentence(await openBook({ ...asked, passphrase }, NOBODY))).toContain('first that are tried')
    expect(sentence(await openBook(asked, { ...NOBODY, outside: true }))).toContain('at the machine')
    expect(await database.models.house.count()).toBe(0)
  })
  it('is theirs who opens the book, once', async () => {
    wren = shows(NOBODY, done(await openBook(asked, NOBODY)))
    expect(await person(wren)).toMatchObject({ name: 'Wren', owner: true, role: 'groomer' })
    expect(sentence(await openBook({ ...asked, you: 'Mallory' }, NOBODY))).toBe('This book has its house already.')
    expect(sentence(await claimHouse({ you: 'Mallory', passphrase: OTHER }, NOBODY))).toContain('has its owner')
  })
  it('keeps hashes of passphrases and of what browsers show, and nothing else of them', async () => {
    const { passphrase } = (await readSecrets((await person(wren)).id)) ?? { passphrase: '' }
    expect(passphrase).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/)
    const rows = JSON.stringify([await database.models.signIn.findAll(), await database.models.device.findAll()])
    expect(rows).toContain(tokenHash(wren.signIn ?? ''))
    expect(rows).not.toContain(wren.signIn)
  })
  it('that was made before anybody signed in is claimed at the machine', async () => {
    const before = await readSecrets(1)
    await database.models.staff.update({ owner: false, passphrase: null }, { where: {} })
    expect(await tableView(NOBODY, await house())).toMatchObject({ unclaimed: true, people: [] })
    expect(sentence(await claimHouse({ you: 'Wren', passphrase: OTHER }, { ...NOBODY, outside: true }))).toContain(
      'at the machine',
    )
    wren = shows(NOBODY, done(await claimHouse({ you: 'wren', passphrase: OTHER }, NOBODY)))
    expect(await person(wren)).toMatchObject({ id: 1, owner: true })
    await database.models.staff.update({ passphrase: before?.passphrase ?? null }, { where: { id: 1 } })
    expect(await tableView(NOBODY, await house())).toMatchObject({ unclaimed: false })
  })
})

describe('signing in by passphrase', () => {
  it('tells a wrong name and a wrong passphrase in the same words', async () => {
    const wrong = async (name: string, passphrase: string) =>
      sentence(await signIn({ name, passphrase }, NOBODY, await house()))
    expect(await wrong('Wren', 'wrong')).toBe('This name and passphrase do not belong together.')
    expect(await wrong('Nobody', PASSPHRASE)).toBe('This name and passphrase do not belong together.')
  })
  it('gives another token each time, and the older one of that person in that browser is worth nothing', async () => {
    const first = shows(wren, done(await signIn({ name: 'wren', passphrase: PASSPHRASE }, wren, await house())))
    const second = shows(first, done(await signIn({ name: 'Wren', passphrase: PASSPHRASE }, first, await house())))
    expect(second.signIn).not.toBe(first.signIn)
    expect([await nameOf(first), await nameOf(second)]).toEqual(['nobody', 'Wren'])
    wren = second
  })
  it('is bound to its browser: a token without its device, or with another, is nobody', async () => {
    const other = shows(NOBODY, done(await signIn({ name: 'Wren', passphrase: PASSPHRASE }, NOBODY, await house())))
    expect(await nameOf({ ...wren, device: null })).toBe('nobody')
    expect(await nameOf({ ...wren, device: other.device })).toBe('nobody')
    expect(await nameOf(other)).toBe('Wren')
  })
  it('ends after the house’s rest, unless a hand was there, and after a working day in any case', async () => {
    done(await saveHouse({ restMin: 20 }, 'Wren'))
    expect([await nameOf(wren, 19), await nameOf(wren, 21)]).toEqual(['Wren', 'nobody'])
    const who = await person(wren)
    for (let minutes = 15; minutes < 17 * 60; minutes += 15) await stillHere(who, Date.now() + minutes * MIN)
    expect([await nameOf(wren, 15 * 60 + 59), await nameOf(wren, 16 * 60 + 1)]).toEqual(['Wren', 'nobody'])
    await stillHere(who, Date.now())
    expect(sentence(await saveHouse({ restMin: 60 }, 'Wren'))).toBe('kept')
  })
})

describe('a device of the house', () => {
  it('is let in by a code, once and within ten minutes', async () => {
    const { code } = done(await makeCode({ device: 'tub tablet' }, { name: 'Wren' }, await house()))
    expect(sentence(await letIn({ code }, await house(11)))).toContain('older than 10 minutes')
    const both = await Promise.all([letIn({ code }, await house()), letIn({ code }, await house())])
    expect(both.filter(({ ok }) => ok)).toHaveLength(1)
    tub = { signIn: null, device: both.find((each) => each.ok)?.value.device ?? '', outside: true }
    table = await tablet('table tablet')
    expect(await nameOf(tub)).toBe('nobody')
  })
  it('is the only way in from the house’s network', async () => {
    expect(await nameOf({ ...wren, outside: true })).toBe('nobody')
    const asked = { name: 'Wren', passphrase: PASSPHRASE }
    expect(sentence(await signIn(asked, { ...NOBODY, outside: true }, await house()))).toContain('not let in')
    expect(await tableView({ ...NOBODY, outside: true }, await house())).toMatchObject({ needsCode: true, people: [] })
  })
  it('asks for a name and four figures, which people choose by a code of their own', async () => {
    jory = done(await addPerson({ name: 'Jory', role: 'bather', work: {} }, 'Wren')).id
    linnet = done(await addPerson({ name: 'Linnet', role: 'front desk', work: {} }, 'Wren')).id
    expect(sentence(await takeTable({ staffId: jory, pin: '8352' }, tub, await house()))).toBe('Jory has no PIN yet.')
    expect(await nameOf(await chosen(jory, '8352', tub))).toBe('Jory')
    expect(await nameOf(await chosen(linnet, '9061', table))).toBe('Linnet')
    const names = (await tableView(tub, await house())).people.map(({ name, by }) => `${name}: ${by}`)
    expect(names).toEqual(['Wren: code', 'Jory: press', 'Linnet: pin'])
    expect((await tableView(NOBODY, await house())).people).toEqual([])
  })
  it('is changed hands on in two presses, without figures for who was there a moment ago', async () => {
    const asLinnet = shows(tub, done(await takeTable({ staffId: linnet, pin: '9061' }, tub, await house())))
    const asJory = shows(asLinnet, done(await takeTable({ staffId: jory }, asLinnet, await house())))
    expect([await nameOf(asLinnet), await nameOf(asJory)]).toEqual(['Linnet', 'Jory'])
    expect(sentence(await takeTable({ staffId: jory }, table, await house()))).toBe('Give your four figures.')
    expect(sentence(await takeTable({ staffId: jory }, tub, await house(61)))).toBe('Give your four figures.')
    await signOut(await person(asJory), 'here', Date.now())
    expect([await nameOf(asLinnet), await nameOf(asJory)]).toEqual(['nobody', 'nobody'])
    expect(sentence(await takeTable({ staffId: jory }, tub, await house()))).toBe('Give your four figures.')
  })
  it('that was turned off knows nobody from then on', async () => {
    const lost = await tablet('lost tablet')
    const asJory = shows(lost, done(await takeTable({ staffId: jory, pin: '8352' }, lost, await house())))
    const { deviceId } = await person(asJory)
    done(await turnOff({ deviceId: deviceId ?? 0 }, { name: 'Wren' }, Date.now()))
    expect(await nameOf(asJory)).toBe('nobody')
    expect(await admit(asJory, 'see')).toMatchObject({ ok: false, status: 401 })
    expect(sentence(await takeTable({ staffId: jory, pin: '8352' }, lost, await house()))).toContain('not let in')
  })
})

describe('a wrong PIN', () => {
  const wrong = async (on: Shown) => sentence(await takeTable({ staffId: jory, pin: '1470' }, on, await house()))
  it('costs nothing at first, half a second by the third, and eight at most', () =>
    expect([1, 2, 3, 4, 5, 7, 10].map(heldBackMs)).toEqual([0, 0, 500, 1000, 2000, 8000, 8000]))
  it('is held back for as long, also where devices try at once', async () => {
    const fromMs = Date.now()
    await Promise.all([wrong(tub), wrong(table), wrong(tub), wrong(table)])
    // The third for half a second, and the fourth for a whole one behind it.
    expect(Date.now() - fromMs).toBeGreaterThanOrEqual(1500)
    done(await takeTable({ staffId: jory, pin: '8352' }, tub, await house()))
  })
  it('locks the PIN by the tenth, for the right one too, until the owner or a passphrase opens it', async () => {
    const tenth = () => keepTries(`pin ${jory}`, { n: LOCKED_AT - 1, freeMs: 0 })
    await wrong(tub)
    await tenth()
    expect(await wrong(tub)).toBe('These are not the four figures.')
    const right = async () => sentence(await takeTable({ staffId: jory, pin: '8352' }, table, await house()))
    expect(await right()).toContain('is locked')
    expect(await lockedPins()).toEqual([jory])
    done(await unlockPin({ id: jory }, 'Wren'))
    expect(await lockedPins()).toEqual([])
    expect(await right()).toBe('kept')
    const own = await person(await chosen(jory, '8352', tub))
    const asJory = await chosen(jory, '8352', tub)
    // Tried as one’s own of now it is the same PIN, and counts as one.
    await keepTries(`pin ${jory}`, { n: LOCKED_AT - 1, freeMs: 0 })
    expect(sentence(await changeOwn({ current: '1470', pin: '9061' }, own, asJory, await house()))).toBe(
      'This is not your PIN of now.',
    )
    expect(await lockedPins()).toEqual([jory])
    done(await unlockPin({ id: jory }, 'Wren'))
    expect(sentence(await changeOwn({ current: '8352' }, own, asJory, await house()))).toBe(
      'Choose a PIN or a passphrase.',
    )
    done(await changeOwn({ current: '8352', passphrase: OTHER }, own, asJory, await house()))
    await wrong(table)
    await keepTries(`pin ${jory}`, { n: LOCKED_AT, freeMs: 0 })
    expect(await right()).toContain('is locked')
    done(await signIn({ name: 'Jory', passphrase: OTHER }, table, await house()))
    expect(await right()).toBe('kept')
  })
})

describe('rights', () => {
  const tried = async (shown: Shown, right: Parameters<typeof admit>[1]) => {
    const end = await admit(shown, right)
    return end.ok ? 'in' : `${end.status} ${end.problems[0]?.sentence}`
  }
  it('are those of who is signed in, as they are now', async () => {
    const asJory = shows(tub, done(await takeTable({ staffId: jory, pin: '8352' }, tub, await house())))
    expect(await tried(asJory, 'bench')).toBe('in')
    expect(await tried(asJory, 'book')).toBe(
      '403 This is not for a bather: book, move, call off, repeat; plan the day; say messages. Ask the owner of the house or a groomer or the front desk.',
    )
    done(await changePerson({ id: jory, role: 'groomer' }, 'Wren'))
    expect(await tried(asJory, 'book')).toBe('in')
    done(await leaveHouse({ id: jory, left: true }, 'Wren', '2027-03-02'))
    expect(await tried(asJory, 'see')).toContain('401')
    done(await leaveHouse({ id: jory, left: false }, 'Wren', '2027-03-02'))
    expect(await tried(asJory, 'see')).toContain('401')
  })
  it('never leave the house without an owner', async () => {
    const { id } = await person(wren)
    expect(sentence(await changePerson({ id, owner: false }, 'Wren'))).toContain('would be nobody’s')
    expect(sentence(await leaveHouse({ id, left: true }, 'Wren', '2027-03-02'))).toContain('would be nobody’s')
    done(await changePerson({ id: jory, owner: true }, 'Wren'))
    expect(sentence(await changePerson({ id: jory, owner: false }, 'Wren'))).toBe('kept')
  })
})

describe('one’s own passphrase', () => {
  it('is changed by who knows the one of now, and ends what was signed in elsewhere', async () => {
    const elsewhere = shows(NOBODY, done(await signIn({ name: 'Wren', passphrase: PASSPHRASE }, NOBODY, await house())))
    const who = await person(wren)
    const change = async (current: string, passphrase: string) =>
      changeOwn({ current, passphrase }, who, wren, await house())
    expect(sentence(await change('wrong', OTHER))).toBe('This is not your passphrase of now.')
    expect(sentence(await change(PASSPHRASE, 'password1234'))).toContain('first that are tried')
    wren = shows(wren, done(await change(PASSPHRASE, 'nine herons at the weir')))
    expect([await nameOf(wren), await nameOf(elsewhere)]).toEqual(['Wren', 'nobody'])
  })
})

describe('the author of what was noted', () => {
  const note = (byId: number | undefined, by = 'Somebody else') =>
    happened(1, { kind: 'note', words: 'x', stage: null, by, ...(byId === undefined ? {} : { byId }) })
  const authors = async (shown: Shown, ...events: ReturnType<typeof note>[]) => {
    const taken = await authored(events, { who: await person(shown), house: await house() })
    return taken.ok ? taken.value.map(({ by, byId }) => `${by} ${byId}`) : sentence(taken)
  }
  it('is who sends it, whatever it says', async () => {
    const { id } = await person(wren)
    expect(await authors(wren, note(id, 'Mallory'), note(undefined), note(jory), note(999))).toEqual(
      Array.from({ length: 4 }, () => `Wren ${id}`),
    )
  })
  it('stays who noted it on this device, where somebody else sends it for them', async () => {
    const asJory = shows(tub, done(await takeTable({ staffId: jory, pin: '8352' }, tub, await house())))
    const asLinnet = shows(asJory, done(await takeTable({ staffId: linnet, pin: '9061' }, asJory, await house())))
    expect(await authors(asLinnet, note(jory))).toEqual([`Jory ${jory}`])
    expect(await authors(asLinnet, note(jory), note(linnet))).toContain('not for the front desk')
  })
})
