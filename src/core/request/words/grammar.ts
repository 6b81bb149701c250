import { CLEAR_MM } from '../../balance'
import { zonesOf, type ZoneKey } from '../../zones'
import { servedBy } from './purposes'
import { readShape, readShave } from './shapes'
import type { Deed, Place, Read, Said } from './spoken'

interface Rule {
  /** Acts that must be there. */
  says: readonly Said['is'][]
  /** Acts that may stand beside them, and add nothing or make them exact. */
  also: readonly Said['is'][]
  read: (said: readonly Said[], place: Place) => Read
}

const find = <Is extends Said['is']>(said: readonly Said[], is: Is) =>
  said.find((each): each is Said & { is: Is } => each.is === is)

const lengthIn = (said: readonly Said[]): number | null => find(said, 'length')?.lengthMm ?? null
const does = (...deeds: Deed[]): Read => ({ deeds })

/**
 * The grammar: what a clause says, what it may say besides, and what that comes to. The first rule whose words are all there,
 * and that allows the others, is taken; a clause that no rule allows is two wishes in one, and asked about.
 */
// prettier-ignore
const GRAMMAR: readonly Rule[] = [
  { says: ['clear'],            also: ['length', 'keep', 'change', 'trim', 'tidy', 'off', 'bound', 'shape'], read: readClear },
  { says: ['than', 'change', 'length'], also: ['keep'],                               read: readThanLength },
  { says: ['change', 'than'],   also: ['length', 'keep'],                              read: readThanZone },
  { says: ['like'],             also: ['trim', 'keep', 'same'],                        read: readLike },
  { says: ['bound', 'length', 'off'], also: ['trim'],                                  read: readOff },
  { says: ['bound', 'length'],  also: ['keep', 'trim', 'purpose'],                     read: readBound },
  { says: ['range'],            also: ['keep', 'trim', 'purpose'],                     read: (said) => does(rangeOf(said)) },
  { says: ['waited'],           also: ['keep', 'trim'],                                read: () => does({ do: 'waited' }) },
  { says: ['shortest'],         also: ['trim', 'keep'],                                read: () => does({ do: 'shortest' }) },
  { says: ['change', 'same'],   also: ['length', 'trim', 'tidy', 'keep'],              read: readChange },
  { says: ['change'],           also: ['length', 'keep', 'shape', 'trim', 'tidy', 'off'], read: readChange },
  { says: ['length', 'off'],    also: ['trim', 'tidy'],                                read: readOff },
  { says: ['length'],           also: ['keep', 'shape', 'trim', 'purpose', 'season'],  read: readLength },
  { says: ['tool'],             also: ['lay', 'trim', 'purpose', 'keep'],              read: readTool },
  { says: ['lay'],              also: ['trim'],                                        read: () => ({ question: 'with which tool?' }) },
  { says: ['purpose'],          also: ['trim', 'tidy', 'keep', 'change', 'shape', 'off', 'shave'], read: readPurpose },
  { says: ['pattern'],          also: ['season', 'trim', 'keep', 'shape'],             read: readPattern },
  { says: ['shave'],            also: ['trim', 'tidy', 'shape', 'off'],                read: (said, { zones }) => readShave(said, zones) },
  { says: ['shape'],            also: ['trim', 'tidy', 'keep', 'off'],                 read: (said, { zones }) => readShape(said, zones) },
  { says: ['season'],           also: ['trim', 'tidy', 'keep'],                        read: readSeason },
  { says: ['off', 'tidy'],      also: ['trim'],                                        read: () => does({ do: 'tidy' }) },
  { says: ['off'],              also: ['trim'],                                        read: readSomeOff },
  { says: ['tidy'],             also: ['trim', 'keep'],                                read: readTidy },
  { says: ['same'],             also: ['keep', 'trim'],                                read: () => does({ do: 'same' }) },
  { says: ['keep'],             also: ['trim'],                                        read: () => does({ do: 'keep' }) },
  { says: ['trim'],             also: [],                                              read: readTrim },
]

const ACTS = new Set(GRAMMAR.flatMap(({ says, also }) => [...says, ...also]))
/** Whether a token asks for something. */
export const isAct = (token: Said): boolean => ACTS.has(token.is)

const allows = ({ says, also }: Rule, acts: readonly Said['is'][]): boolean =>
  says.every((each) => acts.includes(each)) && acts.every((each) => says.includes(each) || also.includes(each))

/** Acts that one may say twice in one breath: "the same, as last time", "clean shaved". */
const TWICE: readonly Said['is'][] = ['keep', 'same', 'trim', 'tidy', 'purpose', 'shave']

/** Whether another act makes what was said exact, rather than opening another wish. */
export function goTogether(acts: readonly Said['is'][], next: Said['is']): boolean {
  if (acts.includes(next)) return TWICE.includes(next)
  return GRAMMAR.some((rule) => allows(rule, [...acts, next]))
}

/** What the acts of a clause come to at its place; or the question to ask back. */
export function readActs(said: readonly Said[], acts: readonly Said[], place: Place): Read {
  const kinds = acts.map(({ is }) => is)
  if (kinds.length === 0) return { question: 'what is to be done there?', readings: [] }
  const rule = GRAMMAR.find((each) => allows(each, kinds))
  if (!rule) return { question: 'these are two wishes in one. Which?', readings: [] }
  const read = rule.read(said, place)
  const isBeside = kinds.includes('shape') && !rule.says.includes('shape') && !rule.says.includes('shave')
  return isBeside ? withShape(read, said, place) : read
}

