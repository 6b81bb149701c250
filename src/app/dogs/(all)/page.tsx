import type { Metadata } from 'next'
import { DogFilter, DogSort } from '@/core/find'
import { dogsView } from '@/service/find/dogsView'
import { DogsDesk } from '@/ui/dogs/DogsDesk'
import { Frame } from '@/ui/frame/Frame'
import { theHouse } from '../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Dogs' }

interface Asked {
  searchParams: Promise<Record<string, unknown>>
}

export default async function DogsPage({ searchParams }: Asked) {
  const house = await theHouse()
  const asked = await searchParams
  const filter = DogFilter.safeParse(asked.filter).data ?? null
  const sort = DogSort.safeParse(asked.sort).data ?? 'name'
  const view = await dogsView({ text: '', from: 0, filter, sort }, house)
  return (
    <Frame here="Dogs" house={house}>
      <DogsDesk first={view} filter={filter} sort={sort} as={asked.as === 'rows' ? 'rows' : 'drawn'} />
    </Frame>
  )
}
