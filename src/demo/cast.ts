import type { CoatId } from '@/core/coat'
import type { BuildId, FineMeasures } from '@/core/build'
import { WEEKDAYS, type Role, type Work } from '@/core/people'
import type { Behaviour } from '@/core/plan'
import type { HealthFact } from '@/core/health'
import type { Request } from '@/core/request'
import type { Told } from './simulate'

/** Tern Harbour and everyone in it are invented. */
export const DEMO_HOUSE = {
  name: 'Tern Harbour salon',
  place: 'Tern Harbour',
  unit: 'mm' as const,
  works: 'both' as const,
}

/** Every day alike: the demo's today may be any. */
const week = (from: string, to: string): Work['hours'] => Object.fromEntries(WEEKDAYS.map((day) => [day, { from, to }]))

export const DEMO_STAFF = [
  {
    name: 'Wren',
    role: 'groomer',
    work: { skills: ['clip', 'scissor', 'difficult dogs'], hours: week('08:30', '20:00') },
  },
  {
    name: 'Ansel',
    role: 'groomer',
    work: { skills: ['clip', 'scissor', 'hand-strip'], hours: week('08:00', '19:30') },
  },
  { name: 'Jory', role: 'bather', work: { skills: ['bath', 'dry'], hours: week('09:00', '16:00') } },
  { name: 'Linnet', role: 'front desk', work: { hours: week('08:30', '16:00') } },
] as const satisfies readonly { name: string; role: Role; work: Work }[]

export const DEMO_STATIONS = [
  { name: 'Window table', kind: 'table' },
  { name: 'Back table', kind: 'table' },
  { name: 'Raised tub', kind: 'tub' },
  { name: 'Stand dryer', kind: 'dryer' },
  { name: 'Warm cabinet', kind: 'cabinet' },
] as const

export const DEMO_BLADES = ['40', '30', '15', '10', '7F', '5F', '4F'] as const
export const DEMO_COMBS = ['4', '2', '1½', '1', '0', 'A'] as const

/** Numbers that are kept free for stories. Source: the telephone regulator of the United Kingdom, from memory. */
export const DEMO_NUMBERS = '01632 9601'

export const DEMO_HOUSEHOLDS = [
  { name: 'Marsh', place: '4 Ropewalk', owner: 'Hedda Marsh' },
  { name: 'Tolle', place: '11 Gull Steps', owner: 'Anneke Tolle' },
  { name: 'Brandreth', place: '2 Lantern Row', owner: 'Corin Brandreth' },
  { name: 'Sedge', place: '30 Saltpan Lane', owner: 'Ilse Sedge' },
  { name: 'Quay', place: '7 Netmakers Yard', owner: 'Oswin Quay' },
  { name: 'Fallow', place: '19 Upper Quayside', owner: 'Maud Fallow' },
  { name: 'Haddow', place: '5 Cooper Street', owner: 'Tamsin Haddow' },
  { name: 'Penhale', place: '22 Chapel Hill', owner: 'Jago Penhale' },
  { name: 'Orme', place: '1 Ferry Lane', owner: 'Una Orme' },
  { name: 'Lisle', place: '16 Mill Rise', owner: 'Perrin Lisle' },
  { name: 'Rowan', place: '8 Oar Street', owner: 'Elspet Rowan' },
  { name: 'Dunmore', place: '3 Beacon Lane', owner: 'Keir Dunmore' },
  { name: 'Ashby', place: '27 Tide Row', owner: 'Nerys Ashby' },
  { name: 'Calder', place: '14 Lockgate', owner: 'Bram Calder' },
  { name: 'Wyke', place: '9 Sailmakers Close', owner: 'Odette Wyke' },
  { name: 'Thorne', place: '6 Hill Stile', owner: 'Silas Thorne' },
] as const

