import { COAT_FACTS, rateAt, readyOn } from '../coat'
import { FULL_KIT, type Cut } from '../lengths'
import { DEFAULT_HOUSE } from '../order'
import { wishesOf, type Answered, type CardEntry, type Wish } from '../request'
import { refers } from '../care'
import { bent, verdictWords, type Verdicts } from '../repeat'
import { figureMm } from '../units'
import type { ZoneId } from '../zones'
import type { Case } from './case'
import { coatToday } from './coatToday'
import { cutUnderMat, cutZone, type ZoneCutPlan } from './cutZone'
import type { MatWork } from './mats'
import type { Growing } from './plan'

export interface PlannedCard {
  card: CardEntry[]
  growing: Growing[]
  presentMm: Map<ZoneId, number>
  understood: Answered['understood']
  unclear: string[]
}

/** The card: for every zone the cut that wish, coat, mats, kit and safety come to. */
export function planCard(input: Case, mats: MatWork): PlannedCard {
  const kit = input.kit ?? FULL_KIT
  const presentMm = coatToday(input)
  const verdicts = input.last?.verdicts ?? {}
  const card: CardEntry[] = []
  const growing: Growing[] = []
  const { wishes, understood, unclear } = wishesOf({
    request: input.request,
    coat: input.dog.coat,
    dog: input.dog,
    last: input.saved?.card ?? bent(input.last?.card ?? [], verdicts),
    growing: input.last?.growing ?? [],
    presentMm,
    kit,
  })
  for (const wish of wishes.map((each) => withVerdict(each, input, verdicts))) {
    const present = presentMm.get(wish.zone) ?? 0
    const grade = mats.under.has(wish.zone) ? (mats.grades.get(wish.zone) ?? 0) : null
    const planned =
      referred(input, wish, present) ??
      canalCut(input, wish, present) ??
      (grade === null ? cutZone(input, kit, wish, present) : cutUnderMat(kit, wish, grade, present))
    card.push(entryOf(wish, withSides(input, wish, planned)))
    if (planned.wantedMm !== null) growing.push(growingOf(input, wish.zone, planned.wantedMm, planned.cut.lengthMm))
  }
  return { card, growing, presentMm, understood, unclear }
}

/** Says that the owner's word bent the zone, where the last trim is asked for again. */
function withVerdict(wish: Wish, { request, saved }: Case, verdicts: Verdicts): Wish {
  const verdict = verdicts[wish.zone]
  return verdict && request.sameAsLast && !saved ? { ...wish, why: `${wish.why} ${verdictWords(verdict)}` } : wish
}

/** Says which side decided where left and right were measured apart. */
function withSides({ coatSidesMm }: Case, { zone }: Wish, planned: ZoneCutPlan): ZoneCutPlan {
  const sides = coatSidesMm?.[zone]
  if (!sides || sides.left === sides.right) return planned
  return {
    ...planned,
    why: `${planned.why} Left ${figureMm(sides.left)}, right ${figureMm(sides.right)} mm: the shorter side rules.`,
  }
}

const entryOf = (wish: Wish, { cut, why }: ZoneCutPlan): CardEntry => ({
  zone: wish.zone,
  side: null,
  method: cut.method,
  blade: cut.blade,
  comb: cut.comb,
  lay: cut.lay,
  lengthMm: Number(cut.lengthMm.toFixed(2)),
  shape: wish.shape,
  join: wish.join,
  why,
})

const leaveAt = (lengthMm: number, why: string): ZoneCutPlan => ({
  cut: { method: 'leave', blade: null, comb: null, lay: null, lengthMm },
  why,
  wantedMm: null,
})

/** A finding that refers leaves its zone alone. */
function referred(input: Case, wish: Wish, presentMm: number): ZoneCutPlan | null {
  const finding = (input.health ?? []).find((each) => each.zone === wish.zone && refers(each.kind))
  return finding ? leaveAt(presentMm, `Left alone: ${finding.kind}.`) : null
}

/** Hair in the ear canal goes by the house's school, never on a sore ear. */
function canalCut(input: Case, wish: Wish, presentMm: number): ZoneCutPlan | null {
  if (wish.zone !== 'ear-canal' || wish.explicit) return null
  const soreEar = (input.health ?? []).some(({ kind }) => kind === 'ear-smell' || kind === 'ear-discharge')
  if (soreEar) return leaveAt(presentMm, 'A sore ear is never plucked or cleaned deep.')
  const school = (input.house ?? DEFAULT_HOUSE).earHair
  if (school === 'leave') return leaveAt(presentMm, 'House rule: hair in the ear is left.')
  const cut: Cut = { method: school === 'pluck' ? 'strip' : 'thin', blade: null, comb: null, lay: null, lengthMm: 0 }
  return school === 'pluck'
    ? { cut, why: 'House rule: hair in the ear is plucked.', wantedMm: null }
    : {
        cut: { ...cut, lengthMm: Math.min(CANAL_MM, presentMm) },
        why: 'House rule: hair in the ear is cut short.',
        wantedMm: null,
      }
}

/** What short scissors leave at the canal, mm. Source: from memory. */
const CANAL_MM = 3

function growingOf(input: Case, zone: ZoneId, wantedMm: number, presentMm: number): Growing {
  const rate = rateAt(zone, input.dog.coat, input.dog.growthMmPerWeek)
  const on = readyOn(wantedMm, presentMm, input.dog.coat, input.date, rate)
  const { terminalMm } = COAT_FACTS[input.dog.coat]
  const why =
    on === null
      ? `This coat stops growing at about ${terminalMm} mm, so it never gets ${wantedMm} mm.`
      : `${presentMm} of ${wantedMm} mm at ${figureMm(rate)} mm a week.`
  return { zone, wantedMm, presentMm, readyOn: on, why }
}
