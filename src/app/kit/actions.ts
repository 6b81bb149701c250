'use server'

import type { Result } from '@/core/result'
import { ToolAsked, ToolChange, addToKit as add, changeKit as change } from '@/service/kit/houseKit'
import { answered } from '../answered'

export async function addToKit(input: unknown): Promise<Result<{ toolId: number }>> {
  return answered('kit', ToolAsked, input, add, '/kit')
}

/** Renames, retires, brings back or marks a tool as sharpened today. */
export async function changeKit(input: unknown): Promise<Result<null>> {
  return answered('kit', ToolChange, input, change, '/kit')
}
