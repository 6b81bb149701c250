import type { Metadata } from 'next'
import { readKit, readTools, type OwnedTool } from '@/data/kit'
import { Frame } from '@/ui/frame/Frame'
import { KitDesk } from '@/ui/kit/KitDesk'
import type { ToolLine } from '@/ui/kit/ToolTable'
import { openHouse, type OpenHouse } from '../house'
import { addToKit, changeKit } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Kit' }

const MIN_PER_HOUR = 60

export default async function KitPage() {
  const [house, kit, tools] = await Promise.all([openHouse(), readKit(), readTools()])
  return (
    <Frame here="Kit" house={house.name} timeZone={house.timeZone} nowMs={house.nowMs}>
      <KitDesk
        unit={house.unit}
        kit={kit}
        tools={tools.filter(({ retiredOn }) => retiredOn === null).map((tool) => lineOf(tool, house.time))}
        retired={tools
          .filter(({ retiredOn }) => retiredOn !== null)
          .map(({ id, kind, name }) => ({ id, words: kind === 'comb' ? `comb ${name}` : `blade ${name}` }))}
        add={addToKit}
        change={changeKit}
      />
    </Frame>
  )
}

function lineOf(tool: OwnedTool, time: OpenHouse['time']): ToolLine {
  const { id, label } = tool
  if (tool.kind === 'comb') return { id, label, kind: tool.kind, name: tool.name }
  const sharpened = tool.sharpenedMs === null ? null : time.longDay(tool.sharpenedMs)
  return { id, label, kind: tool.kind, name: tool.name, hours: tool.minutesSince / MIN_PER_HOUR, sharpened }
}
