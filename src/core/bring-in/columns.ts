/** What a column of somebody's own list can be. */
export const FIELDS = {
  owner: 'Owner',
  first: 'First name',
  last: 'Last name',
  phone: 'Number',
  email: 'E-mail',
  place: 'Address',
  dog: 'Dog',
  breed: 'Breed',
  coat: 'Coat',
  weight: 'Weight',
  born: 'Born',
  age: 'Age',
  sex: 'Sex',
  neutered: 'Neutered',
  vaccinated: 'Vaccinated',
  groomed: 'Last groomed',
  notes: 'Notes',
} as const
export type Field = keyof typeof FIELDS
export const FIELD_IDS = Object.keys(FIELDS) as Field[]

/** Words at the head of a column, as people write them; the longer ones are looked for first. From memory. */
// prettier-ignore
const HEADS: Record<Field, readonly string[]> = {
  first: ['first name', 'firstname', 'forename', 'given name', 'first'],
  last: ['last name', 'lastname', 'surname', 'family name', 'last'],
  owner: ['owner name', 'client name', 'customer name', 'owner', 'client', 'customer', 'contact', 'full name', 'person'],
  phone: ['phone', 'mobile', 'telephone', 'tel', 'cell', 'number', 'contact number'],
  email: ['e-mail address', 'email address', 'e-mail', 'email', 'mail'],
  place: ['address', 'street', 'town', 'city', 'postcode', 'post code', 'zip', 'county', 'state'],
  dog: ['dog name', 'pet name', 'animal name', 'dog', 'pet', 'animal'],
  breed: ['breed', 'type of dog', 'dog type', 'cross'],
  coat: ['coat type', 'coat', 'hair'],
  weight: ['weight', 'kg', 'lbs', 'lb'],
  born: ['date of birth', 'birth date', 'birthday', 'birth', 'born', 'dob'],
  age: ['age'],
  sex: ['sex', 'gender'],
  neutered: ['neutered', 'spayed', 'castrated', 'altered', 'fixed', 'desexed'],
  vaccinated: ['vaccination', 'vaccinated', 'vaccine', 'rabies', 'shots'],
  groomed: ['last groomed', 'last visit', 'last appointment', 'last groom', 'last seen'],
  notes: ['notes', 'note', 'remarks', 'comments', 'comment', 'warnings', 'alert'],
}

const plain = (head: string): string =>
  head
    .toLowerCase()
    .replaceAll(/[^a-z- ]/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim()

/** Fields that several columns may fill together, one after another. */
export const JOINED: readonly Field[] = ['place', 'notes', 'phone']

/**
 * What each column seems to be: by the words at its head, else by what stands in it. Null: nobody can tell.
 * @param samples some values of each column
 */
export function guessColumns(heads: readonly string[], samples: readonly (readonly string[])[]): (Field | null)[] {
  const byHead = heads.map((head) => fieldOfHead(plain(head)))
  const named = settleName(heads, byHead)
  const taken = new Set<Field>()
  return named.map((field, at) => {
    const guess = field ?? fieldOfValues(samples[at] ?? [])
    if (guess === null || (taken.has(guess) && !JOINED.includes(guess))) return null
    taken.add(guess)
    return guess
  })
}

function fieldOfHead(head: string): Field | null {
  const found = Object.entries(HEADS).flatMap(([field, words]) =>
    words.filter((word) => ` ${head} `.includes(` ${word} `)).map((word) => ({ field: field as Field, word })),
  )
  found.sort((a, b) => b.word.length - a.word.length)
  return found[0]?.field ?? null
}

/** A column that is only called *name* is the person's where another is the dog's, and the dog's where another is the person's. */
function settleName(heads: readonly string[], fields: readonly (Field | null)[]): (Field | null)[] {
  const hasPerson = fields.some((field) => field === 'owner' || field === 'first' || field === 'last')
  const hasDog = fields.includes('dog')
  return fields.map((field, at) => {
    if (field !== null || plain(heads[at] ?? '') !== 'name') return field
    if (hasPerson && !hasDog) return 'dog'
    return hasPerson ? null : 'owner'
  })
}

/** Of so many values so many have to look alike before a column without a known head is taken for one. From memory. */
const MOST_OF = 0.8

function fieldOfValues(values: readonly string[]): Field | null {
  const said = values.filter((value) => value.trim() !== '')
  const mostly = (pattern: RegExp) =>
    said.length > 0 && said.filter((value) => pattern.test(value.trim())).length >= said.length * MOST_OF
  if (mostly(/^\S+@\S+\.\S+$/)) return 'email'
  if (mostly(/^\+?[\d\s()./-]{7,20}$/) && !mostly(/^\d{1,4}[./-]\d{1,2}[./-]\d{1,4}$/)) return 'phone'
  return null
}
