'use client'

import { createContext, useContext, useMemo, useState, type ReactNode } from 'react'
import { RIGHTS, type Right, type Standing } from '@/core/rights'
import { TableOver } from './TableOver'
import type { TableActs } from './acts'
import { useRest } from './useRest'

/** Who is at the table, as the server said when the page was drawn. */
export interface WhoSeen {
  id: number
  name: string
  standing: Standing
  demo: boolean
  restMin: number
}

interface Here {
  who: WhoSeen | null
  may: (right: Right) => boolean
  /** Asks who is at the table, over the page as it stands. */
  ask: () => void
}

/** A part that is drawn by itself hides nothing; the server decides in any case. */
const HereContext = createContext<Here>({ who: null, may: () => true, ask: () => {} })

/** Who is at the table and what they may do: for every part of a page. */
export const useWhoHere = (): Here => useContext(HereContext)

interface WhoHereProps {
  who: WhoSeen | null
  acts: TableActs
  children: ReactNode
}

/**
 * Tells every page who is at the table. Who rests too long, or is not known to the server any more, is asked again over
 * the page: what is under way stays as it is.
 */
export function WhoHere({ who, acts, children }: WhoHereProps) {
  const [isAsked, setAsked] = useState(false)
  const [rests, wake] = useRest(who === null ? null : who.restMin, who?.demo ?? false)
  const standing = who?.standing
  const here = useMemo((): Here => {
    const mayOf = (right: Right): readonly Standing[] => RIGHTS[right].may
    return {
      who,
      may: (right) => standing !== undefined && mayOf(right).includes(standing),
      ask: () => setAsked(true),
    }
  }, [who, standing])
  return (
    <HereContext value={here}>
      {children}
      {(isAsked || rests) && (
        <TableOver
          acts={acts}
          must={rests}
          onDone={() => {
            setAsked(false)
            wake()
          }}
          onClose={() => setAsked(false)}
        />
      )}
    </HereContext>
  )
}

/** A part of a page for those who may do it; nobody else is offered it. */
export const May = ({ right, children }: { right: Right; children: ReactNode }) =>
  useWhoHere().may(right) ? children : null
