import type { NextRequest } from 'next/server'
import { keepPaper, readPaper } from '@/service/dog/papers'
import { idIn } from '../../../../addresses'
import { showPicture, takePicture } from '../../../../pictures'

interface Params {
  params: Promise<{ dogId: string; paperId: string }>
}

/** A picture of a dog's paper card comes here under the id that its device gave it. */
export async function PUT(request: NextRequest, { params }: Params): Promise<Response> {
  const { dogId, paperId } = await params
  return takePicture(request, 'cards', paperId, (id, sent) => keepPaper(idIn(dogId), id, sent, Date.now()))
}

export async function GET(request: NextRequest, { params }: Params): Promise<Response> {
  const { dogId, paperId } = await params
  return showPicture(request, paperId, (id) => readPaper(idIn(dogId), id))
}
