'use client'

import Link from 'next/link'
import { PlanTaken } from './PlanTaken'
import { useDecisions } from './useDecisions'
import { usePlannedDay } from './usePlannedDay'
import { useProposal } from './useProposal'
import type { Decide, HandsView } from './view'

/** On the day by dog: where the plan that was taken had better change, what changes, whom to tell and what it wins. */
export function RunsOtherwise({ view, decide }: { view: HandsView; decide: Decide }) {
  const real = usePlannedDay(view.day, view.standing.taken?.plan ?? null)
  const { proposal, proposed, take } = useProposal(view, real)
  const { busy, fault, take: keep, undo } = useDecisions(view, decide, () => {})
  if (proposal === null && fault === null) return null
  return (
    <>
      <PlanTaken
        standing={view.standing}
        takenAt={view.takenAt}
        proposal={proposal}
        isAnew={proposed !== null}
        looking={false}
        busy={busy || real.busy}
        fault={fault}
        look={null}
        take={() => take && keep(take)}
        undo={undo}
      />
      <p>
        <Link className="kv-link" href="/?by=hands">
          Look at it by hands
        </Link>
      </p>
    </>
  )
}
