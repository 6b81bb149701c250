export { GROUPS, SIDES, Side, THIN_SKIN, ZONES, ZoneId, groupOf, isPaired, zoneLabel } from './zones'
export type { GroupId } from './zones'
export { FOLLOWERS, NEVER_BY_GROUP, ZONE_KEYS, ZoneKey, breadth, spread, zonesCutBy, zonesOf } from './keys'
export type { FaceStyle } from './keys'
