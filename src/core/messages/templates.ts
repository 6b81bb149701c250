import { z } from 'zod'

/** What a house says to owners, when, and in which words where it has none of its own. */
export const MESSAGES = {
  confirmation: {
    label: 'Confirmation',
    when: 'when a dog is booked',
    words: '{dog} is booked with {groomer} on {day} at {time}, until about {until}. {house}',
  },
  moved: {
    label: 'Moved',
    when: 'when a booking moves that they know of',
    words: '{dog}’s time has moved: now {day} at {time} with {groomer}. {house}',
  },
  reminder: {
    label: 'Reminder',
    when: 'the day before',
    words: 'A word that {dog} comes on {day} at {time}. {house}',
  },
  late: {
    label: 'Running late',
    when: 'when the finish passes the promise',
    words: '{dog} needs a little longer today: ready at about {until}. {house}',
  },
  ready: {
    label: 'Ready to be fetched',
    when: 'when the groom is finished',
    words: '{dog} is ready to be fetched. {house}',
  },
  cancelled: {
    label: 'Cancelled',
    when: 'when a booking is cancelled that they know of',
    words: '{dog} does not come on {day} at {time}: that time is cancelled. {house}',
  },
  due: {
    label: 'Your dog is due',
    when: 'a week before it is due, when nothing is booked',
    words: '{dog} is due in the week of {day}. Shall we find a time? {house}',
  },
  page: {
    label: 'On the page that goes home',
    when: 'on the owner’s page of a visit',
    words: 'Thank you for bringing {dog}. {house}',
  },
} as const
export const MessageKind = z.enum(Object.keys(MESSAGES) as [keyof typeof MESSAGES])
export type MessageKind = z.infer<typeof MessageKind>

/** What can stand in the words, and what it becomes. */
export const PLACEHOLDERS = {
  dog: 'the dog’s name',
  owner: 'who is called first',
  groomer: 'who grooms',
  day: 'the day',
  time: 'the start',
  until: 'when it is ready',
  place: 'the address',
  house: 'this house',
} as const
export type Placeholder = keyof typeof PLACEHOLDERS

const MOST = 480

/** Words of a house, with placeholders in braces; each is checked. */
export const HouseWords = z
  .string()
  .trim()
  .min(1, { error: 'Give the words.' })
  .max(MOST, { error: `Keep the words to ${MOST} characters.` })
  .superRefine((words, context) => {
    for (const fault of faultsIn(words)) context.addIssue({ code: 'custom', message: fault })
  })

/** What is wrong with the placeholders of some words, as sentences. */
export function faultsIn(words: string): string[] {
  const known = Object.keys(PLACEHOLDERS)
  const used = [...words.matchAll(/\{([^{}]*)\}/g)].map(([, name = '']) => name)
  const rest = words.replace(/\{[^{}]*\}/g, '')
  const unknown = used.filter((name) => !known.includes(name))
  return [
    ...unknown.map((name) => `{${name}} is not known here; use ${known.map((each) => `{${each}}`).join(', ')}.`),
    ...(/[{}]/.test(rest) ? ['A brace is open: write a placeholder as {dog}.'] : []),
    ...(used.includes('dog') ? [] : ['Say which dog: put {dog} in.']),
  ]
}

/** The words with everything said. */
export const said = (words: string, values: Record<Placeholder, string>): string =>
  words.replace(/\{([^{}]*)\}/g, (whole, name: string) => values[name as Placeholder] ?? whole)
