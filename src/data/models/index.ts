import { DataTypes, type Sequelize } from 'sequelize'
import { USUAL_REST_MIN } from '@/core/rights'
import type {
  AdmissionCodeFields,
  BladeUseFields,
  BookedFitFields,
  BookingFields,
  BroughtInFields,
  BroughtPieceFields,
  BusyTimeFields,
  CalendarFeedFields,
  CardFields,
  DeviceFields,
  DogFields,
  EventFields,
  FileChangeFields,
  DogGrowthFields,
  GroomFactsFields,
  GroomSumsFields,
  GrowthPairFields,
  HouseFields,
  HouseMarkFields,
  HouseholdFields,
  HousePatternFields,
  HouseWordsFields,
  HouseCautionFields,
  OwnerFields,
  PaceCellFields,
  PhotoFields,
  RepeatFields,
  RuleFields,
  DayDeedFields,
  SaidWordsFields,
  SignInFields,
  StaffFields,
  StationFields,
  ToolFields,
  VisitFields,
  VisitFoldFields,
  WaitingFields,
  WrongTriesFields,
} from './rows'
import { tablesOf, type Column, type Table } from './table'

export type { Row } from './table'

export interface Models {
  house: Table<HouseFields>
  rule: Table<RuleFields>
  staff: Table<StaffFields>
  device: Table<DeviceFields>
  signIn: Table<SignInFields>
  admissionCode: Table<AdmissionCodeFields>
  wrongTries: Table<WrongTriesFields>
  tool: Table<ToolFields>
  bladeUse: Table<BladeUseFields>
  housePattern: Table<HousePatternFields>
  houseCaution: Table<HouseCautionFields>
  household: Table<HouseholdFields>
  owner: Table<OwnerFields>
  fileChange: Table<FileChangeFields>
  dog: Table<DogFields>
  booking: Table<BookingFields>
  bookedFit: Table<BookedFitFields>
  repeat: Table<RepeatFields>
  waiting: Table<WaitingFields>
  dayDeed: Table<DayDeedFields>
  saidWords: Table<SaidWordsFields>
  houseWords: Table<HouseWordsFields>
  calendarFeed: Table<CalendarFeedFields>
  busyTime: Table<BusyTimeFields>
  card: Table<CardFields>
  visit: Table<VisitFields>
  event: Table<EventFields>
  visitFold: Table<VisitFoldFields>
  houseMark: Table<HouseMarkFields>
  broughtIn: Table<BroughtInFields>
  broughtPiece: Table<BroughtPieceFields>
  photo: Table<PhotoFields>
  paceCell: Table<PaceCellFields>
  station: Table<StationFields>
  groomFacts: Table<GroomFactsFields>
  groomSums: Table<GroomSumsFields>
  dogGrowth: Table<DogGrowthFields>
  growthPair: Table<GrowthPairFields>
}

const { STRING, INTEGER, DECIMAL, BOOLEAN, DATE, DATEONLY, TEXT, BIGINT, BLOB, DOUBLE, UUIDV4 } = DataTypes
const id = { type: INTEGER, autoIncrement: true, primaryKey: true }
const text = { type: STRING(200), allowNull: false }
const optional = { type: STRING(200), allowNull: true }
const number = { type: INTEGER, allowNull: false }
const counter = { type: INTEGER, allowNull: false, defaultValue: 1 }
const json = { type: TEXT('long'), allowNull: false }
const moment = { type: DATE(3), allowNull: false }
const hash = { type: STRING(64), allowNull: false }
const day = { type: DATEONLY, allowNull: false }

const truth: Column = { type: BOOLEAN, read: Boolean }

