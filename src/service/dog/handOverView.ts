import { MOST_ON_SHEET } from '@/core/dog-to-go'
import { readOwnersOf } from '@/data/households'
import { readDog } from '@/data/dogs'
import type { OpenHouse } from '../house/openHouse'
import { printView } from './cardView'
import { dogToGo } from './dogToGo'

/** What is handed over, with nobody's name in it, and whose dog it is, to ask whether its owner goes along. Null: no such dog. */
export async function handOverView(dogId: number, house: OpenHouse) {
  const [dog, file, card] = await Promise.all([
    readDog(dogId),
    dogToGo(dogId, false, house, MOST_ON_SHEET),
    printView(dogId, house),
  ])
  if (!dog || !file) return null
  const [owner] = await readOwnersOf([dog.householdId])
  const { owner: _, ...unnamed } = file
  return { file: unnamed, owner: owner?.name ?? null, card }
}
