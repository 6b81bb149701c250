'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { BladeId, CombId } from '@/core/lengths'
import { problemsOf, type Result } from '@/core/result'
import { addTool, changeTool } from '@/data/kit'
import { openHouse } from '../house'

const NewTool = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('blade'), name: BladeId }),
  z.strictObject({ kind: z.literal('comb'), name: CombId }),
])

export async function addToKit(input: unknown): Promise<Result<null>> {
  const asked = NewTool.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  await addTool(asked.data.kind, asked.data.name, '')
  revalidatePath('/kit')
  return { ok: true, value: null }
}

const toolId = z.number().int().positive()
const Change = z.union([
  z.strictObject({ toolId, label: z.string().trim().max(60, { error: 'Keep the name of a tool to 60 characters.' }) }),
  z.strictObject({ toolId, retired: z.boolean() }),
  z.strictObject({ toolId, sharpened: z.literal(true) }),
])

/** Renames, retires, brings back or marks a tool as sharpened today. */
export async function changeKit(input: unknown): Promise<Result<null>> {
  const asked = Change.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  const { nowMs, time } = await openHouse()
  const { data } = asked
  const change =
    'label' in data
      ? { label: data.label }
      : 'retired' in data
        ? { retiredOn: data.retired ? time.day(nowMs) : null }
        : { sharpenedMs: nowMs }
  const done = await changeTool(data.toolId, change)
  if (done.ok) revalidatePath('/kit')
  return done
}
