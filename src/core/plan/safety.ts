import { clippedLengthMm, cutWith, isSkipTooth, takesUpSkin, type BladeId, type Cut } from '../lengths'
import { zonesOf, type ZoneId } from '../zones'
import type { Case } from './case'

const FACE_AND_FEET: readonly ZoneId[] = [...zonesOf('face'), 'forefoot', 'hindfoot']
const FINISH: Partial<Record<BladeId, BladeId>> = { '7': '7F', '5': '5F', '4': '4F' }

/** Zones with red skin; a finding without a zone counts everywhere. */
function isRed(input: Case, zone: ZoneId): boolean {
  return (input.health ?? []).some(
    (each) => each.kind === 'skin-red' && (each.zone === undefined || each.zone === zone),
  )
}

/** Light or red skin, or a dog still new here, gets the gentler blade. */
const isTender = (input: Case, zone: ZoneId): boolean =>
  input.dog.lightSkin === true || (input.dog.visits ?? 3) < 3 || isRed(input, zone)

/**
 * The cut that safety allows in place of the one asked for, with the reason; null when it may stand.
 * Safety stands above every wish.
 */
export function saferCut(input: Case, zone: ZoneId, cut: Cut): { cut: Cut; why: string } | null {
  if (cut.method !== 'clip') return null
  const finish = FINISH[cut.blade]
  const struggles = (input.behaviour?.clipper ?? 0) >= 3
  if (finish && (takesUpSkin(cut.blade, zone) || (struggles && isSkipTooth(cut.blade)))) {
    const why = `${cut.blade} asked, ${finish} taken: no skip-tooth blade on thin skin or a dog that jumps.`
    return withBlade(finish, cut, why)
  }
  const fine = clippedLengthMm(cut.blade, 'with') < clippedLengthMm('15', 'with')
  if (fine && FACE_AND_FEET.includes(zone) && isTender(input, zone))
    return withBlade('10', cut, `${cut.blade} asked, 10 taken: no bare 30 or 40 on this skin.`)
  if (cut.blade === '15' && isRed(input, zone)) return withBlade('10', cut, '15 asked, 10 taken: the skin is red.')
  return null
}

function withBlade(blade: BladeId, cut: Cut, why: string): { cut: Cut; why: string } | null {
  const safer = cutWith({ blade }, cut.lay ?? 'with')
  return safer === null ? null : { cut: safer, why }
}
