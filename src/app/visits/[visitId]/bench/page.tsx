import type { Metadata } from 'next'
import { openHouse } from '@/service/house/openHouse'
import { benchView } from '@/service/visit/benchView'
import { Bench } from '@/ui/bench/Bench'
import { found, idOf } from '../../../addresses'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Bench' }

export default async function BenchPage({ params }: { params: Promise<{ visitId: string }> }) {
  const house = await openHouse()
  return <Bench view={found(await benchView(idOf((await params).visitId), house))} />
}
