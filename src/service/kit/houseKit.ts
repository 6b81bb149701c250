import { z } from 'zod'
import { BladeId, CombId } from '@/core/lengths'
import type { Result } from '@/core/result'
import { addTool, changeTool } from '@/data/kit'
import type { OpenHouse } from '../house/openHouse'

const label = z.string().trim().max(60, { error: 'Keep the name of a tool to 60 characters.' })
export const ToolAsked = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('blade'), name: BladeId, label: label.default('') }),
  z.strictObject({ kind: z.literal('comb'), name: CombId, label: label.default('') }),
])

export async function addToKit({
  kind,
  name,
  label: words,
}: z.infer<typeof ToolAsked>): Promise<Result<{ toolId: number }>> {
  return { ok: true, value: { toolId: await addTool(kind, name, words) } }
}

const toolId = z.number().int().positive()
export const ToolChange = z.union([
  z.strictObject({ toolId, label }),
  z.strictObject({ toolId, retired: z.boolean() }),
  z.strictObject({ toolId, sharpened: z.literal(true) }),
])

/** Renames, retires, brings back or marks a tool as sharpened now. */
export function changeKit(
  asked: z.infer<typeof ToolChange>,
  { nowMs, time }: Pick<OpenHouse, 'nowMs' | 'time'>,
): Promise<Result<null>> {
  if ('label' in asked) return changeTool(asked.toolId, { label: asked.label })
  if ('retired' in asked) return changeTool(asked.toolId, { retiredOn: asked.retired ? time.day(nowMs) : null })
  return changeTool(asked.toolId, { sharpenedMs: nowMs })
}
