'use server'

import { z } from 'zod'
import type { Result } from '@/core/result'
import {
  JoinAsked,
  PartAsked,
  joinHouseholds as join,
  joinPreview as joined,
  partHouseholds as part,
} from '@/service/household/joinHouseholds'
import { MoveAsked, PreviewAsked, moveDog as move, movePreview as moved } from '@/service/household/moveDog'
import { HouseholdChange, saveHousehold as keep } from '@/service/household/saveHousehold'
import { answered } from '../answered'

const HOUSEHOLDS = '/households'

/** Keeps a household as it was changed, with its people. */
export async function saveHousehold(input: unknown): Promise<Result<{ version: number }>> {
  return answered('files', HouseholdChange, input, (asked) => keep(asked, Date.now()), HOUSEHOLDS)
}

/** A dog goes over to another household. */
export async function moveDog(input: unknown): Promise<Result<null>> {
  return answered('files', MoveAsked, input, (asked) => move(asked, Date.now()), HOUSEHOLDS)
}

/** What will be where once a dog has gone over. */
export async function movePreview(input: unknown): Promise<Result<{ lines: string[] }>> {
  return answered('files', PreviewAsked, input, moved)
}

/** Two households are one. */
export async function joinHouseholds(input: unknown): Promise<Result<null>> {
  return answered('files', JoinAsked, input, (asked) => join(asked, Date.now()), HOUSEHOLDS)
}

/** What will be where once two households are one. */
export async function joinPreview(input: unknown): Promise<Result<{ lines: string[] }>> {
  const pair = z.strictObject({ fromId: JoinAsked.shape.fromId, intoId: JoinAsked.shape.intoId })
  return answered('files', pair, input, joined)
}

/** Parts what was joined last. */
export async function partHouseholds(input: unknown): Promise<Result<{ householdId: number }>> {
  return answered('files', PartAsked, input, (asked) => part(asked, Date.now()), HOUSEHOLDS)
}
