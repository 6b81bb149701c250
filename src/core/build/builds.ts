import { z } from 'zod'

export const BUILDS = ['square', 'long-low', 'toy', 'sporting', 'racy', 'heavy'] as const
export const BuildId = z.enum(BUILDS)
export type BuildId = z.infer<typeof BuildId>
