export { ASKED_PATH, LOOPBACK_NAMES, MOST_BODY_BYTES, OUTSIDE, TOO_LARGE, refusedAtTheDoor } from './door'
export { isActionText } from './actionText'
export { contentPolicy } from './contentPolicy'
export { routeOf } from './route'
