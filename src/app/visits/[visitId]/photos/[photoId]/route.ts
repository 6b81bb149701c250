import type { NextRequest } from 'next/server'
import { keepPhoto, readPhotoOfVisit } from '@/service/visit/photos'
import { idIn } from '../../../../addresses'
import { showPicture, takePicture } from '../../../../pictures'

interface Params {
  params: Promise<{ visitId: string; photoId: string }>
}

/** The bench sends a picture here under the id it gave it. */
export async function PUT(request: NextRequest, { params }: Params): Promise<Response> {
  const { visitId, photoId } = await params
  return takePicture(request, 'bench', photoId, (id, sent) => keepPhoto(idIn(visitId), id, sent, Date.now()))
}

export async function GET(request: NextRequest, { params }: Params): Promise<Response> {
  const { visitId, photoId } = await params
  return showPicture(request, photoId, (id) => readPhotoOfVisit(idIn(visitId), id))
}
