import type { ArchivedTable } from '@/core/archive'
import type { Case } from '@/core/plan'
import type { CardEntry } from '@/core/request'
import { cutColumns } from '@/data/cards'
import { moment, type Person } from './visit'

type Row = Record<string, unknown>
export interface Fold {
  visitId: number
  no: number
  format: number
  fold: string
}

/** The last number that each table has given out, so that a filling that was cut off goes on. */
export type Numbers = Partial<Record<ArchivedTable, number>>

/** Rows of a stretch of dogs, in the shape of an archive, on their way into an empty book. */
export class Rows {
  readonly tables = new Map<ArchivedTable, Row[]>()
  readonly folds: Fold[] = []
  /** Of each dog the pattern of its last groom. */
  readonly patterns = new Map<number, string | null>()
  visits = 0
  private readonly versions = new Map<number, number>()

  constructor(readonly numbers: Numbers) {}

  /** @returns the number of the row */
  add(table: ArchivedTable, row: Row): number {
    const id = this.next(table)
    if (table === 'visits') this.visits++
    this.addTo(table, { id, ...row })
    return id
  }

  addTo(table: ArchivedTable, row: Row): void {
    const rows = this.tables.get(table)
    if (rows) rows.push(row)
    else this.tables.set(table, [row])
  }

  event(row: Row): number {
    const no = this.next('visit_events')
    this.addTo('visit_events', { ...row, no })
    return no
  }

  booking(
    { dogId, groomer, planned, startMs }: { dogId: number; groomer: Person; planned: Case; startMs: number },
    off?: string,
  ) {
    return this.add('bookings', {
      dog_id: dogId,
      staff_id: groomer.id,
      start_at: moment(startMs),
      slot_min: planned.slotMin,
      service: 'Full groom',
      request: planned.request,
      coat_now: planned.coatNowMm,
      mats: planned.mats,
      setting: planned.setting,
      coat_sides: {},
      own_order: {},
      row_version: 1,
      called_off_at: off ? moment(startMs - 86_400_000) : null,
      called_off_why: off ?? null,
      standing: 'booked',
      repeat_id: null,
      repeat_day: null,
      home: null,
      called_off_by: off ? groomer.name : null,
      changed_at: moment(startMs - 86_400_000),
    })
  }

  card(dogId: number, kind: 'planned' | 'cut', madeMs: number, by: Person, zones: readonly CardEntry[]): number {
    const version = (this.versions.get(dogId) ?? 0) + 1
    this.versions.set(dogId, version)
    const why = kind === 'cut' ? 'As cut' : 'Planned'
    const made = { made_at: moment(madeMs), made_by: by.name }
    const id = this.add('trim_cards', { dog_id: dogId, version, kind, ...made, why, ...cutColumns(zones) })
    const after = { said: `Version ${version}: ${why}` }
    const of = { of_kind: 'card', of_id: dogId, ...made, before_it: {}, after_it: after, made_by_id: by.id }
    this.add('file_changes', of)
    return id
  }

  private next(table: ArchivedTable): number {
    return (this.numbers[table] = (this.numbers[table] ?? 0) + 1)
  }
}
