/** Who works in the big house. Invented. */
export const PEOPLE = [
  { name: 'Wren', role: 'groomer' },
  { name: 'Ansel', role: 'groomer' },
  { name: 'Tamsin', role: 'groomer' },
  { name: 'Corin', role: 'groomer' },
  { name: 'Isolde', role: 'groomer' },
] as const

export const DOG_NAMES = [
  ...['Quill', 'Mochi', 'Dabchick', 'Pilchard', 'Hobnob', 'Ottoline', 'Fenwick', 'Bramble', 'Søren', 'Zoë', 'Tarn'],
  ...['Puffin', 'Sedge', 'Nettle', 'Otis', 'Juniper', 'Barnaby', 'Clover', 'Dill', 'Ember', 'Figgy', 'Grebe'],
]
export const FIRST_NAMES = ['Hedda', 'Oswin', 'Marl', 'Petra', 'Ivo', 'Sunniva', 'Bertil', 'Linnea', 'Caspar', 'Runa']
export const FAMILIES = [
  ...['Marsh', 'Tolle', 'Brandreth', 'Quay', 'Fallow', 'Haddow', 'Penhale', 'Orme', 'Lisle', 'Dunmore', 'Ashby'],
  ...['Wyke', 'Hümmel', 'Birk', 'Carrow', 'Denholm', 'Eskdale', 'Farrow', 'Garth', 'Holm'],
]
