import { cutIn } from '../lengths'
import { stageLabel } from '../stages'
import { showLength, type LengthUnit } from '../units'
import { zoneLabel } from '../zones'
import type { Plan } from './plan'

/** Lengths nearer than this are the same to the hand, mm. */
const SAME_MM = 0.05
/** Zones and stages are named one by one up to so many; more are counted. */
const NAMED = 4

/**
 * What one plan does otherwise than another, a sentence each: what a change of the dog's file means before it is kept.
 * Empty when nothing changes.
 */
export function planChanges(before: Plan, after: Plan, unit: LengthUnit = 'mm'): string[] {
  return [
    ...minutes(before, after),
    ...news(
      before.refer.map(({ why }) => why),
      after.refer.map(({ why }) => why),
      'Vet',
    ),
    ...stages(before, after),
    ...lengths(before, after, unit),
    ...minded(before, after),
    ...comesBack(before.return?.weeks, after.return?.weeks),
  ]
}

function minutes(before: Plan, after: Plan): string[] {
  const [was, is] = [Math.round(before.fit.p50), Math.round(after.fit.p50)]
  const slot =
    before.fit.shortestSlotMin === after.fit.shortestSlotMin
      ? []
      : [`The slot that holds is ${after.fit.shortestSlotMin} min, not ${before.fit.shortestSlotMin}.`]
  return [
    ...(was === is ? [] : [`It takes ${Math.abs(is - was)} min ${is > was ? 'longer' : 'less'}: ${is} min.`]),
    ...slot,
  ]
}

function stages(before: Plan, after: Plan): string[] {
  const [was, is] = [before.stages.map(({ id }) => id), after.stages.map(({ id }) => id)]
  const come = is.filter((id) => !was.includes(id)).map((id) => `${stageLabel(id)} is added.`)
  const gone = was.filter((id) => !is.includes(id)).map((id) => `${stageLabel(id)} falls away.`)
  return [...come, ...gone]
}

function lengths(before: Plan, after: Plan, unit: LengthUnit): string[] {
  const key = ({ zone, side }: Plan['card'][number]) => `${zone} ${side ?? ''}`
  const was = new Map(before.card.map((entry) => [key(entry), entry]))
  const changed = after.card.flatMap((entry) => {
    const [old, is] = [was.get(key(entry)), cutIn(entry)]
    const from = old && Math.abs(cutIn(old).lengthMm - is.lengthMm) >= SAME_MM ? cutIn(old).lengthMm : null
    if (old && from === null && cutIn(old).method === is.method) return []
    const place = [entry.side, zoneLabel(entry.zone).toLowerCase()].filter(Boolean).join(' ')
    const fromWords = from === null ? '' : `${showLength(from, unit)} to `
    return [`${place} ${fromWords}${showLength(is.lengthMm, unit)} by ${is.method}`]
  })
  if (changed.length === 0) return []
  const more = changed.length > NAMED ? ` and ${changed.length - NAMED} more` : ''
  return [`The card: ${changed.slice(0, NAMED).join(', ')}${more}.`]
}

const comesBack = (was: number | undefined, is: number | undefined): string[] =>
  was === is || is === undefined ? [] : [`Comes back in ${is} weeks${was === undefined ? '' : `, not ${was}`}.`]

/** The cautions of a plan, each said once with the stages where the hand is. */
function cautionsOf({ cautions }: Plan): Map<string, string[]> {
  const stagesOf = new Map<string, string[]>()
  for (const { stage, why } of cautions)
    stagesOf.set(why, [...new Set([...(stagesOf.get(why) ?? []), stageLabel(stage).toLowerCase()])])
  return stagesOf
}

/** What has to be minded otherwise: at which stages a caution is new, and at which it is no more. */
function minded(before: Plan, after: Plan): string[] {
  const [was, is] = [cautionsOf(before), cautionsOf(after)]
  const only = (one: Map<string, string[]>, other: Map<string, string[]>, title: string) =>
    [...one].flatMap(([why, stages]) => {
      const here = stages.filter((stage) => !other.get(why)?.includes(stage))
      const places = here.length > NAMED ? `${here.length} stages` : here.join(', ')
      return here.length === 0 ? [] : [`${title} at ${places}: ${why}`]
    })
  return [...only(is, was, 'Mind, new,'), ...only(was, is, 'Mind no more')]
}

function news(before: readonly string[], after: readonly string[], title: string): string[] {
  const come = [...new Set(after)].filter((each) => !before.includes(each))
  const gone = [...new Set(before)].filter((each) => !after.includes(each))
  return [...come.map((each) => `${title}, new: ${each}`), ...gone.map((each) => `${title}, no more: ${each}`)]
}
