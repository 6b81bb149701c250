import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import type { TableActs, TableView } from './acts'
import { Address } from './Address'
import { AtTable } from './AtTable'
import { RightsTable } from './RightsTable'
import { May } from './WhoHere'

const words = (html: string) =>
  html
    .replace(/<[^>]+>/g, ' ')
    .replace(/&#x27;/g, '’')
    .replace(/\s+/g, ' ')
const act = () => Promise.resolve({ ok: true as const, value: null })
const ACTS: TableActs = { signIn: act, takeTable: act, chooseByCode: act, letIn: act, claimHouse: act, signOut: act }
const view = (rest: Partial<TableView> = {}): TableView => ({
  house: 'Slip and Shear',
  demo: false,
  who: null,
  device: 'tub tablet',
  needsCode: false,
  unclaimed: false,
  people: [
    { id: 1, name: 'Wren', standing: 'owner', by: 'press' },
    { id: 2, name: 'Jory', standing: 'bather', by: 'pin' },
    { id: 3, name: 'Linnet', standing: 'front desk', by: 'code' },
  ],
  ...rest,
})
const told = (rest: Partial<TableView> = {}) =>
  words(renderToStaticMarkup(<AtTable view={view(rest)} acts={ACTS} onDone={() => {}} />))

describe('who can take the table', () => {
  it('are those of the house, each with how', () => {
    expect(told()).toContain('Wren owner Jory bather PIN Linnet front desk no PIN yet')
    expect(told({ who: { id: 2, name: 'Jory' } })).toContain('Jory bather at the table')
    expect(told()).not.toContain('This is the demo')
    expect(told({ demo: true })).toContain('a press makes you any of its people')
  })
  it('is nobody by name on a machine without devices: a name and a passphrase are asked', () => {
    expect(told({ device: null, people: [] })).toContain('Name Passphrase')
    expect(told({ device: null, people: [] })).not.toContain('Wren')
  })
  it('is nobody on a device that was not let in, whatever else is known', () =>
    expect(told({ needsCode: true, unclaimed: true })).toMatch(
      /^ ?This device is not known here\..*Let this device in $/,
    ))
  it('makes a house somebody’s that is nobody’s yet', () =>
    expect(told({ unclaimed: true, people: [] })).toContain('Make it mine'))
})

it('the table of rights marks one’s own column, and says yes and no in words', () => {
  const table = words(renderToStaticMarkup(<RightsTable own="bather" />))
  expect(table).toContain('owner groomer bather, you front desk')
  expect(table).toContain('Read the trail yes no no no')
})

it('a part that is drawn by itself is not hidden: who may is decided by the server', () =>
  expect(renderToStaticMarkup(<May right="people">all of it</May>)).toBe('all of it'))

describe('the address of a house', () => {
  const SHARED = {
    addresses: ['https://a.example:3443', 'https://b.example:3443'],
    picture: { path: 'M0 0h1v1h-1z', dots: 21 },
    fingerprint: 'AA:BB',
  }
  it('stands as text and as a picture, with the certificate and its fingerprint', () => {
    const html = renderToStaticMarkup(<Address shared={SHARED} />)
    for (const part of [
      'https://b.example:3443',
      'The address https://a.example:3443 as a picture',
      'AA:BB',
      'M0 0h1v1h-1z',
    ])
      expect(html).toContain(part)
  })
  it('is not there before it is shared: the command is', () =>
    expect(words(renderToStaticMarkup(<Address shared={null} />))).toContain('npm start -- --share'))
})
