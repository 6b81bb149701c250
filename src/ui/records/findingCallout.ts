import { findingWords, placeWords, type Finding } from '@/core/care'
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
