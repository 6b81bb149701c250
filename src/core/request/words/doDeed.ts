import { longestClearMm } from '../../balance'
import { clippedLengthMm, waysOf, type Tool } from '../../lengths'
import { patternCard, type PatternCard, type Want } from '../../patterns'
import { figureMm } from '../../units'
import { NEVER_BY_GROUP, isPaired, zoneLabel, zonesOf, type Side, type ZoneId } from '../../zones'
import type { Asked } from '../asked'
import { applyCard, entriesByZone } from '../lastTime'
import { applyShape } from '../style'
import { lengthWant, put, putSide, wishAt, type Wish, type Wishes } from '../wish'
import { changed } from './changed'
import { lengthNow, wantWithin } from './lengthsIn'
import { PURPOSE_FACTS } from './purposes'
import { sayZones } from './sayZones'
import type { Deed, Spoken } from './spoken'

/** A wish at its zones, with everything it is done from. */
export interface Doing {
  wishes: Wishes
  zones: readonly ZoneId[]
  said: Spoken
  asked: Asked & { card: PatternCard }
  last: ReturnType<typeof entriesByZone>
  /** The wishes as they come out, for words that compare. */
  trial: Wishes
}

export type Answered = { means: string; lengthMm?: number } | { question: string; readings?: string[] }
type Of<Do extends Deed['do']> = Extract<Deed, { do: Do }>

/** Does what was said at its zones. @returns what it comes to, or what has to be asked first */
export function doDeed(doing: Doing): Answered {
  const { deed } = doing.said
  switch (deed.do) {
    case 'length':
      return {
        ...each(doing, (zone) => lengthHere(doing, zone, deed.lengthMm), `${figureMm(deed.lengthMm)} mm`),
        lengthMm: deed.lengthMm,
      }
    case 'range':
      return range(doing, deed)
    case 'bound':
      return bound(doing, deed)
    case 'tool':
      return each(doing, () => ({ by: 'tool', tool: deed.tool }), toolMeans(deed.tool))
    case 'shave':
      return each(doing, () => ({ by: 'tool', tool: { blade: '10', lay: 'with' } }), 'clipped with a 10')
    case 'keep':
      return each(doing, () => ({ by: 'leave' }), 'left as it is', 'Kept, as said.')
    case 'off':
      return takeOff(doing, deed.byMm)
    case 'tidy':
      return tidy(doing)
    case 'shortest':
      return shortest(doing)
    case 'shape':
      return shape(doing, deed.shape)
    case 'pattern':
      return asPattern(doing, deed)
    case 'season':
      return { means: `for ${deed.season}, as the pattern has it` }
    case 'same':
      return sameAgain(doing)
    case 'like':
      return like(doing, deed)
    case 'clear':
      return clear(doing, deed.clearMm)
    case 'purpose':
      return purpose(doing, deed)
    case 'waited':
      return waited(doing)
    case 'change':
      return change(doing, deed)
    default:
      return unreachable(deed)
  }
}

/** Shapes that need no cut. */
const UNCUT = ['natural', 'leave']

/** A shape where nothing would be cut takes the ends, by hand: a line is not there for the saying. */
function shape(doing: Doing, name: string): Answered {
  const { wishes, zones, said, asked } = doing
  if (said.side !== null) return { question: `"${name}" on one side only?`, readings: [] }
  applyShape(wishes, zones, name, true)
  const uncut = UNCUT.includes(name) ? [] : zones.filter((zone) => wishAt(wishes, zone)?.want.by === 'leave')
  if (uncut.length > 0) tidy({ wishes, zones: uncut, said, asked, last: doing.last, trial: doing.trial })
  return { means: uncut.length > 0 ? `${name}, just the ends by hand` : name }
}

const saidWhy = ({ said }: Doing): string => `Said: ${said.words}.`

