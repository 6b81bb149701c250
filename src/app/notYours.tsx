import type { ComponentProps, ReactElement } from 'react'
import { mayDo, type Right } from '@/core/rights'
import type { OpenHouse } from '@/service/house/openHouse'
import type { Person } from '@/service/who/whoAsks'
import { Frame } from '@/ui/frame/Frame'
import { NotYours } from '@/ui/who/NotYours'

/** The page that says whose a page is; null for those whose it is. */
export const notYours = (
  house: OpenHouse & { who: Person },
  right: Right,
  here: ComponentProps<typeof Frame>['here'],
): ReactElement | null =>
  mayDo(house.who, right) ? null : (
    <Frame here={here} house={house}>
      <NotYours who={house.who} right={right} />
    </Frame>
  )
