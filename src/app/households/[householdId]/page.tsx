import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { householdView } from '@/service/household/householdView'
import { Frame } from '@/ui/frame/Frame'
import { HouseholdDesk } from '@/ui/household/HouseholdDesk'
import { found, idOf } from '../../addresses'
import { theHouse } from '../../theHouse'
import { joinHouseholds, joinPreview, moveDog, movePreview, partHouseholds, saveHousehold } from '../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Household' }

const ACTS = { saveHousehold, moveDog, movePreview, joinHouseholds, joinPreview, partHouseholds }

interface Params {
  params: Promise<{ householdId: string }>
}

export default async function HouseholdPage({ params }: Params) {
  const house = await theHouse()
  const asked = idOf((await params).householdId)
  const view = found(await householdView(asked, house))
  // A household that was joined to another one leads there.
  if (view.id !== asked) redirect(`/households/${view.id}`)
  return (
    <Frame here="Dogs" house={house}>
      <HouseholdDesk key={view.id} view={view} acts={ACTS} />
    </Frame>
  )
}
