import { z } from 'zod'

export const CONSENTS = ['pelt', 'double-coat', 'old-or-ill'] as const
export const ConsentId = z.enum(CONSENTS)
export type ConsentId = z.infer<typeof ConsentId>

const TITLE: Record<ConsentId, string> = {
  pelt: 'Matted coat',
  'double-coat': 'Double coat',
  'old-or-ill': 'Old or ill dog',
}
export const consentTitle = (id: ConsentId): string => TITLE[id]

/** The words an owner signs. They are kept with the signature as they were shown. Source: common practice. */
const WORDS: Record<ConsentId, string> = {
  pelt: '{dog} is matted at the skin. The blade has to go under the mats, so the coat will be very short. Mats can hide sores, bruises and parasites; skin may be red, and ears may bleed inside when the weight is gone. I want {dog} clipped short and will watch ears and skin for some days.',
  'double-coat':
    'A double coat that is clipped short may grow back in another colour or texture, or in patches, and protects less from sun and cold. I know this and want {dog} clipped all the same.',
  'old-or-ill':
    '{dog} is old or not well. A groom is a strain; it will be kept short, with rests, and stopped when {dog} shows that it is too much. I agree that the groom may be stopped, and that a vet may be called.',
}
export const consentWords = (id: ConsentId, dog: string): string => WORDS[id].replaceAll('{dog}', dog)
