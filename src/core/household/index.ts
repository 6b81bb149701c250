export { AGREEMENTS, Agreed } from './agreed'
export type { AgreementId } from './agreed'
export { PhoneNumber, numberTail, numberToCall } from './number'
export { STANDINGS, Standing, isHere } from './standing'