/** Changes a wish, on the side that was said or on both. */
function putHere(
  { wishes, said }: Doing,
  zone: ZoneId,
  change: Partial<Omit<Wish, 'zone' | 'side'>>,
  side: Side | null = said.side,
): void {
  if (side !== null && isPaired(zone)) putSide(wishes, zone, side, change)
  else put(wishes, zone, change)
}

function each(doing: Doing, want: (zone: ZoneId) => Want, means: string, why = saidWhy(doing)): { means: string } {
  for (const zone of doing.zones) putHere(doing, zone, { want: want(zone), explicit: true, why })
  return { means }
}

const lengthHere = ({ wishes }: Doing, zone: ZoneId, lengthMm: number): Want =>
  lengthWant(wishAt(wishes, zone)?.want ?? { by: 'leave' }, lengthMm)

const presentAt = ({ asked }: Doing, zone: ZoneId): number => asked.presentMm.get(zone) ?? 0

function range(doing: Doing, { fromMm, toMm }: Of<'range'>): Answered {
  const { wishes, asked } = doing
  const means = `${figureMm(fromMm)} to ${figureMm(toMm)} mm`
  return each(doing, (zone) => wantWithin(wishAt(wishes, zone), (fromMm + toMm) / 2, fromMm, toMm, asked.kit), means)
}

/** What is within the bound already stays; what is beyond it comes to the bound. */
function bound(doing: Doing, { most, limitMm }: Of<'bound'>): Answered {
  for (const zone of doing.zones) boundAt(doing, zone, most, limitMm, saidWhy(doing))
  return { means: `at ${most ? 'most' : 'least'} ${figureMm(limitMm)} mm` }
}

function boundAt(doing: Doing, zone: ZoneId, most: boolean, limitMm: number, why: string): void {
  const wish = wishAt(doing.wishes, zone)
  const nowMm = lengthNow(wish, presentAt(doing, zone))
  if (most ? nowMm <= limitMm : nowMm >= limitMm) return putHere(doing, zone, { explicit: true, why })
  const [fromMm, toMm] = most ? [0, limitMm] : [limitMm, Infinity]
  putHere(doing, zone, { want: wantWithin(wish, limitMm, fromMm, toMm, doing.asked.kit), explicit: true, why })
}

const toolMeans = ({ comb, blade, lay }: Tool): string =>
  comb ? `comb ${comb} on ${blade ?? '30'}${lay ? `, ${lay}` : ''}` : `blade ${blade}, ${lay ?? 'with'} the coat`

function takeOff(doing: Doing, byMm: number): Answered {
  const short = doing.zones.find((zone) => presentAt(doing, zone) <= byMm)
  if (short !== undefined)
    return { question: `${zoneLabel(short).toLowerCase()} is ${figureMm(presentAt(doing, short))} mm: all of it off?` }
  const less = (zone: ZoneId) => Number((presentAt(doing, zone) - byMm).toFixed(2))
  return each(doing, (zone) => lengthHere(doing, zone, less(zone)), `${figureMm(byMm)} mm off what is there`)
}

/** Of a coat that is tidied, so much goes: this share, within bounds, mm. Source: from memory; always said back. */
const TIDY = { share: 0.1, leastMm: 2, mostMm: 10 }

/** Just the ends: a small cut by hand. */
function tidy(doing: Doing): Answered {
  const off = (zone: ZoneId) =>
    Math.min(TIDY.mostMm, Math.max(TIDY.leastMm, Math.round(presentAt(doing, zone) * TIDY.share)))
  const offs = doing.zones.map(off)
  const want = (zone: ZoneId): Want => {
    const presentMm = presentAt(doing, zone)
    const by = wishAt(doing.wishes, zone)?.want.by === 'thin' ? 'thin' : 'scissor'
    return presentMm <= TIDY.leastMm * 2 ? { by: 'leave' } : { by, lengthMm: presentMm - off(zone) }
  }
  const [least, most] = [Math.min(...offs), Math.max(...offs)]
  return each(doing, want, `just the ends, by hand: ${least === most ? least : `${least} to ${most}`} mm off`)
}

