import { QueryTypes } from 'sequelize'
import { BladeId, CombId, Kit } from '@/core/lengths'
import { refuse, type Result } from '@/core/result'
import { database } from './connection'

export type OwnedTool = { id: number; label: string; retiredOn: string | null } & (
  { kind: 'blade'; name: BladeId; sharpenedMs: number | null; minutesSince: number } | { kind: 'comb'; name: CombId }
)

/** The clipper tools in use. */
export async function readKit(): Promise<Kit> {
  const rows = await database().models.tool.findAll({ where: { retiredOn: null }, order: [['id', 'ASC']] })
  return {
    blades: unique(rows.filter(({ kind }) => kind === 'blade').map(({ name }) => BladeId.parse(name))),
    combs: unique(rows.filter(({ kind }) => kind === 'comb').map(({ name }) => CombId.parse(name))),
  }
}

const unique = <T>(names: readonly T[]): T[] => [...new Set(names)]

/**
 * Every tool the house ever owned, with the minutes a blade has worked since it was sharpened.
 * Of several blades of one number each is taken to do its share.
 */
export async function readTools(): Promise<OwnedTool[]> {
  const rows = await database().models.tool.findAll({
    order: [
      ['kind', 'ASC'],
      ['id', 'ASC'],
    ],
  })
  const minutes = await readMinutes()
  return rows.map(({ id, kind, name, label, retiredOn, sharpenedAt }) =>
    kind === 'comb'
      ? { id, kind, name: CombId.parse(name), label, retiredOn }
      : {
          id,
          kind,
          name: BladeId.parse(name),
          label,
          retiredOn,
          sharpenedMs: sharpenedAt?.getTime() ?? null,
          minutesSince: minutes.get(id) ?? 0,
        },
  )
}

/** Minutes since sharpening by tool, in one query. */
async function readMinutes(): Promise<Map<number, number>> {
  const rows = await database().sequelize.query<{ id: number; minutes: string | number }>(
    `SELECT tool.id, SUM(used.minutes) / (
       SELECT COUNT(*) FROM kit_tools AS same WHERE same.kind = 'blade' AND same.name = tool.name AND same.retired_on IS NULL) AS minutes
     FROM kit_tools AS tool
     JOIN blade_use AS used ON used.blade = tool.name AND used.worked_at > COALESCE(tool.sharpened_at, '1970-01-01')
     WHERE tool.kind = 'blade' AND tool.retired_on IS NULL GROUP BY tool.id`,
    { type: QueryTypes.SELECT },
  )
  return new Map(rows.map(({ id, minutes }) => [id, Number(minutes)]))
}

export async function addTool(kind: 'blade' | 'comb', name: string, label: string): Promise<number> {
  return (await database().models.tool.create({ kind, name, label })).id
}

const NO_TOOL = 'This tool is not in the kit.'

/** Changes one tool; says so when it is not there. */
export async function changeTool(
  id: number,
  change: { label?: string; retiredOn?: string | null; sharpenedMs?: number },
): Promise<Result<null>> {
  const { tool } = database().models
  if (!(await tool.findByPk(id))) return refuse('toolId', NO_TOOL)
  const { sharpenedMs, ...rest } = change
  const sharpened = sharpenedMs === undefined ? {} : { sharpenedAt: new Date(sharpenedMs) }
  await tool.update({ ...rest, ...sharpened }, { where: { id } })
  return { ok: true, value: null }
}

/** Writes how long each blade worked in a visit; what was written for it before is replaced. */
export async function keepBladeUse(
  visitId: number,
  minutes: ReadonlyMap<BladeId, number>,
  workedMs: number,
): Promise<void> {
  const { bladeUse } = database().models
  await bladeUse.destroy({ where: { visitId } })
  await bladeUse.bulkCreate(
    [...minutes].map(([blade, min]) => ({ visitId, blade, minutes: min, workedAt: new Date(workedMs) })),
  )
}
