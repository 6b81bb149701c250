export { TRAIL_KINDS, TrailAsked, type TrailKind } from './trail'
