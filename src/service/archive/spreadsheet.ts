import Papa from 'papaparse'
import { GroomFacts } from '@/core/insight'
import { jsonOf } from '@/data/jsonOf'
import { readSheet, type Sheet } from '@/data/spreadsheets'

export { SHEET_NAMES, type Sheet } from '@/data/spreadsheets'

/**
 * A sheet for a spreadsheet program: CSV as RFC 4180 has it, UTF-8 with a mark so that such programs read it right. What
 * would be a formula there is written as text.
 */
export async function spreadsheet(sheet: Sheet): Promise<string> {
  const rows = await readSheet(sheet)
  const written = sheet === 'minutes' ? rows.flatMap(byStage) : rows
  return `\uFEFF${Papa.unparse(written, { escapeFormulae: true, newline: '\r\n' })}\r\n`
}

/** A line a stage: what was planned by the median, and how long hands were on the dog, min. */
function byStage({ facts, ...groom }: Record<string, string | number>): Record<string, string | number>[] {
  const { stages, done } = jsonOf(GroomFacts, String(facts))
  return stages.map(({ id, p50 }) => ({ ...groom, stage: id, planned_min: p50, done_min: toTenth(done[id]) }))
}

const toTenth = (min: number | undefined): number | string => (min === undefined ? '' : Math.round(min * 10) / 10)
