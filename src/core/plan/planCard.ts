import { COAT_FACTS, rateAt, readyOn } from '../coat'
import { FULL_KIT, cutIn, isSameCut } from '../lengths'
import { bent, verdictWords, type Verdicts } from '../repeat'
import { wishesOf, type Answered, type CardEntry, type Wish } from '../request'
import { figureMm } from '../units'
import { SIDES, isPaired, type Side } from '../zones'
import { canalWish } from './canal'
import type { Case } from './case'
import { coatOn, shorterOf, type CoatOn } from './coatToday'
import { cutUnderMat, cutZone, type Here, type PlannedZone, type ZoneCutPlan } from './cutZone'
import { boundByFoot } from './flare'
import type { MatWork } from './mats'
import { gateFacts, laysFor } from './means'
import type { Growing } from './plan'

export interface PlannedCard {
  card: CardEntry[]
  growing: Growing[]
  /** The coat before the groom, mm. */
  presentOn: CoatOn
  /** What the owner's words came to. */
  words: Omit<Answered, 'wishes'>
}

/** The card: for every zone, and each side where they differ, the cut that wish, coat, mats, kit and safety come to. */
export function planCard(input: Case, mats: MatWork): PlannedCard {
  const presentOn = coatOn(input)
  const verdicts = input.last?.verdicts ?? {}
  const kit = input.kit ?? FULL_KIT
  const { wishes, ...words } = wishesOf({
    request: input.request,
    coat: input.dog.coat,
    dog: input.dog,
    dogName: input.dog.name,
    last: input.saved?.card ?? bent(input.last?.card ?? [], verdicts),
    growing: input.last?.growing ?? [],
    presentMm: shorterOf(presentOn),
    kit,
  })
  const means = { kit, lays: laysFor(input), facts: gateFacts(input) }
  const planned = wishes
    .map((wish) => withVerdict(wish, input, verdicts))
    .flatMap((wish) => planWish(canalWish(wish, input, presentOn(wish.zone, wish.side)), input, mats, means, presentOn))
  return {
    card: boundByFoot(planned, means, presentOn).map(entryOf),
    growing: planned.flatMap((each) => growingOf(input, each)),
    presentOn,
    words,
  }
}

/**
 * What a wish comes to. Wanted the same on both sides, the shorter side rules; where that leaves the zone uncut, or
 * safety says otherwise on one side, each side stands for itself.
 */
function planWish(
  wish: Wish,
  input: Case,
  mats: MatWork,
  means: Omit<Here, 'presentMm'>,
  presentOn: CoatOn,
): PlannedZone[] {
  const { zone } = wish
  const plan = (side: Side | null): ZoneCutPlan => {
    const here: Here = { ...means, presentMm: presentOn(zone, wish.side) }
    const grade = mats.under.has(zone) ? (mats.grades.get(zone) ?? 0) : null
    const made = grade === null ? cutZone({ ...wish, side }, here) : cutUnderMat({ ...wish, side }, grade, here)
    if (made.cut.method !== 'leave') return made
    return { ...made, cut: { ...made.cut, lengthMm: presentOn(zone, side) } }
  }
  const said = (made: ZoneCutPlan) => ({ ...made, why: withSides(made.why, wish, presentOn) })
  if (wish.side !== null) return [{ wish, side: wish.side, plan: plan(wish.side) }]
  if (!isPaired(zone) || isOneThing(zone, input, presentOn)) return [{ wish, side: null, plan: plan(null) }]
  const [left, right] = SIDES.map((side) => said(plan(side)))
  if (!left || !right) return []
  if (isSameCut(left.cut, right.cut)) return [{ wish, side: null, plan: left }]
  // Only the shorter side waits for coat: the wish is one for both.
  const has = presentOn(zone, 'left') <= presentOn(zone, 'right') ? right : left
  return [
    { wish, side: 'left', plan: left === has ? { ...left, wantedMm: null } : left },
    { wish, side: 'right', plan: right === has ? { ...right, wantedMm: null } : right },
  ]
}

/** Whether both sides of a zone are alike today: the same coat, and no finding on one of them. */
const isOneThing = (zone: Wish['zone'], { health = [] }: Case, presentOn: CoatOn): boolean =>
  presentOn(zone, 'left') === presentOn(zone, 'right') && !health.some((fact) => fact.zone === zone && fact.side)

/** Says that the owner's word bent the zone, where the last trim is asked for again. */
function withVerdict(wish: Wish, { request, saved }: Case, verdicts: Verdicts): Wish {
  const verdict = verdicts[wish.zone]
  return verdict && request.sameAsLast && !saved ? { ...wish, why: `${wish.why} ${verdictWords(verdict)}` } : wish
}

/** Says which side decided where left and right are not alike today. */
function withSides(why: string, { zone, want }: Wish, presentOn: CoatOn): string {
  const [leftMm, rightMm] = [presentOn(zone, 'left'), presentOn(zone, 'right')]
  if (leftMm === rightMm || want.by === 'leave') return why
  return `${why} Left ${figureMm(leftMm)}, right ${figureMm(rightMm)} mm: the shorter side rules.`
}

const entryOf = ({ wish, side, plan: { cut, why } }: PlannedZone): CardEntry => ({
  zone: wish.zone,
  side,
  ...cutIn(cut),
  lengthMm: Number(cut.lengthMm.toFixed(2)),
  shape: wish.shape,
  join: wish.join,
  why: why.slice(0, MOST_WHY),
})

/** A reason on a card is no longer than this. */
const MOST_WHY = 500

function growingOf(input: Case, { wish, plan: { wantedMm, cut } }: PlannedZone): Growing[] {
  if (wantedMm === null) return []
  const presentMm = cut.lengthMm
  const rate = rateAt(wish.zone, input.dog.coat, input.dog.growthMmPerWeek)
  const on = readyOn(wantedMm, presentMm, input.dog.coat, input.date, rate)
  const { terminalMm } = COAT_FACTS[input.dog.coat]
  const why =
    on === null
      ? `This coat stops growing at about ${terminalMm} mm, so it never gets ${wantedMm} mm.`
      : `${presentMm} of ${wantedMm} mm at ${figureMm(rate)} mm a week.`
  return [
    { zone: wish.zone, ...(wish.side === null ? {} : { side: wish.side }), wantedMm, presentMm, readyOn: on, why },
  ]
}
