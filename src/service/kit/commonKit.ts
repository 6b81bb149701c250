import { z } from 'zod'
import { COMMON_KITS } from '@/core/house'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { addTool, readKit } from '@/data/kit'

export const CommonKitAsked = z.strictObject({ kit: z.string() })

/** Puts a common kit into the drawer; what is there already is not put in twice. */
export function takeCommonKit({ kit }: z.infer<typeof CommonKitAsked>): Promise<Result<{ added: number }>> {
  return inTransaction(async () => {
    const chosen = COMMON_KITS.find(({ id }) => id === kit)
    if (!chosen) return refuse('kit', 'This kit is not in the list.')
    const there = await readKit()
    const blades = chosen.blades.filter((name) => !there.blades.includes(name))
    const combs = chosen.combs.filter((name) => !there.combs.includes(name))
    for (const name of blades) await addTool('blade', name, '')
    for (const name of combs) await addTool('comb', name, '')
    return { ok: true, value: { added: blades.length + combs.length } }
  })
}
