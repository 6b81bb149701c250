import { describe, expect, it } from 'vitest'
import { NewPassphrase, NewPin, Passphrase, RIGHTS, STANDINGS, mayDo, mayNot, standingOf, type Right } from '.'

const sentence = (
  schema: { safeParse: (value: unknown) => { error?: { issues: { message: string }[] } } },
  value: unknown,
) => schema.safeParse(value).error?.issues[0]?.message ?? 'taken'

describe('who may do what', () => {
  const rights = Object.keys(RIGHTS) as Right[]
  it('the owner of the house may do everything, whatever work they do besides', () => {
    for (const role of ['groomer', 'bather', 'front desk'] as const)
      expect(rights.filter((right) => !mayDo({ owner: true, role }, right))).toEqual([])
  })
  it('everybody sees the day, and nobody but the owner what is the owner’s', () => {
    for (const role of ['groomer', 'bather', 'front desk'] as const) {
      const who = { owner: false, role }
      expect(mayDo(who, 'see')).toBe(true)
      const owners: Right[] = ['house', 'people', 'devices', 'figures', 'out', 'trail']
      expect(owners.filter((right) => mayDo(who, right))).toEqual([])
    }
  })
  it('a bather works at the bench and books nothing; the front desk the other way round', () => {
    const may = (role: 'bather' | 'front desk') =>
      (['bench', 'cards', 'book'] as const).map((right) => mayDo({ owner: false, role }, right))
    expect(may('bather')).toEqual([true, false, false])
    expect(may('front desk')).toEqual([false, false, true])
  })
  it('says to whom to go', () => {
    expect(mayNot({ owner: false, role: 'bather' }, 'people')).toBe(
      'This is not for a bather: say who works here and what they may do. Ask the owner of the house.',
    )
    expect(STANDINGS).toContain(standingOf({ owner: false, role: 'front desk' }))
  })
})

describe('a PIN', () => {
  it.each(['0000', '1234', '9876', '1212', '123', 'abcd', '12345'])('%s is none', (pin) =>
    expect(sentence(NewPin, pin)).not.toBe('taken'),
  )
  it.each(['8352', '1357', '0192'])('%s is one', (pin) => expect(sentence(NewPin, pin)).toBe('taken'))
})

describe('a passphrase', () => {
  it.each([
    ['eleven char', 'Choose at least 12 characters: four or five words are easy to keep.'],
    ['x'.repeat(201), 'Keep it to 200 characters.'],
    [undefined, 'Choose a passphrase.'],
    ['gulls over the ropewalk', 'taken'],
    // Length rather than rules: no kind of letter is asked for, and none is refused.
    ['ß 鳥 🐕 over the weir', 'taken'],
  ])('%j: %s', (words, said) => expect(sentence(NewPassphrase, words)).toBe(said))
  it('is the same in every encoding of its letters', () =>
    expect(Passphrase.parse('cafe\u0301 by the harbour')).toBe(Passphrase.parse('caf\u00e9 by the harbour')))
})
