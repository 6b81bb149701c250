import { describe, expect, it } from 'vitest'
import { mentionedIn, namesIn, readScribbles, toldBy, wordsIn } from '.'

const read = (text: string) => readScribbles(text).map(({ head, words }) => `${head} | ${words}`)

describe('a drawer of cards, typed or pasted', () => {
  it.each([
    ['Quill: 5F on the body, ears as they are', ['Quill | 5F on the body, ears as they are']],
    ['Quill Marsh - 5F\nOtis; 4F all over', ['Quill Marsh | 5F', 'Otis | 4F all over']],
    // As a spreadsheet puts two columns on the clipboard.
    ['Quill\t5F on the body\r\nOtis\tcomb 1: legs', ['Quill | 5F on the body', 'Otis | comb 1: legs']],
    ['Quill: 5F\nears as they are\nOtis: 4F', ['Quill | 5F. ears as they are', 'Otis | 4F']],
    ['Quill\n5F on the body.\nhead: 25 mm\n\nOtis\n4F', ['Quill | 5F on the body. head: 25 mm', 'Otis | 4F']],
    ['Quill\n\nOtis: 4F', ['Quill | ', 'Otis | 4F']],
    ['  \n\n', []],
    ['10-15 mm all over', ['10-15 mm all over | ']],
  ])('%j', (text, cards) => expect(read(text)).toEqual(cards))
})

describe('whose card it is', () => {
  const dogs = [
    { name: 'Quill', household: 'Marsh' },
    { name: 'Quill', household: 'Carrow' },
    { name: 'Mr Pip', household: 'Marsh' },
    { name: 'Zoë', household: 'Weir' },
  ]
  const told = (head: string) => toldBy(head, dogs).map(({ name, household }) => `${name} ${household}`)
  it.each([
    ['Quill', ['Quill Marsh', 'Quill Carrow']],
    ['quill marsh', ['Quill Marsh']],
    ['Quill (Carrow)', ['Quill Carrow']],
    ['mr pip', ['Mr Pip Marsh']],
    ['Zoe', ['Zoë Weir']],
    ['Quill Ropewalk', []],
    ['Nettle', []],
    ['', []],
  ])('%s', (head, found) => expect(told(head)).toEqual(found))
  it('is looked for by all its first words', () =>
    expect(namesIn('Mr Pip (Marsh)')).toEqual(['Mr', 'Mr Pip', 'Mr Pip Marsh']))
})

describe('whom a calendar’s line names', () => {
  const dogs = [
    { name: 'Quill', household: 'Marsh' },
    { name: 'Quill', household: 'Carrow' },
    { name: 'Pip', household: 'Weir' },
    { name: 'Mr Pip', household: 'Marsh' },
  ]
  const named = (line: string) => mentionedIn(line, dogs).map(({ name, household }) => `${name} ${household}`)
  it.each([
    ['QUILL full groom', ['Quill Marsh', 'Quill Carrow']],
    ['10:00 groom, quill (Carrow)', ['Quill Carrow']],
    ['Mr. Pip?', ['Mr Pip Marsh']],
    ['bath for mr pip', ['Mr Pip Marsh']],
    ['Pip', ['Pip Weir']],
    ['Quilling class', []],
    ['', []],
  ])('%s', (line, found) => expect(named(line)).toEqual(found))
  it('is looked for in every run of its words', () =>
    expect(wordsIn('bath: Mr Pip', 2)).toEqual(['bath', 'bath Mr', 'Mr', 'Mr Pip', 'Pip']))
})
