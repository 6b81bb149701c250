export { LOOPBACK_NAMES, MOST_BODY_BYTES, TOO_LARGE, refusedAtTheDoor } from './door'
export { contentPolicy } from './contentPolicy'
