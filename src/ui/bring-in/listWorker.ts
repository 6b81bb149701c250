import {
  dateOrder,
  guessColumns,
  readRow,
  type BroughtRow,
  type DateOrder,
  type Fault,
  type Field,
  type Reading,
} from '@/core/bring-in'
import { openList, type OpenList } from './openList'

export type Asked = { kind: 'open'; bytes: ArrayBuffer } | { kind: 'read'; reading: Omit<Reading, 'heads'> }

/** A list that was opened, and how its columns are guessed. */
export interface Opened {
  heads: string[]
  fields: (Field | null)[]
  first: string[][]
  count: number
  how: string
  order: DateOrder | null
}
export interface FaultHere extends Fault {
  line: number
}
export type Told =
  | { kind: 'opened'; opened: Opened | null }
  | { kind: 'share'; share: number }
  | { kind: 'read'; rows: BroughtRow[]; faults: FaultHere[] }

const SHOWN = 5
const SAMPLE = 200
const STEP = 500
/** Days: the columns whose order matters. */
const DAYS: readonly (Field | null)[] = ['born', 'vaccinated', 'groomed']

let list: OpenList | null = null
const tell = (told: Told) => postMessage(told)

addEventListener('message', ({ data }: MessageEvent<Asked>) =>
  data.kind === 'open' ? open(data.bytes) : read(data.reading),
)

function open(bytes: ArrayBuffer): void {
  list = openList(bytes)
  if (!list) return tell({ kind: 'opened', opened: null })
  const { heads, rows, how } = list
  const samples = heads.map((_, at) => rows.slice(0, SAMPLE).map((row) => row[at] ?? ''))
  const fields = guessColumns(heads, samples)
  const days = rows.flatMap((row) => row.filter((_, at) => DAYS.includes(fields[at] ?? null)))
  const opened = { heads, fields, first: rows.slice(0, SHOWN), count: rows.length, how, order: dateOrder(days) }
  tell({ kind: 'opened', opened })
}

function read(reading: Omit<Reading, 'heads'>): void {
  if (!list) return
  const { heads, rows: all } = list
  const rows: BroughtRow[] = []
  const faults: FaultHere[] = []
  all.forEach((cells, at) => {
    const { line, row, faults: found } = readRow(cells, at + 2, { ...reading, heads })
    if (row) rows.push(row)
    faults.push(...found.map((fault) => ({ ...fault, line })))
    if (at % STEP === 0) tell({ kind: 'share', share: at / all.length })
  })
  tell({ kind: 'read', rows, faults })
}
