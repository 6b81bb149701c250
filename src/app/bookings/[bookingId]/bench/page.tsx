import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { bookingBenchView } from '@/service/visit/benchView'
import { Bench } from '@/ui/bench/Bench'
import { found, idOf } from '../../../addresses'
import { notYours } from '../../../notYours'
import { theHouse } from '../../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Bench' }

/** The bench of a groom that is not begun: it begins with the first tap, also without a network. */
export default async function BookingBenchPage({ params }: { params: Promise<{ bookingId: string }> }) {
  const house = await theHouse()
  const barred = notYours(house, 'bench', null)
  if (barred) return barred
  const opened = found(await bookingBenchView(idOf((await params).bookingId), house))
  if (opened.begunAs !== null) redirect(`/visits/${opened.begunAs}/bench`)
  return <Bench view={opened.view} />
}