/** Shorter than a 7F is a shave. Source: common practice. */
const SHORTEST_FINISH_MM = clippedLengthMm('7F', 'with')

function shortest(doing: Doing): Answered {
  const ways = waysOf(doing.asked.kit, 'with').filter(({ lengthMm }) => lengthMm >= SHORTEST_FINISH_MM)
  const [way] = ways.sort((a, b) => a.lengthMm - b.lengthMm)
  if (!way) return { question: 'the kit has no finish blade. How many mm?' }
  const { lengthMm } = way
  return {
    ...each(
      doing,
      () => ({ by: 'clipper', lengthMm }),
      `${figureMm(lengthMm)} mm, the shortest finish that is no shave`,
    ),
    lengthMm,
  }
}

function sameAgain({ wishes, zones, last }: Doing): Answered {
  if (last.size === 0) return { question: 'there is no card yet. What was it like?' }
  applyCard(
    wishes,
    zones.flatMap((zone) => (last.get(zone) ?? []).map(({ side, value }) => ({ ...value, side }))),
  )
  return { means: 'as on the last card' }
}

/** One part of the dog as another pattern does it: "a teddy face". */
function asPattern({ wishes, zones, asked: { coat, request } }: Doing, { pattern }: Of<'pattern'>): Answered {
  const { lines } = patternCard(pattern, { coat, purpose: request.purpose, season: request.season })
  for (const zone of zones) {
    const line = lines.get(zone)
    if (line) put(wishes, zone, { want: line.want, join: line.join, shape: line.shape ?? null, why: line.why })
  }
  return { means: `as the pattern ${pattern}` }
}

/** How far apart the zones may be that another is to be like, mm. */
const ALIKE_MM = 1.5

/** As long as another zone will be, or so much or one step longer or shorter. */
function like(doing: Doing, { of, byMm, change: longer }: Of<'like'>): Answered {
  const others = [...new Set(of.flatMap((key) => zonesOf(key)))].filter((zone) => !NEVER_BY_GROUP.includes(zone))
  const lengths = others.map((zone) => lengthNow(wishAt(doing.trial, zone), presentAt(doing, zone)))
  const [low, high] = [Math.min(...lengths), Math.max(...lengths)]
  if (high - low > ALIKE_MM)
    return {
      question: `those are ${figureMm(low)} to ${figureMm(high)} mm. Which?`,
      readings: [low, high].map((mm) => `${figureMm(mm)} mm on ${sayZones(doing.said.zones)}`),
    }
  const step: Extract<Deed, { do: 'change' }> = { do: 'change', longer: longer ?? false, much: 'plain', byMm: null }
  const stepMm = changed({ method: 'clip', zone: others[0] ?? 'back', lengthMm: low }, step, doing.asked.kit)?.lengthMm
  if (longer !== null && stepMm === undefined)
    return { question: `the kit has nothing ${longer ? 'longer' : 'shorter'}. How many mm?` }
  const lengthMm = longer === null ? Math.max(0.5, Number((low + byMm).toFixed(2))) : (stepMm ?? low)
  const compared = byMm === 0 && longer === null ? `, as long as ${sayZones(of)}` : ''
  const means = `${figureMm(lengthMm)} mm${compared}`
  return { ...each(doing, (zone) => lengthHere(doing, zone, lengthMm), means), lengthMm }
}

function clear(doing: Doing, clearMm: number): Answered {
  const { zones, asked } = doing
  const hanging = zones.flatMap((zone) => {
    const mostMm = longestClearMm(asked.dog, zone, clearMm)
    return mostMm === null ? [] : [{ zone, mostMm }]
  })
  if (hanging.length === 0) return { question: 'this coat does not reach the floor. How many mm?' }
  for (const { zone, mostMm } of hanging) {
    if (presentAt(doing, zone) <= mostMm)
      putHere(doing, zone, {
        want: { by: 'leave' },
        explicit: true,
        why: `Clears the floor by ${figureMm(clearMm)} mm as it is.`,
      })
    else
      putHere(doing, zone, {
        want: { by: 'scissor', lengthMm: mostMm },
        explicit: true,
        why: `Clears the floor by ${figureMm(clearMm)} mm.`,
      })
  }
  const most = Math.min(...hanging.map(({ mostMm }) => mostMm))
  return { means: `${figureMm(clearMm)} mm clear of the floor: ${figureMm(most)} mm at most` }
}

