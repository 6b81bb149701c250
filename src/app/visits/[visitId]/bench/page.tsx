import type { Metadata } from 'next'
import { benchView } from '@/service/visit/benchView'
import { Bench } from '@/ui/bench/Bench'
import { found, idOf } from '../../../addresses'
import { theHouse } from '../../../theHouse'
import { notYours } from '../../../notYours'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Bench' }

export default async function BenchPage({ params }: { params: Promise<{ visitId: string }> }) {
  const house = await theHouse()
  const barred = notYours(house, 'bench', null)
  if (barred) return barred
  return <Bench view={found(await benchView(idOf((await params).visitId), house))} />
}
