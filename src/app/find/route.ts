import type { NextRequest } from 'next/server'
import { findAnything, FindAsked } from '@/service/find/findAnything'
import { answeredInBody } from '../answeredInBody'

/** Finds dogs, households and days. Asked by POST, so that no name or number stands in an address or a log. */
export const POST = (request: NextRequest): Promise<Response> => answeredInBody(request, 'see', FindAsked, findAnything)
