import { balance, bandTurns, flareTop, hemClearanceMm, targetsOf, type Balance } from '@/core/balance'
import { COAT_FACTS, rateAt } from '@/core/coat'
import type { Case, Plan } from '@/core/plan'
import type { LengthUnit } from '@/core/units'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { showFigure, showLength, unitWord } from '../coat-map'

interface BalanceProps {
  case_: Case
  plan: Plan
  presentMm: ReadonlyMap<ZoneId, number>
  unit: LengthUnit
  /** Takes the advice over as wishes. */
  onTake: (advice: Balance['advice']) => void
}

/** How the dog will look against what its style aims at, and what a little more or less coat would do. */
export function BalanceAdvice({ case_, plan, presentMm, unit, onTake }: BalanceProps) {
  const { dog, request } = case_
  const at = new Map(plan.card.map(({ zone, lengthMm }) => [zone, lengthMm]))
  const cardMm = (zone: ZoneId) => at.get(zone) ?? 0
  const made = balance(dog, targetsOf(request.pattern, dog), cardMm, (zone) => presentMm.get(zone) ?? 0)
  const notes = notesOf(case_, plan, cardMm, unit)
  if (made.targets.length + notes.length === 0) return null
  return (
    <section aria-label="Shape">
      <h2>Shape</h2>
      {made.targets.map(({ id, inWords, before, after, ratio, reached, source }) => (
        <p key={id} title={source} style={{ marginBottom: 4 }}>
          {capital(inWords)}: <b>{before.toFixed(2)}</b> on this card, {ratio.toFixed(2)} wanted.
          {!reached && made.advice.length > 0 && ` ${after.toFixed(2)} is as near as this coat comes.`}
        </p>
      ))}
      {made.advice.length > 0 && (
        <>
          <table className="kv-rows" style={{ maxWidth: 420 }}>
            <tbody>
              {made.advice.map(({ zone, fromMm, toMm }) => (
                <tr key={zone}>
                  <td>{zoneLabel(zone)}</td>
                  <td>{toMm < fromMm ? 'tighter' : 'leave longer'}</td>
                  <td className="kv-figure">
                    {showFigure(fromMm, unit)} to {showFigure(toMm, unit)} {unitWord(unit)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <button className="kv-button" style={{ marginTop: 8 }} onClick={() => onTake(made.advice)}>
            Take this into the card
          </button>
        </>
      )}
      {notes.map((note) => (
        <p key={note} className="kv-quiet" style={{ marginTop: 6 }}>
          {note}
        </p>
      ))}
    </section>
  )
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** Flare, hem and bands, where the card has any. */
function notesOf({ dog }: Case, plan: Plan, cardMm: (zone: ZoneId) => number, unit: LengthUnit): string[] {
  const shapeAt = (zone: ZoneId) => plan.card.find((entry) => entry.zone === zone)?.shape
  const notes: string[] = []
  if (shapeAt('foreleg') === 'flare') notes.push(flareWords(dog, cardMm, unit))
  const hem = hemClearanceMm(dog, 'skirt', cardMm('skirt'))
  if (hem !== null && shapeAt('skirt') === 'hem') notes.push(`The hem hangs ${showLength(hem, unit)} off the floor.`)
  const plume = hemClearanceMm(dog, 'tail', cardMm('tail'))
  if (plume !== null && shapeAt('tail') === 'plume')
    notes.push(`Let down, the plume hangs ${showLength(plume, unit)} off the floor.`)
  const banded = plan.card.some(({ method }) => method === 'band')
  if (banded)
    notes.push(
      `Topknot bands: ${bandTurns(dog.weightKg, COAT_FACTS[dog.coat].workFactor > 1.3)} turns; five or more snap hair.`,
    )
  return notes
}

/** The usual wish: a foot this much wider than the top of the leg, mm. Source: from memory. */
const FLARE_MM = 20

function flareWords(dog: Case['dog'], cardMm: (zone: ZoneId) => number, unit: LengthUnit): string {
  const shown = (mm: number) => showLength(mm, unit)
  const footMm = cardMm('forefoot')
  const flare = flareTop(footMm, FLARE_MM, rateAt('forefoot', dog.coat, dog.growthMmPerWeek))
  return flare.possible
    ? `A flare of ${shown(FLARE_MM)} on ${shown(footMm)} of foot: the top of the leg ${shown(flare.topMm)} or shorter.`
    : `For a flare of ${shown(FLARE_MM)} the foot lacks ${shown(flare.lackMm)}: ${flare.weeks} weeks more.`
}
