import type { Metadata } from 'next'
import { z } from 'zod'
import { dogFileView, dogName } from '@/service/dog/dogFileView'
import { DogFile } from '@/ui/dog/DogFile'
import { Frame } from '@/ui/frame/Frame'
import { bookTogether, startRepeat } from '../../book/actions'
import { found, idOf, wayFor } from '../../addresses'
import { theHouse } from '../../theHouse'

export const dynamic = 'force-dynamic'
interface Params {
  params: Promise<{ dogId: string }>
  searchParams: Promise<Record<string, unknown>>
}

/** A time that was chosen in the book: `?book=2026-11-30T09:00&with=2`. */
const ChosenTime = z.object({
  book: z.string().regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/),
  with: z.coerce.number().int(),
})

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  return { title: (await dogName(idOf((await params).dogId))) ?? 'Dog' }
}

export default async function DogPage({ params, searchParams }: Params) {
  const house = await theHouse()
  const file = found(await dogFileView(idOf((await params).dogId), house))
  const tapes = file.tapes.map((tape) => ({ ...tape, href: wayFor(house.who, tape.href, file.dog.id) }))
  const chosen = ChosenTime.safeParse(await searchParams).data
  const [day = '', clock = ''] = chosen?.book.split('T') ?? []
  const at = chosen ? { day, clock, staffId: chosen.with } : undefined
  return (
    <Frame here="Dogs" house={house}>
      <DogFile view={{ ...file, tapes }} at={at} book={{ together: bookTogether, repeat: startRepeat }} />
    </Frame>
  )
}
