import { readKit, readTools, type OwnedTool } from '@/data/kit'
import type { OpenHouse } from '../house/openHouse'

const MIN_PER_HOUR = 60

/** The tools in use with the hours each blade has worked, and those that were retired. */
export async function kitView({ unit, time }: OpenHouse) {
  const [kit, tools] = await Promise.all([readKit(), readTools()])
  return {
    unit,
    kit,
    tools: tools.filter(({ retiredOn }) => retiredOn === null).map((tool) => lineOf(tool, time)),
    retired: tools
      .filter(({ retiredOn }) => retiredOn !== null)
      .map(({ id, kind, name }) => ({ id, words: kind === 'comb' ? `comb ${name}` : `blade ${name}` })),
  }
}

function lineOf(tool: OwnedTool, time: OpenHouse['time']) {
  const { id, label } = tool
  if (tool.kind === 'comb') return { id, label, kind: tool.kind, name: tool.name }
  const sharpened = tool.sharpenedMs === null ? null : time.longDay(tool.sharpenedMs)
  return { id, label, kind: tool.kind, name: tool.name, hours: tool.minutesSince / MIN_PER_HOUR, sharpened }
}
