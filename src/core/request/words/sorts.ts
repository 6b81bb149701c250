import type { Clause } from './clauses'
import { isAct } from './grammar'
import { BARE_FIGURE } from './measures'
import type { Said } from './spoken'

/** What a clause is, before it is known what it wants. */
export type Sort = 'chatter' | 'remark' | 'zones' | 'wish' | 'question'

const has = (said: readonly Said[], ...kinds: Said['is'][]): boolean => said.some(({ is }) => kinds.includes(is))
const count = (said: readonly Said[], ...kinds: Said['is'][]): number =>
  said.filter(({ is }) => kinds.includes(is)).length

const OWNERS = /^(i|we|id|wed|my|our)\b/i

/** Told of what a dog is like, these are what it minds, and no wish. */
const MINDED: readonly Said['is'][] = ['shave', 'trim', 'off', 'ask', 'tool', 'purpose', 'shape', 'tidy']
const ONLY_TRIM: readonly Said['is'][] = ['trim', 'tidy']

/** Tells a wish from a word on health or temper, from chatter, and from what must be asked about. */
export function sortOf(clause: Clause): Sort {
  const { said, acts, zones, link, not } = clause
  const known = sortOfKnown(clause)
  if (known) return known
  if (link === 'because' && zones.length === 0 && !has(said, 'length', 'tool', 'keep', 'shave')) return 'chatter'
  if (isDate(said, zones.length) || isThanks(said, acts, zones.length)) return 'chatter'
  if (zones.length === 0 && acts.length === 0 && describes(said)) return 'chatter'
  if (acts.length > 0 || (not !== null && said.some((token) => token.not))) return 'wish'
  if (zones.length > 0) return sortOfZones(said, not !== null)
  return has(said, ...OPEN) && !isChat(said) ? 'question' : sortOfRest(said)
}

/** Without a zone, these leave something open. */
const OPEN: readonly Said['is'][] = ['ask', 'turning', 'side', 'lay', 'much', 'only', 'rest', 'instead']

/** A word on health, temper, mats or care; null where there is none. */
function sortOfKnown({ said, acts }: Clause): Sort | null {
  const acting = acts.filter(({ is }) => !ONLY_TRIM.includes(is))
  // "I hate clean feet" is what somebody wants, not how the dog is.
  if (has(said, 'temper') && said.some(({ words }) => OWNERS.test(words))) return 'question'
  if (has(said, 'temper')) return acts.every(({ is }) => MINDED.includes(is)) ? 'remark' : 'question'
  if (has(said, 'ill')) {
    if (acting.length === 0) return 'remark'
    return acting.every(({ is }) => is === 'keep') ? 'wish' : 'question'
  }
  return has(said, 'careful', 'matted') && acting.length === 0 && !has(said, 'turning') ? 'remark' : null
}

/** Zones alone wait for what is done to them; "her tail is gorgeous" wants nothing. */
function sortOfZones(said: readonly Said[], denied: boolean): Sort {
  if (denied) return 'wish'
  if (describes(said)) return 'chatter'
  if (has(said, 'praise', 'ask', 'turning', 'unknown', 'much', 'rest')) return 'question'
  if (has(said, 'chat')) return 'chatter'
  return has(said, 'only') ? 'question' : 'zones'
}

const COPULA =
  /^(is|are|was|were|has|have|gets?|getting|got|gone|looks?|feels?|felt|seems?|goes|going|went|been|im|were|shes|hes|theyre|its)$/i
const OUGHT = /^(should|must|need|needs|want|wants|wanted|to be|would|like)$/i

/** "the beard has gone yellow", "she is unsettled": told how something is, in words that nobody has to know. */
const describes = (said: readonly Said[]): boolean =>
  has(said, 'unknown') &&
  said.some(({ words }) => words.split(' ').some((word) => COPULA.test(word.replace(/['’]/g, '')))) &&
  !said.some(({ words }) => words.split(' ').some((word) => OUGHT.test(word))) &&
  !has(said, 'turning', 'ask', 'rest', 'only', 'side', 'verb')

/** "everyone loved her trim": thanks for the last one. */
const isThanks = (said: readonly Said[], acts: readonly Said[], zones: number): boolean =>
  zones === 0 &&
  acts.every(({ is }) => is === 'trim') &&
  !has(said, 'verb', 'not', 'ask') &&
  said.some(({ words }) =>
    /^(loved|loves|love|adored?|enjoyed|compliments?|pleased|thrilled|happy|brilliant|great)$/i.test(words),
  )

/** "see you at 10", "he is 4": a bare figure among the words of a day is no tool. */
const isDate = (said: readonly Said[], zones: number): boolean =>
  zones === 0 &&
  has(said, 'chat') &&
  said.every((token) => !isAct(token) || (token.is === 'tool' && BARE_FIGURE.test(token.words))) &&
  said.every(({ is, words }) => is !== 'ask' || BARE_FIGURE.test(words))

const isChat = (said: readonly Said[]): boolean =>
  count(said, 'chat') > 0 &&
  !has(said, 'turning', 'side', 'lay', 'only', 'rest', 'verb') &&
  !said.some(({ is, words }) => is === 'ask' && ASKED.test(words))
/** Of what is asked about, these are said of a day as well. */
const ASKED = /^(short|long|trim|cut|shape|clip|full)|haircut|groom|makeover|make over|works|good (trim|cut)/i

/** Of no zone and no wish: chatter where it is made of words that are known for it. */
function sortOfRest(said: readonly Said[]): Sort {
  const unknown = count(said, 'unknown')
  const known = count(said, 'chat', 'praise') + count(said, 'filler', 'it', 'verb') / 2
  if (unknown === 0) return 'chatter'
  return count(said, 'chat', 'praise') > 0 && unknown <= known ? 'chatter' : 'question'
}