/** The tables as Sequelize sees them; the migrations make them. */
export function defineModels(sequelize: Sequelize): Models {
  const table = tablesOf(sequelize)
  const models: Models = {
    paceCell: table('pace_cells', {
      id: { type: STRING(120), primaryKey: true },
      n: { type: DOUBLE, allowNull: false },
      total: { type: DOUBLE, allowNull: false },
      day: number,
    }),
    house: table('house', {
      id,
      name: text,
      place: text,
      timeZone: text,
      unit: text,
      houseKey: { type: STRING(36), defaultValue: UUIDV4 },
      works: { ...text, defaultValue: 'salon' },
      opening: { ...json, defaultValue: '{}' },
      van: { ...json, defaultValue: '{}' },
      seen: { ...json, defaultValue: '[]' },
      backups: { ...json, defaultValue: '{}' },
      restMin: { type: INTEGER, defaultValue: USUAL_REST_MIN },
      rowVersion: counter,
    }),
    rule: table('house_rules', { ruleId: { ...text, primaryKey: true }, choice: text }),
    staff: table('staff', {
      id,
      name: text,
      role: text,
      work: { ...json, defaultValue: '{}' },
      owner: { ...truth, defaultValue: false },
      passphrase: optional,
      pin: optional,
      leftOn: { type: DATEONLY },
      rowVersion: counter,
    }),
    device: table('devices', {
      id,
      name: text,
      tokenHash: hash,
      letIn: { ...truth, allowNull: false },
      madeAt: moment,
      madeBy: text,
      seenAt: moment,
      turnedOffAt: { type: DATE(3) },
    }),
    signIn: table('sign_ins', {
      tokenHash: { ...hash, primaryKey: true },
      staffId: number,
      deviceId: number,
      madeAt: moment,
      seenAt: moment,
      endedAt: { type: DATE(3) },
    }),
    admissionCode: table('admission_codes', {
      id,
      codeHash: hash,
      staffId: { type: INTEGER },
      deviceName: optional,
      madeAt: moment,
      madeBy: text,
      endsAt: moment,
      usedAt: { type: DATE(3) },
    }),
    wrongTries: table('wrong_tries', { what: { ...text, primaryKey: true }, n: number, freeAt: moment }),
    station: table('stations', { id, name: text, kind: text, retiredAt: { type: DATE(3) } }),
    photo: table('photos', {
      id: { type: STRING(36), primaryKey: true },
      visitId: { type: INTEGER },
      dogId: { type: INTEGER },
      jpeg: { type: BLOB('medium'), allowNull: false },
      receivedAt: moment,
      goneAt: { type: DATE(3) },
    }),
    tool: table('kit_tools', {
      id,
      kind: text,
      name: text,
      retiredOn: { type: DATEONLY },
      label: { ...text, defaultValue: '' },
      sharpenedAt: { type: DATE(3) },
    }),
    bladeUse: table('blade_use', {
      visitId: { type: INTEGER, primaryKey: true },
      blade: { ...text, primaryKey: true },
      minutes: { type: DECIMAL(7, 2), read: Number },
      workedAt: moment,
    }),
    housePattern: table('house_patterns', {
      id,
      name: text,
      words: text,
      card: json,
      madeBy: text,
      madeAt: moment,
      retiredAt: { type: DATE(3) },
    }),
    houseCaution: table('house_cautions', {
      id,
      stage: text,
      words: text,
      madeBy: text,
      madeAt: moment,
      retiredAt: { type: DATE(3) },
    }),
    household: table('households', {
      id,
      name: text,
      place: text,
      notes: { type: STRING(2000), defaultValue: '' },
      spot: optional,
      joinedInto: { type: INTEGER },
      rowVersion: counter,
    }),
    owner: table('owners', {
      id,
      householdId: number,
      name: text,
      phone: optional,
      email: optional,
      firstCalled: { ...truth, defaultValue: false },
      phoneTail: { type: STRING(9) },
      agreed: { ...json, defaultValue: '{}' },
      gone: { ...truth, defaultValue: false },
    }),
    fileChange: table('file_changes', {
      id,
      ofKind: text,
      ofId: number,
      madeAt: moment,
      madeBy: text,
      madeById: { type: INTEGER },
      beforeIt: json,
      afterIt: json,
    }),
    dog: table('dogs', {
      id,
      householdId: number,
      name: text,
      breed: text,
      coat: text,
      build: text,
      weightKg: { type: DECIMAL(5, 1), read: Number },
      heightCm: { type: DECIMAL(5, 1), read: Number },
      lengthCm: { type: DECIMAL(5, 1), read: Number },
      bornOn: { type: DATEONLY },
      sex: optional,
      neutered: { ...truth },
      lightSkin: { ...truth },
      faceShape: text,
      behaviour: json,
      health: json,
      measures: { ...json, defaultValue: '{}' },
      standing: { ...text, defaultValue: 'here' },
      more: { ...json, defaultValue: '{}' },
      vaccinatedOn: { type: DATEONLY },
      groomedOn: { type: DATEONLY },
      dueOn: { type: DATEONLY },
      wishOn: { type: DATEONLY },
      callId: { type: STRING(36) },
      rowVersion: counter,
    }),
    booking: table('bookings', {
      id,
      dogId: number,
      staffId: number,
      startAt: moment,
      slotMin: number,
      service: text,
      request: json,
      coatNow: json,
      mats: json,
      coatSides: { ...json, defaultValue: '{}' },
      ownOrder: { ...json, defaultValue: '{}' },
      setting: text,
      rowVersion: counter,
      calledOffAt: { type: DATE(3) },
      calledOffWhy: optional,
      calledOffBy: optional,
      standing: { ...text, defaultValue: 'booked' },
      repeatId: { type: INTEGER },
      repeatDay: { type: DATEONLY },
      home: { type: TEXT('long') },
      changedAt: { type: DATE(3) },
    }),
    bookedFit: table('booked_fits', { bookingId: { type: INTEGER, primaryKey: true }, stamp: text, fit: json }),
    repeat: table('repeats', {
      id,
      dogId: number,
      staffId: number,
      firstDay: day,
      clock: text,
      programme: json,
      setting: text,
      home: { type: TEXT('long') },
      grownTo: day,
      endedOn: { type: DATEONLY },
      madeAt: moment,
      madeBy: text,
      rowVersion: counter,
    }),
    waiting: table('waiting', {
      id,
      dogId: number,
      fromDay: day,
      toDay: day,
      note: { ...text, defaultValue: '' },
      madeAt: moment,
      madeBy: text,
      settledAt: { type: DATE(3) },
      settledAs: optional,
    }),
    dayDeed: table('day_deeds', {
      day: { ...day, primaryKey: true },
      no: { ...number, primaryKey: true },
      format: number,
      deed: json,
      madeAt: moment,
      madeBy: text,
    }),
    saidWords: table('said_words', {
      id,
      about: optional,
      kind: text,
      bookingId: { type: INTEGER },
      dogId: number,
      startAt: { type: DATE(3) },
      words: { type: STRING(1000), allowNull: false },
      way: text,
      saidAt: moment,
      saidBy: text,
    }),
    houseWords: table('house_words', {
      kind: { ...text, primaryKey: true },
      words: { type: STRING(1000), allowNull: false },
    }),
    calendarFeed: table('calendar_feeds', {
      staffId: { type: INTEGER, primaryKey: true },
      secret: text,
      madeAt: moment,
    }),
    busyTime: table('busy_times', {
      id,
      staffId: number,
      uid: text,
      fromAt: moment,
      toAt: moment,
      why: text,
      readAt: moment,
      goneAt: { type: DATE(3) },
    }),
    card: table('trim_cards', {
      id,
      dogId: number,
      version: number,
      kind: text,
      madeAt: moment,
      madeBy: text,
      why: text,
      zones: json,
      blades: text,
    }),
    visit: table('visits', {
      id,
      bookingId: number,
      dogId: number,
      plannedCardId: number,
      cutCardId: { type: INTEGER },
      plannedCase: json,
      plan: json,
      startedAt: moment,
      closedAt: { type: DATE(3) },
      liked: { ...truth },
      verdicts: { ...json, defaultValue: '{}' },
      format: counter,
      leftBehind: { type: TEXT('long'), allowNull: true },
    }),
    event: table('visit_events', {
      id: { type: STRING(36), primaryKey: true },
      visitId: number,
      atMs: { type: BIGINT, read: Number },
      kind: text,
      payload: json,
      receivedAt: moment,
      no: { type: BIGINT, read: Number },
      device: { type: STRING(40) },
      authorId: { type: INTEGER },
      format: counter,
    }),
    visitFold: table('visit_folds', {
      visitId: { type: INTEGER, primaryKey: true },
      no: { type: BIGINT, read: Number },
      format: counter,
      fold: json,
    }),
    broughtIn: table('brought_in', {
      id: { type: STRING(36), primaryKey: true },
      file: text,
      madeAt: moment,
      madeBy: text,
      made: json,
      takenBackAt: { type: DATE(3), allowNull: true },
      takenBackBy: optional,
    }),
    broughtPiece: table('brought_pieces', {
      listId: { type: STRING(36), primaryKey: true },
      no: { type: INTEGER, primaryKey: true },
      madeAt: moment,
      pieceRows: json,
    }),
    houseMark: table('house_marks', { name: { type: STRING(60), primaryKey: true }, setAt: moment }),
    growthPair: table('growth_pairs', {
      id,
      visitId: number,
      dogId: number,
      foundAt: moment,
      bodyPart: text,
      leftMm: { type: DECIMAL(6, 2), read: Number },
      foundMm: { type: DECIMAL(6, 2), read: Number },
      weeks: { type: DECIMAL(7, 3), read: Number },
    }),
    groomFacts: table('groom_facts', {
      visitId: { type: INTEGER, primaryKey: true },
      dogId: number,
      staffId: number,
      startedAt: moment,
      format: counter,
      facts: json,
      summedIn: optional,
    }),
    groomSums: table('groom_sums', {
      staffId: { type: INTEGER, primaryKey: true },
      coat: { ...text, primaryKey: true },
      pattern: { ...text, primaryKey: true },
      month: { ...text, primaryKey: true },
      sums: json,
    }),
    dogGrowth: table('dog_growth', {
      dogId: { type: INTEGER, primaryKey: true },
      pairs: number,
      mmPerWeek: { type: DOUBLE, allowNull: false },
      tableMm: { type: DOUBLE, allowNull: false },
    }),
  }
  return models
}
