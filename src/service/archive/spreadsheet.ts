import Papa from 'papaparse'
import { GroomFacts } from '@/core/insight'
import { KeptZones } from '@/data/cards'
import { jsonOf } from '@/data/jsonOf'
import { readSheet, type Sheet } from '@/data/spreadsheets'

export { SHEET_NAMES, type Sheet } from '@/data/spreadsheets'

/**
 * A sheet for a spreadsheet program: CSV as RFC 4180 has it, UTF-8 with a mark so that such programs read it right. What
 * would be a formula there is written as text.
 */
export async function spreadsheet(sheet: Sheet): Promise<string> {
  const rows = await readSheet(sheet)
  const written = rows.flatMap(LINES[sheet] ?? ((row) => [row]))
  return `\uFEFF${Papa.unparse(written, { escapeFormulae: true, newline: '\r\n' })}\r\n`
}

type Line = Record<string, string | number>

/** A line a stage: what was planned by the median, and how long hands were on the dog, min. */
function byStage({ facts, ...groom }: Line): Line[] {
  const { stages, done } = jsonOf(GroomFacts, String(facts))
  return stages.map(({ id, p50 }) => ({ ...groom, stage: id, planned_min: p50, done_min: toTenth(done[id]) }))
}

/** A line a zone, or a side of one: its cut. */
function byZone({ zones, ...card }: Line): Line[] {
  return jsonOf(KeptZones, String(zones)).map((entry) => {
    const { zone, side, method, blade, comb, lay, lengthMm, shape, join } = entry
    const words = { zone, side: side ?? '', method, blade: blade ?? '', comb: comb ?? '', lay: lay ?? '' }
    return { ...card, ...words, length_mm: lengthMm, shape: shape ?? '', join }
  })
}

/** Sheets of which a row is several lines. */
const LINES: Partial<Record<Sheet, (row: Line) => Line[]>> = { minutes: byStage, cards: byZone }

const toTenth = (min: number | undefined): number | string => (min === undefined ? '' : Math.round(min * 10) / 10)
