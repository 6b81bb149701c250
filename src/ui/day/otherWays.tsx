'use client'

import dynamic from 'next/dynamic'

// Whoever looks at the day by dog needs no planner: each way brings what it works with when it is looked at.
export const HandsDesk = dynamic(() => import('./hands/HandsDesk').then((way) => way.HandsDesk))
export const Rehearse = dynamic(() => import('./hands/Rehearse').then((way) => way.Rehearse))
export const RoadDesk = dynamic(() => import('./road/RoadDesk').then((way) => way.RoadDesk))
export const RunsOtherwise = dynamic(() => import('./hands/RunsOtherwise').then((way) => way.RunsOtherwise))
