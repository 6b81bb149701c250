import { useEffect, useEffectEvent, useState } from 'react'
import { z } from 'zod'
import { Case } from '@/core/plan'
import { forgetTyped, readTyped } from '../device/typed'

const Part = Case.pick({
  request: true,
  coatNowMm: true,
  coatSidesMm: true,
  mats: true,
  order: true,
  orderWhy: true,
})
type Part = z.infer<typeof Part>
/** What was changed on a plan and not kept by the house yet, and the version of the booking it was changed from. */
const Draft = z.object({ version: z.number(), part: Part })

const partOf = ({ request, coatNowMm, coatSidesMm, mats, order, orderWhy }: Case): Part => ({
  request,
  coatNowMm,
  coatSidesMm,
  mats,
  order,
  orderWhy,
})

export const draftOf = (changed: Case, version: number): z.infer<typeof Draft> => ({ version, part: partOf(changed) })

const isSame = (a: Part, b: Part): boolean => JSON.stringify(Part.parse(a)) === JSON.stringify(Part.parse(b))

/** What this device has and the house does not, where another screen has changed the plan since. */
export interface Stray {
  words: string
  take: () => void
  letGo: () => void
}

/**
 * Finds what was typed here and not kept, as when the page was closed too soon. It goes on from there; where another screen
 * has changed the plan meanwhile a person says which one counts.
 */
export function useStrayDraft(
  { start, version, houseKey }: { start: Case; version: number; houseKey: string },
  page: string,
  take: (changed: Case) => void,
): Stray | null {
  const [stray, setStray] = useState<Part | null>(null)
  const goOn = useEffectEvent(take)
  const showStray = useEffectEvent(setStray)
  useEffect(() => {
    const read = Draft.safeParse(readTyped(houseKey, page))
    if (!read.success) return
    const { part } = read.data
    if (isSame(part, partOf(start))) forgetTyped(houseKey, page)
    else if (read.data.version === version) goOn({ ...start, ...part })
    else showStray(part)
    // Looked for once, when the page opens.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
  if (stray === null) return null
  return {
    words: stray.request.words ?? '',
    take: () => {
      take({ ...start, ...stray })
      setStray(null)
    },
    letGo: () => {
      setStray(null)
      forgetTyped(houseKey, page)
    },
  }
}
