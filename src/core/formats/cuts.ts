import { CLIPPED, COMBED } from '../lengths'

const TOOL_KEYS = ['method', 'blade', 'comb', 'lay', 'lengthMm']

/**
 * Until format 2 a cut could name a tool and a length that did not belong together, or scissors with a blade. Such a cut
 * was corrected by hand on the bench: scissors, with the length that was measured.
 */
export function honestCut(stored: unknown): unknown {
  if (typeof stored !== 'object' || stored === null) return stored
  const { method } = stored as { method?: unknown }
  if (method === undefined) return stored
  const cut = Object.fromEntries(TOOL_KEYS.map((key) => [key, (stored as Record<string, unknown>)[key] ?? null]))
  if (CLIPPED.safeParse(cut).success || COMBED.safeParse(cut).success) return { ...stored, ...cut }
  const byHand = method === 'clip' || method === 'comb' ? 'scissor' : method
  return { ...stored, method: byHand, blade: null, comb: null, lay: null }
}
