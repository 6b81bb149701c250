/** Columns as stored. JSON columns are text here and are read through their Zod schema. */
export interface HouseFields {
  id: number
  name: string
  place: string
  timeZone: string
  unit: 'mm' | 'inch'
  houseKey: string
}
export interface RuleFields {
  ruleId: string
  choice: string
}
export interface StaffFields {
  id: number
  name: string
  role: 'groomer' | 'bather'
  work: string
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
  visitId: number
  jpeg: Buffer
  receivedAt: Date
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
}
export interface OwnerFields {
  id: number
  householdId: number
  name: string
  phone: string | null
  email: string | null
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
  bornOn: string
  sex: string
  neutered: boolean
  lightSkin: boolean
  faceShape: string
  behaviour: string
  health: string
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
}
export interface CardFields {
  id: number
  dogId: number
  version: number
  kind: 'planned' | 'cut' | 'saved'
  madeAt: Date
  madeBy: string
  why: string
}
export interface CardZoneFields {
  id: number
  cardId: number
  zone: string
  side: string | null
  method: string
  blade: string | null
  comb: string | null
  lay: string | null
  lengthMm: number
  shape: string | null
  join: string
  why: string
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
}
export interface VisitFoldFields {
  visitId: number
  /** The server's number of the last event that is in it. */
  no: number
  format: number
  fold: string
}
export interface HouseMarkFields {
  name: string
  setAt: Date
}
