import type { Said } from './spoken'

/** A word between its neighbours; `after` is the next that is no filler. */
interface Here {
  token: Said
  word: string
  before: Said | undefined
  next: Said | undefined
  after: Said | undefined
}

const MEASURES: readonly Said['is'][] = ['length', 'range', 'tool', 'ask']

const filler = ({ token }: Here): Said => ({ ...token, is: 'filler' })

function sideOf({ token, word, next }: Here): Said | null {
  const side = /\b(left|right)$/.exec(word)?.[1]
  return next?.is === 'zone' && (side === 'left' || side === 'right') ? { ...token, is: 'side', side } : null
}

/** Words whose sense hangs on their neighbours; the first rule that speaks is taken. */
const RULES: readonly ((here: Here) => Said | null)[] = [
  // "legs: 16 mm", "legs - 16 mm": the sign joins a zone to what is done there.
  (here) => (/^[:=–—-]$/.test(here.word) && here.before?.is === 'zone' ? filler(here) : null),
  // "all but the head" leaves out; any other "but" parts two wishes.
  ({ token, word, before, after }) =>
    word === 'but' && before?.is === 'zone' && before.keys.includes('all') && after?.is === 'zone'
      ? { ...token, is: 'except' }
      : null,
  // "an inch from the beard" comes off it.
  ({ token, word, before, after }) =>
    word === 'from' && before?.is === 'length' && after?.is === 'zone' ? { ...token, is: 'off' } : null,
  // "over an inch on the tail" is at least that.
  ({ token, word, next }) => (word === 'over' && next?.is === 'length' ? { ...token, is: 'bound', most: false } : null),
  // "5 mm less on the body" is shorter.
  ({ token, word, before }) =>
    (word === 'less' || word === 'more') && before?.is === 'length'
      ? { ...token, is: 'change', longer: word === 'more' }
      : null,
  // "the body can lose 10 mm" is that much off; "take the chest down" is shorter.
  ({ token, word, after }) => (word === 'lose' && after?.is === 'length' ? { ...token, is: 'off' } : null),
  ({ token, word, before }) =>
    word === 'down' && before?.is === 'zone' ? { ...token, is: 'change', longer: false } : null,
  // "60 mm long" says the length once.
  (here) => (here.word === 'long' && here.before?.is === 'length' ? filler(here) : null),
  // "all the feathering" is the feathering.
  (here) => (here.token.is === 'zone' && here.word === 'all' && here.after?.is === 'zone' ? filler(here) : null),
  // "no, leave them" takes back, and so does "…, no the pads".
  ({ token, word, before, next }) =>
    word === 'no' &&
    (next?.is === 'break' || (before?.is === 'break' && /^(the|his|her|just)$/i.test(next?.words ?? '')))
      ? { ...token, is: 'correct' }
      : null,
  // "I like his beard" is praise; "legs like the body" compares.
  ({ token, word, before }) =>
    word === 'like' && /^(i|we|she|he|they|you|really|do)$/i.test(before?.words ?? '')
      ? { ...token, is: 'chat' }
      : null,
  // "under her armpit" is a place, "under 10 mm" a bound.
  (here) =>
    here.token.is === 'bound' &&
    /^(under|below|above)$/.test(here.word) &&
    !MEASURES.includes(here.after?.is ?? 'break')
      ? filler(here)
      : null,
  sideOf,
  // "match the legs" compares; "feet like a cat" is asked about.
  ({ token, word, after }) =>
    token.is === 'like' && /^(like|match|matching)$/.test(word) && after?.is !== 'zone'
      ? { ...token, is: 'ask', question: 'like what? How many mm?', readings: [] }
      : null,
]

/** The token at a place as its neighbours settle it. */
export function settled(said: readonly Said[], at: number): Said {
  const token = said[at] as Said
  let next = at + 1
  while (said[next]?.is === 'filler') next++
  const here = { token, word: token.words.toLowerCase(), before: said[at - 1], next: said[at + 1], after: said[next] }
  for (const rule of RULES) {
    const other = rule(here)
    if (other) return other
  }
  return token
}
