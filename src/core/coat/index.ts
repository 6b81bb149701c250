export { COATS, COAT_FACTS, CoatId } from './coats'
export { grownMm, readyOn } from './growth'
export { naturalMm } from './natural'