/** A shape that is said beside something else is asked for as well, and comes first: "a plume tail an inch off the floor". */
function withShape(read: Read, said: readonly Said[], place: Place): Read {
  if ('question' in read) return read
  const own = read.own && read.own.length > 0 ? read.own : place.zones
  const line = readShape(said, own)
  if ('question' in line) return line
  // Shaved or clean has a length of its own: beside another one it is two wishes.
  const isShave = line.deeds.some((deed) => deed.do !== 'shape' || SHAVES.includes(deed.shape))
  if (isShave && !read.deeds.some(({ do: done }) => done === 'purpose'))
    return { question: 'shaved, or to another length?', readings: [] }
  return { deeds: [...line.deeds, ...read.deeds], own: line.own ?? own }
}
const SHAVES = ['clean', 'shaved']

function readClear(said: readonly Said[]): Read {
  const clear: Deed = { do: 'clear', clearMm: lengthIn(said) ?? CLEAR_MM }
  // "longer, but off the floor": the length there is the one to the floor.
  return find(said, 'change')
    ? does({ do: 'change', longer: longerIn(said), much: muchIn(said), byMm: null }, clear)
    : does(clear)
}

const muchIn = (said: readonly Said[]) => find(said, 'much')?.much ?? 'plain'
const longerIn = (said: readonly Said[]): boolean => find(said, 'change')?.longer ?? false

/** "no longer than an inch" is a bound; "an inch longer than the body" is as long as another zone, and more. */
function readThanLength(said: readonly Said[], place: Place): Read {
  const than = said.findIndex(({ is }) => is === 'than')
  const limitMm = lengthIn(said.slice(than))
  if (limitMm === null || place.compared.length > 0) return readThanZone(said, place)
  return does({ do: 'bound', most: !longerIn(said), limitMm })
}

function readThanZone(said: readonly Said[], { compared }: Place): Read {
  if (compared.length === 0) return { question: 'than what? How many mm?' }
  const byMm = lengthIn(said)
  const longer = longerIn(said)
  return does({
    do: 'like',
    of: [...compared],
    byMm: (byMm ?? 0) * (longer ? 1 : -1),
    change: byMm === null ? longer : null,
  })
}

function readLike(_: readonly Said[], { zones, compared }: Place): Read {
  if (compared.length === 0) return { question: 'the same as what?', readings: ['same as last time'] }
  // The line of an ear is cut at its fringe.
  const ears = zones.length > 0 && zones.every((zone) => zone.startsWith('ear-'))
  return { deeds: [{ do: 'like', of: [...compared], byMm: 0, change: null }], own: ears ? ['ear-edge'] : [...zones] }
}

function readBound(said: readonly Said[]): Read {
  return does({ do: 'bound', most: find(said, 'bound')?.most ?? true, limitMm: lengthIn(said) ?? 0 })
}

function rangeOf(said: readonly Said[]): Deed {
  const range = find(said, 'range')
  return { do: 'range', fromMm: range?.fromMm ?? 0, toMm: range?.toMm ?? 0 }
}

function readChange(said: readonly Said[]): Read {
  const change: Deed = { do: 'change', longer: longerIn(said), much: muchIn(said), byMm: lengthIn(said) }
  return { deeds: [change], own: find(said, 'shape')?.zones ?? [] }
}

function readOff(said: readonly Said[]): Read {
  return does({ do: 'off', byMm: lengthIn(said) ?? 0 })
}

/** "a bit off the fringe" is a small scissor cut; "some off", "a lot off" is asked about. */
function readSomeOff(said: readonly Said[]): Read {
  return muchIn(said) === 'touch'
    ? does({ do: 'tidy' })
    : { question: 'how many mm off?', readings: ['5 mm off', '10 mm off'] }
}

function readLength(said: readonly Said[]): Read {
  return does({ do: 'length', lengthMm: lengthIn(said) ?? 0 })
}

function readTool(said: readonly Said[]): Read {
  const tool = find(said, 'tool')
  const lay = find(said, 'lay')?.lay
  return tool ? does({ do: 'tool', tool: lay ? { ...tool.tool, lay } : tool.tool }) : { question: 'with which tool?' }
}

/** An end brings its zones along; said of others, it is asked about. */
function readPurpose(said: readonly Said[], { zones }: Place): Read {
  const purpose = find(said, 'purpose')?.purpose
  if (!purpose) return { question: 'what is it for?' }
  const own = servedBy(purpose)
  const there = zones.flatMap((key) => zonesOf(key))
  if (zones.length > 0 && !own.some((zone) => there.includes(zone)))
    return { question: 'what is to be done there for that? How many mm?' }
  return { deeds: [{ do: 'purpose', purpose }], own }
}

function readPattern(said: readonly Said[]): Read {
  const pattern = find(said, 'pattern')
  const season = find(said, 'season')
  const deeds: Deed[] = pattern ? [{ do: 'pattern', pattern: pattern.pattern }] : []
  return does(...deeds, ...(season ? [{ do: 'season' as const, season: season.season }] : []))
}

function readSeason(said: readonly Said[]): Read {
  const season = find(said, 'season')
  return season ? does({ do: 'season', season: season.season }) : { question: 'for which season?' }
}

/** Pads and the sanitary zone are cleared to one length whenever they are tidied. Source: common practice. */
const CLEARED: readonly ZoneKey[] = ['pads', 'sanitary', 'ear-canal']
const isCleared = (zones: readonly ZoneKey[]) => zones.length > 0 && zones.every((zone) => CLEARED.includes(zone))

function readTidy(_: readonly Said[], { zones }: Place): Read {
  return isCleared(zones) ? does({ do: 'shave' }) : does({ do: 'tidy' })
}

function readTrim(_: readonly Said[], { zones }: Place): Read {
  if (isCleared(zones)) return does({ do: 'shave' })
  return { question: 'what is to be done there? How many mm?', readings: ['tidy', '5 mm shorter'] }
}
