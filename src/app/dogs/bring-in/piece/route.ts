import type { NextRequest } from 'next/server'
import { PieceAsked, takePiece } from '@/service/bring-in/bringIn'
import { answeredInBody } from '../../../answeredInBody'

/** Takes a piece of a list. */
export const POST = (request: NextRequest): Promise<Response> => answeredInBody(request, 'lists', PieceAsked, takePiece)
