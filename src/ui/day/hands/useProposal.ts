import { useMemo } from 'react'
import { proposalOf } from '@/core/day'
import type { usePlannedDay } from './usePlannedDay'
import type { HandsView } from './view'

/** What the plan that was taken could become; `proposed` is the day found anew, where that is what is proposed. */
export function useProposal(
  { day, standing: { taken } }: HandsView,
  { kept, planned }: ReturnType<typeof usePlannedDay>,
) {
  return useMemo(() => {
    const proposal = kept && planned && taken ? proposalOf(day, taken.plan, kept, planned) : null
    const proposed = proposal && proposal.plan === planned?.plan ? planned : null
    return { proposal, proposed, take: proposal?.plan ?? planned?.plan ?? null }
  }, [day, taken, kept, planned])
}
