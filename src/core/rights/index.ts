export { RIGHTS, STANDINGS, mayDo, mayNot, standingOf, type Right, type Someone, type Standing } from './rights'
export {
  LOCKED_AT,
  NewPassphrase,
  NewPin,
  OwnName,
  Passphrase,
  Pin,
  RestMin,
  USUAL_REST_MIN,
  heldBackMs,
} from './secrets'
