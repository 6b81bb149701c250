import { z } from 'zod'

/** What stands in a column, as it is written into an archive. */
const KINDS = {
  whole: z.number().int(),
  number: z.number(),
  text: z.string(),
  flag: z.boolean(),
  /** UTC, to the millisecond. */
  moment: z.string().regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/),
  day: z.string().regex(/^\d{4}-\d\d-\d\d$/),
  /** As it is kept, in a shape of its own. */
  json: z.unknown(),
} as const
export type Kind = keyof typeof KINDS
/** With a question mark a column may be empty. */
export type Column = Kind | `${Kind}?`
export type Columns = Readonly<Record<string, Column>>

export const kindOf = (column: Column): Kind => column.replace('?', '') as Kind

const MADE = { made_at: 'moment', made_by: 'text' } as const

/** Every table that an archive takes along, with its columns. Those that others point at come first. */
// prettier-ignore
export const ARCHIVED = {
  house: { id: 'whole', name: 'text', place: 'text', time_zone: 'text', unit: 'text', house_key: 'text', works: 'text', opening: 'json', van: 'json', seen: 'json', row_version: 'whole', rest_min: 'whole', backups: 'json' },
  house_marks: { name: 'text', set_at: 'moment' },
  house_rules: { rule_id: 'text', choice: 'text' },
  house_words: { kind: 'text', words: 'text' },
  house_cautions: { id: 'whole', stage: 'text', words: 'text', ...MADE, retired_at: 'moment?' },
  house_patterns: { id: 'whole', name: 'text', words: 'text', card: 'json', ...MADE, retired_at: 'moment?' },
  stations: { id: 'whole', name: 'text', kind: 'text', retired_at: 'moment?' },
  kit_tools: { id: 'whole', kind: 'text', name: 'text', retired_on: 'day?', label: 'text', sharpened_at: 'moment?' },
  staff: { id: 'whole', name: 'text', role: 'text', work: 'json', row_version: 'whole', left_on: 'day?', owner: 'flag' },
  households: { id: 'whole', name: 'text', place: 'text', notes: 'text', joined_into: 'whole?', row_version: 'whole', spot: 'text?' },
  owners: { id: 'whole', household_id: 'whole', name: 'text', phone: 'text?', email: 'text?', first_called: 'flag', phone_tail: 'text?', agreed: 'json', gone: 'flag' },
  dogs: { id: 'whole', household_id: 'whole', name: 'text', breed: 'text', coat: 'text', build: 'text', weight_kg: 'number', height_cm: 'number?', length_cm: 'number?', born_on: 'day?', sex: 'text?', neutered: 'flag?', light_skin: 'flag', face_shape: 'text', behaviour: 'json', health: 'json', measures: 'json', row_version: 'whole', standing: 'text', more: 'json', vaccinated_on: 'day?', groomed_on: 'day?', due_on: 'day?', wish_on: 'day?', call_id: 'text?' },
  file_changes: { id: 'whole', of_kind: 'text', of_id: 'whole', ...MADE, before_it: 'json', after_it: 'json', made_by_id: 'whole?' },
  repeats: { id: 'whole', dog_id: 'whole', staff_id: 'whole', first_day: 'day', clock: 'text', programme: 'json', setting: 'text', home: 'json?', grown_to: 'day', ended_on: 'day?', ...MADE, row_version: 'whole' },
  bookings: { id: 'whole', dog_id: 'whole', staff_id: 'whole', start_at: 'moment', slot_min: 'whole', service: 'text', request: 'json', coat_now: 'json', mats: 'json', setting: 'text', coat_sides: 'json', own_order: 'json', row_version: 'whole', called_off_at: 'moment?', called_off_why: 'text?', standing: 'text', repeat_id: 'whole?', repeat_day: 'day?', home: 'json?', called_off_by: 'text?', changed_at: 'moment?' },
  waiting: { id: 'whole', dog_id: 'whole', from_day: 'day', to_day: 'day', note: 'text', ...MADE, settled_at: 'moment?', settled_as: 'text?' },
  said_words: { id: 'whole', about: 'text?', kind: 'text', booking_id: 'whole?', dog_id: 'whole', start_at: 'moment?', words: 'text', way: 'text', said_at: 'moment', said_by: 'text' },
  busy_times: { id: 'whole', staff_id: 'whole', uid: 'text', from_at: 'moment', to_at: 'moment', why: 'text', read_at: 'moment', gone_at: 'moment?' },
  day_deeds: { day: 'day', no: 'whole', format: 'whole', deed: 'json', ...MADE },
  trim_cards: { id: 'whole', dog_id: 'whole', version: 'whole', kind: 'text', ...MADE, why: 'text', zones: 'json', blades: 'text' },
  visits: { id: 'whole', booking_id: 'whole', dog_id: 'whole', planned_card_id: 'whole', cut_card_id: 'whole?', planned_case: 'json', plan: 'json', started_at: 'moment', closed_at: 'moment?', liked: 'flag?', verdicts: 'json', format: 'whole', left_behind: 'json?' },
  visit_events: { id: 'text', visit_id: 'whole', at_ms: 'whole', kind: 'text', payload: 'json', received_at: 'moment', no: 'whole', device: 'text?', author_id: 'whole?', format: 'whole' },
  photos: { id: 'text', visit_id: 'whole?', dog_id: 'whole?', received_at: 'moment', gone_at: 'moment?' },
  blade_use: { visit_id: 'whole', blade: 'text', minutes: 'number', worked_at: 'moment' },
  pace_cells: { id: 'text', n: 'number', total: 'number', day: 'whole' },
  growth_pairs: { id: 'whole', visit_id: 'whole', dog_id: 'whole', found_at: 'moment', body_part: 'text', left_mm: 'number', found_mm: 'number', weeks: 'number' },
  groom_facts: { visit_id: 'whole', dog_id: 'whole', staff_id: 'whole', started_at: 'moment', format: 'whole', facts: 'json' },
  brought_in: { id: 'text', file: 'text', ...MADE, made: 'json', taken_back_at: 'moment?', taken_back_by: 'text?' },
} as const satisfies Record<string, Columns>
export type ArchivedTable = keyof typeof ARCHIVED
export const TABLES = Object.keys(ARCHIVED) as ArchivedTable[]

