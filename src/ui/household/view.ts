import type { FigureDog } from '@/core/figure'
import type { Agreed } from '@/core/household'
import type { ZoneId } from '@/core/zones'
import type { Act } from '../house/acts'

export interface HouseholdView {
  id: number
  name: string
  place: string
  notes: string
  spot: string | null
  version: number
  owners: readonly {
    id: number
    name: string
    phone: string | null
    call: string | null
    email: string | null
    agreed: Agreed
  }[]
  dogs: readonly {
    id: number
    name: string
    figure: FigureDog
    coatMm: Partial<Record<ZoneId, number>>
    facts: string
    visits: number
    last: string | null
    next: { bookingId: number; words: string } | null
    standing: string | null
  }[]
  changes: readonly { when: string; by: string; words: string }[]
}

export interface HouseholdActs {
  saveHousehold: Act<{ version: number }>
  moveDog: Act
  movePreview: Act<{ lines: string[] }>
  joinHouseholds: Act
  joinPreview: Act<{ lines: string[] }>
  partHouseholds: Act<{ householdId: number }>
}
