export { HouseWords, MESSAGES, MessageKind, PLACEHOLDERS, faultsIn, said } from './templates'
export type { Placeholder } from './templates'
export { owed, owedDue } from './owed'
export type { BookingToTell, Owed, SaidBefore } from './owed'
