'use client'

import type { Finding } from '@/core/health'
import { drawView, type FigureDog } from '@/core/figure'
import { FittedMap } from '../coat-map'
import { findingCallout } from './foundCallouts'

interface MapProps {
  dog: FigureDog & { name: string }
  findings: readonly Finding[]
}

const SHORT_MM = 4

/** Findings pinned to the dog; the words beside a pin say which side. */
export function FindingMap({ dog, findings }: MapProps) {
  const view = drawView('side', dog, () => SHORT_MM)
  return (
    <FittedMap
      label={`${dog.name}, findings`}
      view={view}
      coat={dog.coat}
      lengthMm={() => SHORT_MM}
      lit={new Set(findings.map(({ zone }) => zone))}
      callouts={findings.map(findingCallout)}
      width={620}
      height={330}
    />
  )
}