export interface DemoDog {
  name: string
  household: (typeof DEMO_HOUSEHOLDS)[number]['name']
  breed: string
  coat: CoatId
  build: BuildId
  weightKg: number
  heightCm: number
  lengthCm: number
  measures?: FineMeasures
  ageYears: number
  sex: 'male' | 'female'
  behaviour: Behaviour
  health: HealthFact[]
  firstCoatMm: number
  /** How fast this dog's coat grows against its kind; 1 where nothing is said. */
  growsAt?: number
  /** What was noted so many visits ago. */
  told?: Record<number, Told[]>
  /** Weeks it has been coming; two years where nothing is said. */
  sinceWeeks?: number
  /** What its owner asked at the last visit, still waiting for coat. */
  latestWish?: Request['lengthsMm']
  /** What its owner said for the next visit. */
  nextWords?: string
  request: Request
  everyWeeks: number
}

export const DEMO_DOGS: readonly DemoDog[] = [
  {
    name: 'Mochi',
    household: 'Tolle',
    breed: 'Havanese',
    coat: 'drop',
    build: 'toy',
    weightKg: 5.2,
    heightCm: 26,
    lengthCm: 29,
    ageYears: 3,
    sex: 'female',
    behaviour: { face: 1 },
    health: [],
    firstCoatMm: 60,
    growsAt: 0.85,
    request: { pattern: 'teddy' },
    everyWeeks: 6,
  },
  {
    name: 'Fenwick',
    household: 'Fallow',
    breed: 'Airedale',
    coat: 'wire',
    build: 'square',
    weightKg: 23,
    heightCm: 59,
    lengthCm: 59,
    measures: { ears: 'folded', skullCm: 13, muzzleCm: 13 },
    ageYears: 5,
    sex: 'male',
    behaviour: { feet: 2 },
    health: [],
    firstCoatMm: 55,
    request: { pattern: 'terrier-jacket' },
    everyWeeks: 8,
  },
  {
    name: 'Quill',
    household: 'Marsh',
    breed: 'Portuguese water dog',
    coat: 'curly',
    build: 'square',
    weightKg: 19,
    heightCm: 52,
    lengthCm: 52,
    measures: { neckCm: 20, chestDepthCm: 24, skullCm: 12, muzzleCm: 11, earLeatherCm: 12, tailCm: 20 },
    ageYears: 4,
    sex: 'male',
    behaviour: { dryer: 3, nails: 1 },
    health: [],
    firstCoatMm: 70,
    told: {
      4: [{ kind: 'behaviour', at: 'dry', trigger: 'dryer', grade: 1, worked: '' }],
      3: [{ kind: 'behaviour', at: 'dry', trigger: 'dryer', grade: 2, worked: '' }],
      2: [{ kind: 'behaviour', at: 'dry', trigger: 'dryer', grade: 2, worked: '' }],
      1: [{ kind: 'behaviour', at: 'dry', trigger: 'dryer', grade: 3, worked: '' }],
    },
    growsAt: 1.15,
    request: {
      pattern: 'one-length',
      lengthsMm: { legs: 13, forefoot: 16, hindfoot: 16, muzzle: 15, chin: 20 },
      tail: 'plume',
      feet: 'round',
      keep: ['lashes'],
    },
    everyWeeks: 6,
  },
  {
    name: 'Ottoline',
    household: 'Sedge',
    breed: 'coton',
    coat: 'cotton',
    build: 'toy',
    weightKg: 5.8,
    heightCm: 27,
    lengthCm: 31,
    ageYears: 6,
    sex: 'female',
    behaviour: { brush: 1 },
    health: [],
    firstCoatMm: 55,
    request: { pattern: 'teddy', lengthsMm: { body: 16, legs: 19 } },
    everyWeeks: 5,
  },
  {
    name: 'Nettle',
    household: 'Brandreth',
    breed: 'wire fox terrier',
    coat: 'wire',
    build: 'square',
    weightKg: 8,
    heightCm: 39,
    lengthCm: 39,
    measures: { ears: 'folded', neckCm: 16, tailCm: 14 },
    ageYears: 7,
    sex: 'female',
    behaviour: { nails: 2 },
    health: [],
    firstCoatMm: 45,
    told: {
      3: [
        {
          kind: 'finding',
          at: 'look-over',
          finding: { kind: 'lump', zone: 'side', side: 'left', sizeMm: 8, status: 'new', words: '' },
        },
      ],
      1: [
        {
          kind: 'finding',
          at: 'look-over',
          finding: { kind: 'lump', zone: 'side', side: 'left', sizeMm: 8, status: 'same', words: '' },
        },
        { kind: 'behaviour', at: 'nails', trigger: 'nails', grade: 2, worked: '' },
      ],
    },
    request: { pattern: 'terrier-jacket' },
    everyWeeks: 8,
  },
  {
    name: 'Hobnob',
    household: 'Tolle',
    breed: 'bolognese',
    coat: 'cotton',
    build: 'toy',
    weightKg: 4.1,
    heightCm: 27,
    lengthCm: 27,
    ageYears: 14,
    sex: 'male',
    behaviour: { table: 1 },
    health: [{ kind: 'arthritis' }],
    firstCoatMm: 50,
    request: { pattern: 'one-length', lengthsMm: { body: 12.7, legs: 12.7 } },
    everyWeeks: 6,
  },
  {
    name: 'Tansy',
    household: 'Quay',
    breed: 'lagotto',
    coat: 'curly',
    build: 'square',
    weightKg: 13,
    heightCm: 43,
    lengthCm: 43,
    ageYears: 2,
    sex: 'female',
    behaviour: {},
    health: [],
    firstCoatMm: 50,
    growsAt: 1.2,
    latestWish: { 'ear-edge': 95, chin: 70 },
    request: { pattern: 'one-length' },
    everyWeeks: 6,
  },
  {
    name: 'Clover',
    household: 'Brandreth',
    breed: 'cavapoo',
    coat: 'fleece',
    build: 'toy',
    weightKg: 7,
    heightCm: 33,
    lengthCm: 35,
    ageYears: 2,
    sex: 'female',
    behaviour: { dryer: 1 },
    health: [],
    firstCoatMm: 60,
    nextWords:
      'half an inch on the legs, leave the ears, tail an inch off the floor, face a touch shorter than last time, bum tidy',
    request: { pattern: 'teddy' },
    everyWeeks: 5,
  },
  {
    name: 'Rook',
    household: 'Haddow',
    breed: 'springer',
    coat: 'silky',
    build: 'sporting',
    weightKg: 21,
    heightCm: 50,
    lengthCm: 53,
    ageYears: 6,
    sex: 'male',
    behaviour: { bath: 1 },
    health: [],
    firstCoatMm: 60,
    request: { pattern: 'sporting-jacket' },
    everyWeeks: 8,
  },
  {
    name: 'Bramble',
    household: 'Penhale',
    breed: 'Tibetan terrier',
    coat: 'drop',
    build: 'square',
    weightKg: 11,
    heightCm: 39,
    lengthCm: 39,
    ageYears: 8,
    sex: 'male',
    behaviour: { brush: 2 },
    health: [{ kind: 'deaf' }],
    firstCoatMm: 80,
    told: {
      3: [{ kind: 'behaviour', at: 'brush-out', trigger: 'brush', grade: 4, worked: '' }],
      2: [{ kind: 'behaviour', at: 'brush-out', trigger: 'brush', grade: 3, worked: '' }],
      1: [{ kind: 'behaviour', at: 'brush-out', trigger: 'brush', grade: 2, worked: '' }],
    },
    request: { pattern: 'one-length', lengthsMm: { body: 19, legs: 19 } },
    everyWeeks: 7,
  },
  {
    name: 'Samphire',
    household: 'Orme',
    breed: 'Samoyed',
    coat: 'double',
    build: 'heavy',
    weightKg: 24,
    heightCm: 53,
    lengthCm: 56,
    measures: { ears: 'pricked', tailCm: 30 },
    ageYears: 4,
    sex: 'female',
    behaviour: { dryer: 1 },
    health: [],
    firstCoatMm: 30,
    request: { pattern: 'bath-tidy', lengthsMm: { forefoot: 15, hindfoot: 15 }, feet: 'round' },
    everyWeeks: 9,
  },
  {
    name: 'Pilchard',
    household: 'Lisle',
    breed: 'cairn cross',
    coat: 'wire',
    build: 'long-low',
    weightKg: 8.5,
    heightCm: 29,
    lengthCm: 36,
    ageYears: 1,
    sex: 'male',
    behaviour: { clipper: 1 },
    health: [],
    firstCoatMm: 45,
    request: { pattern: 'terrier-jacket' },
    everyWeeks: 8,
  },
  {
    name: 'Sorrel',
    household: 'Rowan',
    breed: 'poodle',
    coat: 'curly',
    build: 'square',
    weightKg: 22,
    heightCm: 57,
    lengthCm: 57,
    ageYears: 3,
    sex: 'female',
    behaviour: {},
    health: [],
    firstCoatMm: 60,
    growsAt: 1.1,
    sinceWeeks: 60,
    request: { pattern: 'clean-face-round' },
    everyWeeks: 5,
  },
  {
    name: 'Dumpling',
    household: 'Dunmore',
    breed: 'bichon',
    coat: 'cotton',
    build: 'toy',
    weightKg: 6,
    heightCm: 28,
    lengthCm: 31,
    ageYears: 4,
    sex: 'male',
    behaviour: { face: 1 },
    health: [],
    firstCoatMm: 60,
    sinceWeeks: 60,
    request: { pattern: 'round-cotton' },
    everyWeeks: 5,
  },
  {
    name: 'Gannet',
    household: 'Ashby',
    breed: 'miniature schnauzer',
    coat: 'wire',
    build: 'square',
    weightKg: 7.5,
    heightCm: 34,
    lengthCm: 34,
    measures: { ears: 'folded' },
    ageYears: 6,
    sex: 'male',
    behaviour: { feet: 1 },
    health: [],
    firstCoatMm: 50,
    sinceWeeks: 60,
    request: { pattern: 'schnauzer-pattern' },
    everyWeeks: 7,
  },
  {
    name: 'Marlow',
    household: 'Calder',
    breed: 'cavalier',
    coat: 'silky',
    build: 'toy',
    weightKg: 8,
    heightCm: 32,
    lengthCm: 34,
    ageYears: 5,
    sex: 'male',
    behaviour: {},
    health: [{ kind: 'heart' }],
    firstCoatMm: 40,
    sinceWeeks: 60,
    request: { pattern: 'silky-short' },
    everyWeeks: 8,
  },
  {
    name: 'Pepper',
    household: 'Wyke',
    breed: 'Lhasa apso',
    coat: 'drop',
    build: 'long-low',
    weightKg: 7,
    heightCm: 27,
    lengthCm: 34,
    measures: { ears: 'drop', muzzleCm: 4 },
    ageYears: 5,
    sex: 'female',
    behaviour: { brush: 2 },
    health: [],
    firstCoatMm: 130,
    sinceWeeks: 50,
    request: { pattern: 'long-drop' },
    everyWeeks: 6,
  },
  {
    name: 'Thrift',
    household: 'Thorne',
    breed: 'Bedlington terrier',
    coat: 'curly',
    build: 'racy',
    weightKg: 9,
    heightCm: 41,
    lengthCm: 42,
    ageYears: 2,
    sex: 'female',
    behaviour: { clipper: 1 },
    health: [],
    firstCoatMm: 45,
    sinceWeeks: 50,
    request: { pattern: 'parallel-racy' },
    everyWeeks: 6,
  },
]

/** A pattern of the house's own, saved from the card of a dog. */
export const DEMO_PATTERN = { dog: 'Clover', name: 'Harbour teddy', words: 'the teddy a comb longer, for wet winters' }
/** A card changed at the desk between two visits. */
export const DEMO_SAVED = { dog: 'Rook', why: 'Owner rang: feathers on the legs a little shorter for the beach' }
