import type { Metadata } from 'next'
import { wrapUpView } from '@/service/visit/wrapUpView'
import { Frame } from '@/ui/frame/Frame'
import { WrapUp } from '@/ui/wrap-up/WrapUp'
import { ownerSaid, wrapUp } from '../../../actions'
import { bookTogether, startRepeat } from '../../../book/actions'
import { found, idOf } from '../../../addresses'
import { theHouse } from '../../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Wrap-up' }

export default async function WrapUpPage({ params }: { params: Promise<{ visitId: string }> }) {
  const house = await theHouse()
  const view = found(await wrapUpView(idOf((await params).visitId), house))
  return (
    <Frame here="Dogs" house={house}>
      <WrapUp
        view={view}
        acts={{ close: wrapUp, say: ownerSaid, book: { together: bookTogether, repeat: startRepeat } }}
      />
    </Frame>
  )
}