/** The cuts that serve an end, with the end as their reason. */
function purpose(doing: Doing, { purpose: id }: Of<'purpose'>): Answered {
  const { serves, why } = PURPOSE_FACTS[id]
  const cuts = serves(doing.asked.dog).filter(({ zone }) => doing.zones.includes(zone))
  for (const cut of cuts) {
    const reason = `${saidWhy(doing)} ${why.charAt(0).toUpperCase()}${why.slice(1)}.`
    if ('tool' in cut) putHere(doing, cut.zone, { want: { by: 'tool', tool: cut.tool }, explicit: true, why: reason })
    else boundAt(doing, cut.zone, true, cut.mostMm, reason)
  }
  const means = cuts.map(
    (cut) =>
      `${zoneLabel(cut.zone).toLowerCase()} ${'tool' in cut ? 'with a 10' : `at most ${figureMm(cut.mostMm)} mm`}`,
  )
  return { means: `${means.join(', ')}, ${why}` }
}

/** What waits for coat is wished again by itself: this says what it is. */
function waited({ asked: { growing } }: Doing): Answered {
  if (growing.length === 0) return { question: 'nothing was left over from last time. Which zone, and how long?' }
  const list = growing.map(({ zone, wantedMm }) => `${zoneLabel(zone).toLowerCase()} ${figureMm(wantedMm)} mm`)
  return { means: `wished again: ${list.join(', ')}` }
}

/** Shorter or longer than the last card, each side than it was; without a card nobody knows than what. */
function change(doing: Doing, deed: Of<'change'>): Answered {
  const { zones, last, asked, said } = doing
  const worked = zones
    .filter((zone) => zones.length === 1 || !NEVER_BY_GROUP.includes(zone))
    .flatMap((zone) => last.get(zone) ?? [])
    .filter(({ value }) => value.method !== 'leave')
    .flatMap(({ side, value }) =>
      said.side !== null && side !== null && side !== said.side ? [] : [{ side: side ?? said.side, value }],
    )
  if (worked.length === 0) return { question: `${deed.longer ? 'longer' : 'shorter'} than what? How many mm?` }
  const told = worked.flatMap(({ side, value: entry }) => {
    const to = changed(entry, deed, asked.kit)
    if (to === null) return []
    const toMm = to.lengthMm
    const want: Want = { by: to.by, lengthMm: toMm }
    putHere(
      doing,
      entry.zone,
      { want, explicit: true, why: `${deed.longer ? 'Longer' : 'Shorter'} than last time, as said.` },
      side,
    )
    return [{ zone: entry.zone, fromMm: entry.lengthMm, toMm }]
  })
  const [first] = told
  if (!first)
    return { question: deed.longer ? 'the kit has nothing longer. How many mm?' : 'it is as short as is kind already.' }
  const alike = told.every(({ fromMm, toMm }) => fromMm === first.fromMm && toMm === first.toMm)
  const shown = alike ? told.slice(0, 1) : told.slice(0, MOST_TOLD)
  const means = shown
    .map(({ zone, fromMm, toMm }) => `${alike ? '' : `${zoneLabel(zone)} `}${figureMm(fromMm)} to ${figureMm(toMm)}`)
    .join(', ')
  return {
    means: `${means} mm${told.length > shown.length && !alike ? ' and so on' : ''}`,
    ...(alike ? { lengthMm: first.toMm } : {}),
  }
}

const MOST_TOLD = 3

function unreachable(deed: never): never {
  throw new Error(`Unknown deed ${JSON.stringify(deed)}`)
}
