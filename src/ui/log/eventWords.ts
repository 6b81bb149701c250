import { toolWords } from '@/core/lengths'
import { findingWords, placeWords } from '@/core/health'
import { stageLabel } from '@/core/stages'
import { figureMm } from '@/core/units'
import type { VisitEvent } from '@/core/visit'
import { zoneLabel } from '@/core/zones'

/** An event of the bench in a groomer's words: `Started wash`, `Skull cut by scissors, 22 mm`. */
export function eventWords(event: VisitEvent): string {
  switch (event.kind) {
    case 'stage-started':
      return `Started ${stageLabel(event.stage).toLowerCase()}`
    case 'stage-ended':
      return `Ended ${stageLabel(event.stage).toLowerCase()}`
    case 'stage-skipped':
      return `Left out ${stageLabel(event.stage).toLowerCase()}`
    case 'wait-started':
    case 'wait-ended':
      return `Wait ${event.kind === 'wait-started' ? 'began' : 'ended'} at ${stageLabel(event.stage).toLowerCase()}`
    case 'note':
      return `Note: ${event.words}`
    case 'late-note':
      return `Late note: ${event.words}`
    case 'stage-recalled':
      return `${stageLabel(event.stage)} put in afterwards, ${minutes(event)} min`
    case 'rested':
      return `A break put in afterwards, ${minutes(event)} min`
    case 'owner-told':
      return `To the owner: ${event.words}`
    case 'zone-cut':
    case 'amended': {
      const { zone, side, lengthMm } = event.cut
      return `${zoneLabel(zone)}${side ? `, ${side}` : ''} cut: ${toolWords(event.cut)}, ${figureMm(lengthMm)} mm`
    }
    case 'measured':
      return `${zoneLabel(event.zone)} measured: ${figureMm(event.lengthMm)} mm`
    case 'matted':
      return `${zoneLabel(event.zone)}, mats ${event.grade}`
    case 'finding':
      return `${findingWords(event.finding.kind)}, ${placeWords(event.finding)}, ${event.finding.status}`
    case 'behaviour':
      return `Minded ${event.trigger}: ${event.grade} of 4`
    case 'weighed':
      return `Weighed: ${event.weightKg} kg`
    default:
      return OTHER[event.kind]
  }
}

const minutes = ({ fromMs, toMs }: { fromMs: number; toMs: number }) => Math.round((toMs - fromMs) / 60_000)

const OTHER = {
  'time-set': 'Time put right',
  paused: 'Paused',
  resumed: 'Went on',
  'cautions-seen': 'Cautions seen',
  'slot-set': 'The slot set to its begin',
  'facial-on': 'Facial put on',
  'caught-up': 'Made simpler to catch up',
  consent: 'Signed by the owner',
  undone: 'Taken back',
  finished: 'Finished',
}
