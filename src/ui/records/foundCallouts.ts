import { findingWords, placeWords, type Finding } from '@/core/health'
import { MAT_WORDS } from '@/core/coat'
import { zoneLabel, type ZoneId } from '@/core/zones'
import type { Callout } from '../coat-map'

/** A finding pinned to the map: what, how large, where. */
export const findingCallout = (finding: Finding): Callout => ({
  zone: finding.zone,
  name: findingWords(finding.kind),
  figure: finding.sizeMm === null ? '–' : String(finding.sizeMm),
  unit: finding.sizeMm === null ? '' : 'mm',
  lengthMm: finding.sizeMm ?? 0,
  below: placeWords(finding),
  caution: true,
})

/** Mats pinned to the map: where, and how bad. */
export const matCallout = (zone: ZoneId, grade: number): Callout => ({
  zone,
  name: zoneLabel(zone),
  figure: `mats ${grade}`,
  unit: '',
  lengthMm: 0,
  below: MAT_WORDS[grade] ?? '',
  caution: true,
})
