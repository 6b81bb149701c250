import type { Role } from '@/core/people'

/** Columns as stored. JSON columns are text here and are read through their Zod schema. */
export interface HouseFields {
  id: number
  name: string
  place: string
  timeZone: string
  unit: 'mm' | 'inch'
  houseKey: string
  works: string
  opening: string
  van: string
  seen: string
  backups: string
  restMin: number
  rowVersion: number
}
export interface RuleFields {
  ruleId: string
  choice: string
}
export interface StaffFields {
  id: number
  name: string
  role: Role
  work: string
  owner: boolean
  /** Hashes; null where nobody chose one yet. */
  passphrase: string | null
  pin: string | null
  leftOn: string | null
  rowVersion: number
}
export interface StationFields {
  id: number
  name: string
  kind: string
  retiredAt: Date | null
}
export interface PhotoFields {
  id: string
  visitId: number | null
  dogId: number | null
  jpeg: Buffer
  receivedAt: Date
  goneAt: Date | null
}
export interface ToolFields {
  id: number
  kind: 'blade' | 'comb'
  name: string
  retiredOn: string | null
  label: string
  sharpenedAt: Date | null
}
export interface BladeUseFields {
  visitId: number
  blade: string
  minutes: number
  workedAt: Date
}
export interface HousePatternFields {
  id: number
  name: string
  words: string
  card: string
  madeBy: string
  madeAt: Date
  retiredAt: Date | null
}
export interface HouseCautionFields {
  id: number
  stage: string
  words: string
  madeBy: string
  madeAt: Date
  retiredAt: Date | null
}
export interface HouseholdFields {
  id: number
  name: string
  place: string
  notes: string
  spot: string | null
  /** The household that this one was found to be. */
  joinedInto: number | null
  rowVersion: number
}
export interface OwnerFields {
  id: number
  householdId: number
  name: string
  phone: string | null
  email: string | null
  firstCalled: boolean
  phoneTail: string | null
  agreed: string
  gone: boolean
}
export interface FileChangeFields {
  id: number
  ofKind: string
  ofId: number
  madeAt: Date
  madeBy: string
  /** Who of the house that is; null where it was nobody of it. */
  madeById: number | null
  beforeIt: string
  afterIt: string
}
export interface DogFields {
  id: number
  householdId: number
  name: string
  breed: string
  coat: string
  build: string
  weightKg: number
  heightCm: number | null
  lengthCm: number | null
  measures: string
  bornOn: string | null
  sex: string | null
  neutered: boolean | null
  lightSkin: boolean
  faceShape: string
  behaviour: string
  health: string
  standing: string
  more: string
  vaccinatedOn: string | null
  /** Of the last groom, when the next one is due, and when a wish that waits will be possible. */
  groomedOn: string | null
  dueOn: string | null
  wishOn: string | null
  /** The call by which it was taken in; made on the device. */
  callId: string | null
  rowVersion: number
}
export interface BookingFields {
  id: number
  dogId: number
  staffId: number
  startAt: Date
  slotMin: number
  service: string
  request: string
  coatNow: string
  mats: string
  coatSides: string
  ownOrder: string
  setting: 'salon' | 'mobile'
  rowVersion: number
  calledOffAt: Date | null
  calledOffWhy: string | null
  calledOffBy: string | null
  standing: string
  repeatId: number | null
  /** The day by the rule of its repeat. */
  repeatDay: string | null
  home: string | null
  /** When it was booked or last moved; null where nobody noted it. */
  changedAt: Date | null
}
export interface BookedFitFields {
  bookingId: number
  stamp: string
  fit: string
}
export interface RepeatFields {
  id: number
  dogId: number
  staffId: number
  firstDay: string
  clock: string
  programme: string
  setting: 'salon' | 'mobile'
  home: string | null
  /** Up to this day it is booked. */
  grownTo: string
  endedOn: string | null
  madeAt: Date
  madeBy: string
  rowVersion: number
}
export interface WaitingFields {
  id: number
  dogId: number
  fromDay: string
  toDay: string
  note: string
  madeAt: Date
  madeBy: string
  settledAt: Date | null
  settledAs: string | null
}
export interface DayDeedFields {
  day: string
  no: number
  format: number
  deed: string
  madeAt: Date
  madeBy: string
}
export interface SaidWordsFields {
  id: number
  /** By this it is known, so that it is said once; null when it was taken back. */
  about: string | null
  kind: string
  bookingId: number | null
  dogId: number
  startAt: Date | null
  words: string
  way: string
  saidAt: Date
  saidBy: string
}
export interface HouseWordsFields {
  kind: string
  words: string
}
export interface CalendarFeedFields {
  /** 0 is the whole house. */
  staffId: number
  secret: string
  madeAt: Date
}
export interface BusyTimeFields {
  id: number
  staffId: number
  uid: string
  fromAt: Date
  toAt: Date
  why: string
  readAt: Date
  goneAt: Date | null
}
export interface CardFields {
  id: number
  dogId: number
  version: number
  kind: 'planned' | 'cut' | 'saved'
  madeAt: Date
  madeBy: string
  why: string
  zones: string
  blades: string
}
export interface VisitFields {
  id: number
  bookingId: number
  dogId: number
  plannedCardId: number
  cutCardId: number | null
  plannedCase: string
  plan: string
  startedAt: Date
  closedAt: Date | null
  liked: boolean | null
  verdicts: string
  /** The number of the stored shapes of case and plan. */
  format: number
  leftBehind: string | null
}
export interface PaceCellFields {
  id: string
  n: number
  total: number
  day: number
}
export interface EventFields {
  id: string
  visitId: number
  atMs: number
  kind: string
  payload: string
  receivedAt: Date
  /** In the order in which the server took them in; given by the database. */
  no: number
  device: string | null
  authorId: number | null
  format: number
}
export interface GrowthPairFields {
  id: number
  visitId: number
  dogId: number
  foundAt: Date
  bodyPart: string
  leftMm: number
  foundMm: number
  weeks: number
}
export interface GroomFactsFields {
  visitId: number
  dogId: number
  staffId: number
  startedAt: Date
  format: number
  facts: string
  /** The month in whose sums it is; null: in none yet. */
  summedIn: string | null
}
export interface GroomSumsFields {
  /** 0: of everybody. */
  staffId: number
  /** Empty: of all. Sums of one coat in one pattern are not kept. */
  coat: string
  pattern: string
  /** A calendar month, or a year with a Y before it, so that neither lies among the other. */
  month: string
  sums: string
}
export interface DogGrowthFields {
  dogId: number
  pairs: number
  mmPerWeek: number
  tableMm: number
}
export interface VisitFoldFields {
  visitId: number
  /** The server's number of the last event that is in it. */
  no: number
  format: number
  fold: string
}
export interface DeviceFields {
  id: number
  name: string
  /** What the device shows at each request is kept as its hash, here and below. */
  tokenHash: string
  /** Let in by a code; else it is a browser in which somebody signed in on the machine itself. */
  letIn: boolean
  madeAt: Date
  madeBy: string
  seenAt: Date
  turnedOffAt: Date | null
}
export interface SignInFields {
  tokenHash: string
  staffId: number
  deviceId: number
  madeAt: Date
  seenAt: Date
  endedAt: Date | null
}
export interface AdmissionCodeFields {
  id: number
  codeHash: string
  /** Whom it lets choose a passphrase and a PIN. */
  staffId: number | null
  /** The device that it lets in. */
  deviceName: string | null
  madeAt: Date
  madeBy: string
  endsAt: Date
  usedAt: Date | null
}
export interface WrongTriesFields {
  /** What was tried: `pin 3`, `passphrase 3`, `code`. */
  what: string
  n: number
  /** Before this moment no answer is given. */
  freeAt: Date
}
export interface BroughtInFields {
  id: string
  file: string
  madeAt: Date
  madeBy: string
  made: string
  takenBackAt: Date | null
  takenBackBy: string | null
}
export interface BroughtPieceFields {
  listId: string
  no: number
  madeAt: Date
  pieceRows: string
}
export interface HouseMarkFields {
  name: string
  setAt: Date
}
