'use server'

import type { Result } from '@/core/result'
import type { DogOfCard } from '@/core/scribbles'
import { DogOfCardAsked, HeadsAsked, dogsOfHeads, firstCardOf, type FirstCardView } from '@/service/dog/firstCards'
import { answered } from '../../answered'

/** The dogs that scribbled cards may be of. */
export async function findDogsOfCards(input: unknown): Promise<Result<DogOfCard[][]>> {
  return answered('cards', HeadsAsked, input, dogsOfHeads)
}

/** A dog to make its first card for. */
export async function openFirstCard(dogId: unknown): Promise<Result<FirstCardView>> {
  return answered('cards', DogOfCardAsked, dogId, firstCardOf)
}
