import { z } from 'zod'

/** What a person can agree to. Not asked yet is neither yes nor no. */
export const AGREEMENTS = { messages: 'messages', pictures: 'pictures' } as const
export type AgreementId = keyof typeof AGREEMENTS
export const Agreed = z.partialRecord(z.enum(Object.keys(AGREEMENTS) as [AgreementId]), z.boolean())
export type Agreed = z.infer<typeof Agreed>
