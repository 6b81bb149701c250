import type { ConsentId } from '@/core/care'
import type { Finding } from '@/core/health'
import type { StageId } from '@/core/stages'
import type { Visit } from '@/core/visit'
import type { ZoneId } from '@/core/zones'
import { ConsentPanel } from './ConsentPanel'
import { FindingPanel } from './FindingPanel'
import { NotePanel } from './NotePanel'
import type { BenchView } from './props'
import type { Happening, VisitLog } from './useVisitLog'
import type { OtherDog } from './useOtherBenches'
import type { BenchKey } from '../device/store'
import { MendPanel } from './MendPanel'
import { PlacePanel } from './PlacePanel'
import { ZonePanel } from './ZonePanel'

/** What lies open over the bench; one thing at a time. */
export type Panel =
  | { open: 'note' }
  | { open: 'mend' }
  | { open: 'zone'; zone: ZoneId }
  | { open: 'place'; zone: ZoneId }
  | { open: 'finding'; from: Finding | null }
  | { open: 'consent'; consent: ConsentId }

interface PanelProps extends Omit<BenchView, 'others'> {
  panel: Panel
  stage: StageId | null
  visit: Visit
  benchKey: BenchKey
  kept: VisitLog
  others: readonly OtherDog[]
  add: (happening: Happening) => void
  close: () => void
  openPanel: (panel: Panel) => void
}

export function BenchPanel({ panel, stage, visit, kept, add, close, openPanel, ...bench }: PanelProps) {
  switch (panel.open) {
    case 'note':
      return <NotePanel stage={stage} add={add} close={close} />
    case 'mend':
      return (
        <MendPanel
          {...bench}
          planned={bench.plan.stages}
          visit={visit}
          log={kept.log}
          hand={kept.hand}
          moveTo={kept.moveTo}
          add={add}
          close={close}
        />
      )
    case 'zone':
      return (
        <ZonePanel
          zone={panel.zone}
          plan={bench.plan}
          plannedCase={bench.plannedCase}
          visit={visit}
          kit={bench.kit}
          unit={bench.unit}
          add={add}
          close={close}
        />
      )
    case 'place':
      return (
        <PlacePanel
          {...bench}
          zone={panel.zone}
          visit={visit}
          add={add}
          close={close}
          find={(from) => openPanel({ open: 'finding', from })}
        />
      )
    case 'finding':
      return <FindingPanel bench={bench.benchKey} from={panel.from} add={add} close={close} />
    case 'consent':
      return <ConsentPanel consent={panel.consent} dogName={bench.dog.name} add={add} close={close} />
  }
}
