import type { ConsentId } from '@/core/care'
import type { Finding } from '@/core/health'
import type { StageId } from '@/core/stages'
import type { Visit } from '@/core/visit'
import type { ZoneId } from '@/core/zones'
import { ConsentPanel } from './ConsentPanel'
import { FindingPanel } from './FindingPanel'
import { NotePanel } from './NotePanel'
import type { BenchView } from './props'
import type { Happening } from './useVisitLog'
import { PlacePanel } from './PlacePanel'
import { ZonePanel } from './ZonePanel'

/** What lies open over the bench; one thing at a time. */
export type Panel =
  | { open: 'note' }
  | { open: 'zone'; zone: ZoneId }
  | { open: 'place'; zone: ZoneId }
  | { open: 'finding'; from: Finding | null }
  | { open: 'consent'; consent: ConsentId }

interface PanelProps extends BenchView {
  panel: Panel
  stage: StageId | null
  visit: Visit
  add: (happening: Happening) => void
  close: () => void
  openPanel: (panel: Panel) => void
}

export function BenchPanel({ panel, stage, visit, add, close, openPanel, ...bench }: PanelProps) {
  switch (panel.open) {
    case 'note':
      return <NotePanel stage={stage} add={add} close={close} />
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
      return <FindingPanel visitId={bench.visitId} from={panel.from} add={add} close={close} />
    case 'consent':
      return <ConsentPanel consent={panel.consent} dogName={bench.dog.name} add={add} close={close} />
  }
}