/** Tables that earlier archives have: they are read as they were, and the changes of the tables make of them what there is now. */
// prettier-ignore
export const FORMER = {
  trim_card_zones: { id: 'whole', card_id: 'whole', zone: 'text', side: 'text?', method: 'text', blade: 'text?', comb: 'text?', lay: 'text?', length_mm: 'number', shape: 'text?', join_kind: 'text', why: 'text' },
} as const satisfies Record<string, Columns>
export type ReadTable = ArchivedTable | keyof typeof FORMER

/** Every table that an archive of any time may have, with its columns, in the order in which they are read. */
export const READ: Readonly<Record<ReadTable, Columns>> = { ...ARCHIVED, ...FORMER }
export const READ_TABLES = Object.keys(READ) as ReadTable[]

/** What stays behind, and why; a column as `table.column`. */
export const LEFT_OUT = {
  devices: 'which devices were let in: they are let in anew',
  sign_ins: 'who is signed in',
  admission_codes: 'codes that let in once',
  wrong_tries: 'what was tried wrongly',
  calendar_feeds: 'the secret addresses of calendars: they are given out anew',
  'staff.passphrase': 'passphrases, even as hashes: they are chosen anew',
  'staff.pin': 'PINs, even as hashes',
  'photos.jpeg': 'each picture is a file of its own under photos/',
  brought_pieces: 'lists that are on their way into the house',
  booked_fits: 'made again from the book',
  groom_sums: 'made again from groom_facts',
  dog_growth: 'made again from growth_pairs',
  'groom_facts.summed_in': 'likewise: no groom is in the sums of the house that is filled',
  visit_folds: 'made again from the events',
  migration_steps: 'how far the tables are changed is in the manifest',
  sequelize_meta: 'likewise',
} as const satisfies Record<string, string>

/** A row as it is written, for those columns that there were when it was. */
export function rowSchema(columns: Columns) {
  const shape = Object.entries(columns).map(([name, column]) => {
    const kind: z.ZodType = KINDS[kindOf(column)]
    return [name, column.endsWith('?') ? kind.nullable() : kind] as const
  })
  return z.strictObject(Object.fromEntries(shape))
}
