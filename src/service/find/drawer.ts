import MiniSearch from 'minisearch'
import { plain } from '@/core/find'
import { numberTail } from '@/core/household'
import { readDrawer, readDrawerStamp, type DrawerLine } from '@/data/drawer'

export interface Hit {
  kind: 'dog' | 'household'
  id: number
  /** Of a household, the dogs that live there. */
  dogs: number[]
}

/** Mistakes forgiven in a word of so many letters. Source: from memory. */
const forgiven = (word: string): number => (word.length < 4 ? 0 : word.length < 6 ? 1 : 2)
/** So many figures make a number, not a house's. */
const FEWEST_FIGURES = 3
/** From so many on a number is whole, and may be written with or without what stands before. */
const WHOLE_FIGURES = 9

interface Drawer {
  /** What stands in the index, by its key, as it was put in. */
  lines: Map<string, DrawerLine & { sign: string }>
  index: MiniSearch
}

/**
 * The index of this process. One brings it up to date, the next waits: pages and routes may each
 * carry a copy of this file, and must find the same index and the same turn.
 */
interface Shared {
  /** What the index was last brought up to. */
  stamp: string
  drawer: Drawer
  turn: Promise<unknown>
}
const shared = globalThis as { kovitDrawer?: Shared }

const FIELDS = ['name', 'breed', 'people', 'home'] as const

const emptyDrawer = (): Drawer => ({
  lines: new Map(),
  index: new MiniSearch({
    idField: 'key',
    fields: [...FIELDS],
    tokenize: (text) => plain(text).split(' '),
    processTerm: (term) => term || null,
  }),
})

/** So many lines are put in before others get their turn: a whole house at once would hold up every page. */
const AT_A_TIME = 200

function openDrawer(): Promise<Drawer> {
  const held = (shared.kovitDrawer ??= { stamp: '', drawer: emptyDrawer(), turn: Promise.resolve() })
  const next = held.turn.then(
    () => bringUpToDate(held),
    () => bringUpToDate(held),
  )
  held.turn = next
  return next
}

/** Dogs and households, with what changed since the last search put in: only that costs. */
async function bringUpToDate(held: Shared): Promise<Drawer> {
  const stamp = await readDrawerStamp()
  if (stamp === held.stamp) return held.drawer
  const lines = await readDrawer()
  const { drawer } = held
  const there = new Set(lines.map(({ key }) => key))
  const gone = [...drawer.lines.values()].filter(({ key }) => !there.has(key))
  const signed = lines.map((line) => ({ ...line, sign: signOf(line) }))
  const fresh = signed.filter(({ key, sign }) => drawer.lines.get(key)?.sign !== sign)
  const old = fresh.flatMap(({ key }) => drawer.lines.get(key) ?? [])
  for (const line of [...gone, ...old]) drawer.index.remove(line)
  for (const { key } of gone) drawer.lines.delete(key)
  for (const line of fresh) drawer.lines.set(line.key, line)
  await drawer.index.addAllAsync(fresh, { chunkSize: AT_A_TIME })
  held.stamp = stamp
  return drawer
}

const signOf = ({ name, breed, people, home, phones, seenOn, dogs }: DrawerLine): string =>
  [name, breed, people, home, phones, seenOn, dogs.join()].join('|')

/**
 * Dogs and households that a text means: every word of it begins a word of theirs, or is one with a slip. A number finds by
 * its end or any part of it. The best first, then the latest seen.
 */
export async function searchDrawer(text: string, most: number): Promise<Hit[]> {
  const drawer = await openDrawer()
  const figures = text.replace(/\D/g, '')
  const isNumber = figures.length >= FEWEST_FIGURES && !/\p{L}/u.test(text)
  const keys = isNumber ? byNumber(drawer, figures) : byWords(drawer, text)
  return keys.slice(0, most).map((key) => ({
    kind: key.startsWith('d') ? ('dog' as const) : ('household' as const),
    id: Number(key.slice(1)),
    dogs: drawer.lines.get(key)?.dogs ?? [],
  }))
}

/** A dog comes before the home it lives in: it is what a groomer looks for. Source: from memory. */
const DOG_BOOST = 3
const boostDocument = (key: unknown): number => (String(key).startsWith('d') ? DOG_BOOST : 1)

function byWords({ index, lines }: Drawer, text: string): string[] {
  const hits = index.search(text, {
    prefix: true,
    fuzzy: forgiven,
    combineWith: 'AND',
    boost: { name: 3, people: 2 },
    boostDocument,
  })
  const seen = (key: unknown) => lines.get(String(key))?.seenOn ?? ''
  return hits.sort((a, b) => b.score - a.score || seen(b.id).localeCompare(seen(a.id))).map(({ id }) => String(id))
}

/** People whose number ends like this come before those in whose number it stands elsewhere. */
function byNumber({ lines }: Drawer, figures: string): string[] {
  const part = figures.length >= WHOLE_FIGURES ? numberTail(figures) : figures
  const held = [...lines.values()].filter(({ phones }) => phones.includes(part))
  const ends = ({ phones }: DrawerLine) => (phones.split(' ').some((phone) => phone.endsWith(part)) ? 0 : 1)
  return held.sort((a, b) => ends(a) - ends(b)).map(({ key }) => key)
}
