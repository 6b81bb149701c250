import type { Role } from '../people'

/** What somebody is in the house: its owner may do everything, whatever work they do besides. */
export type Standing = 'owner' | Role
export const STANDINGS = ['owner', 'groomer', 'bather', 'front desk'] as const satisfies readonly Standing[]

interface RightFact {
  says: string
  may: readonly Standing[]
}

const HANDS = ['owner', 'groomer', 'bather'] as const
const DESK = ['owner', 'groomer', 'front desk'] as const
const TRADE = ['owner', 'groomer'] as const
const OWNER = ['owner'] as const

/** What who may do. Source: common practice; whoever owns the house answers for it. */
// prettier-ignore
export const RIGHTS = {
  see:     { says: 'See the day, the book, dogs and their files',               may: STANDINGS },
  bench:   { says: 'Work at the bench: stages, findings, pictures, wrap up',    may: HANDS },
  wishes:  { says: 'Put down what an owner wishes and says',                    may: STANDINGS },
  measure: { says: 'Measure a dog',                                             may: HANDS },
  cards:   { says: 'Change cards and patterns, and take an owner’s verdict',    may: TRADE },
  files:   { says: 'Take in dogs, change files and households',                 may: DESK },
  book:    { says: 'Book, move, call off, repeat; plan the day; say messages', may: DESK },
  kit:     { says: 'Change the kit',                                            may: TRADE },
  caution: { says: 'Write cautions of the house',                               may: TRADE },
  house:   { says: 'Change the house: hours, schools, limits, what time costs', may: OWNER },
  people:  { says: 'Say who works here and what they may do',                   may: OWNER },
  devices: { says: 'Let devices in, and turn them off',                         may: OWNER },
  figures: { says: 'See other people’s figures in Insight',                     may: OWNER },
  out:     { says: 'Take the house along, back it up, bring it back; give calendars out', may: OWNER },
  kept:    { says: 'See all that is kept about a person, and strike it out',     may: OWNER },
  lists:   { says: 'Bring owners and dogs in from a list, and take it back',    may: OWNER },
  trail:   { says: 'Read the trail',                                            may: OWNER },
} as const satisfies Record<string, RightFact>
export type Right = keyof typeof RIGHTS

/** Who wants to do something: the work they do, and whether the house is theirs. */
export interface Someone {
  owner: boolean
  role: Role
}

export const standingOf = ({ owner, role }: Someone): Standing => (owner ? 'owner' : role)

export function mayDo(who: Someone, right: Right): boolean {
  const may: readonly Standing[] = RIGHTS[right].may
  return may.includes(standingOf(who))
}

/** Why somebody may not do it, and who may. */
export function mayNot(who: Someone, right: Right): string {
  const { says, may } = RIGHTS[right]
  return `This is not for ${withArticle(standingOf(who))}: ${says.charAt(0).toLowerCase()}${says.slice(1)}. Ask ${may.map(withArticle).join(' or ')}.`
}

const withArticle = (standing: Standing): string =>
  standing === 'owner' ? 'the owner of the house' : standing === 'front desk' ? 'the front desk' : `a ${standing}`
