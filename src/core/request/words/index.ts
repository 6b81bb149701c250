import { Chatter, Question, Remark, Understood } from './understood'
import { readClauses } from './read'
import type { Answer, Reading } from './reading'

export type { Answer, Reading } from './reading'
export type { Deed, Much, Spoken } from './spoken'
export { Chatter, Question, Remark, Understood }

/** An answer may be asked about again; further than this nobody is led. */
const DEEPEST = 4

/**
 * What an owner's words ask for, what in them is not clear, what is no wish, and what they say of health and temper. Nothing
 * is guessed: words that could mean two things come back with a question. Where it was answered, the answer is read.
 * @param names the dog's own name, which says nothing of a trim
 */
export function readWords(text: string, answers: readonly Answer[] = [], names: readonly string[] = []): Reading {
  return answered(readClauses(text, names), answers, names, DEEPEST)
}

function answered(reading: Reading, answers: readonly Answer[], names: readonly string[], deep: number): Reading {
  const open = reading.unclear.filter(({ words }) => deep === 0 || !answers.some(({ asked }) => asked === words))
  const closed = reading.unclear.filter((each) => !open.includes(each))
  const all: Reading = { ...reading, unclear: open }
  for (const { words, from, to } of closed) {
    const said = answers.findLast(({ asked }) => asked === words)?.said ?? ''
    const place = <Item extends object>(items: readonly Item[]) => items.map((item) => ({ ...item, words, from, to }))
    const read = answered(readClauses(said, names), answers, names, deep - 1)
    all.spoken = [...all.spoken, ...place(read.spoken)]
    all.unclear = [...all.unclear, ...read.unclear.map((each) => ({ ...each, from, to }))]
    const chatter: Chatter[] = said.trim() === '' ? [{ words, from, to, why: 'chatter' }] : place(read.chatter)
    all.chatter = [...all.chatter, ...chatter]
  }
  return all
}
