import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { newFile } from '../dog'
import { byHand } from '../lengths'
import { ZONES } from '../zones'
import { DOG_TO_GO_FORMAT, DogToGo, cardFrom, notesFrom, readDogToGo } from '.'

const zones = ZONES.map((zone) => ({ zone, side: null, ...byHand('scissor', 20), shape: null, join: 'blend', why: '' }))
const FILE = DogToGo.parse({
  kovit: DOG_TO_GO_FORMAT,
  id: '3b241101-e2bb-4255-8caf-4136c566a962',
  from: 'Tern Harbour',
  made: '2027-03-02',
  dog: newFile({ name: 'Quill', breed: 'Lagotto', coat: 'curly', build: 'square', weightKg: 15 }),
  cards: [{ on: '2027-01-02', kind: 'cut', zones }],
  grooms: [
    { on: '2026-11-02', service: 'Bath and tidy', minutes: null },
    { on: '2027-01-02', service: 'Full groom', minutes: 94.6 },
  ],
  owner: null,
})
const faults = (change: object | string) => {
  const read = readDogToGo(typeof change === 'string' ? change : JSON.stringify({ ...FILE, ...change }))
  return read.ok ? [] : read.problems.map(({ path, sentence }) => `${path}: ${sentence}`)
}

describe('a dog that is handed over', () => {
  it('comes out of its file as it went in', () => {
    expect(readDogToGo(JSON.stringify(FILE))).toEqual({ ok: true, value: FILE })
  })
  it.each<[object | string, string]>([
    ['{"kovit": "kovit-dog/1", "id"', 'file: This file is no JSON, or it is cut short.'],
    ['[]', 'kovit: This file is no dog of a Kovit.'],
    [{ kovit: 'case/1' }, 'kovit: This file is no dog of a Kovit.'],
    [{ kovit: 'kovit-dog/2' }, 'kovit: This file is of a newer Kovit (kovit-dog/2): this one reads kovit-dog/1.'],
    [{ dog: { ...FILE.dog, weightKg: 400 } }, 'dog.weightKg: The weight must be 0.3 to 120 kg.'],
    [{ place: '4 Ropewalk' }, 'place: This key is not known here.'],
  ])('%j is refused by name', (change, said) => expect(faults(change)).toContain(said))
  it('a card that no tool leaves is refused', () => {
    const [first, ...others] = zones
    const cards = [
      { on: '2027-01-02', kind: 'cut', zones: [{ ...first, ...{ method: 'clip', blade: '10' } }, ...others] },
    ]
    expect(faults({ cards })).not.toEqual([])
  })
  it('nothing that is no file of a dog is taken for one', () =>
    fc.assert(fc.property(fc.json(), (text) => void expect(readDogToGo(text).ok).toBe(false))))
  it('its cards and grooms are told by day and house', () => {
    expect(FILE.cards.map((card) => cardFrom(FILE, card))).toEqual(['Cut 2027-01-02 at Tern Harbour'])
    expect(notesFrom(FILE, 2000)).toBe(
      'Groomed at Tern Harbour: 2027-01-02, Full groom, 95 min; 2026-11-02, Bath and tidy.',
    )
    expect(notesFrom(FILE, 20)).toHaveLength(20)
  })
})
