import type { Plan } from '@/core/plan'
import { showDay, type LengthUnit } from '@/core/units'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { showFigure, unitWord } from '../coat-map'

interface NotTodayProps {
  growing: Plan['growing']
  unit: LengthUnit
  onLetGo: (zone: ZoneId) => void
}

/** Wishes that the coat cannot give today: how far it is, the day it will be, and a way to give the wish up. */
export function NotToday({ growing, unit, onLetGo }: NotTodayProps) {
  return growing.map(({ zone, wantedMm, presentMm, readyOn }) => (
    <div key={zone} className="kv-notice">
      <p className="kv-strong kv-caution">{zoneLabel(zone)}: not today</p>
      <p>
        It has {showFigure(presentMm, unit)} of the {showFigure(wantedMm, unit)} {unitWord(unit)} wanted.{' '}
        {readyOn ? `It will be long enough on ${showDay(readyOn)}.` : 'This coat never grows so long.'}{' '}
        <button className="kv-word" onClick={() => onLetGo(zone)} aria-label={`Let the wish for ${zoneLabel(zone)} go`}>
          Let it go
        </button>
      </p>
    </div>
  ))
}
