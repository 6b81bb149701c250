/** Files of the build and of the house: one route for all. */
const FILES = /^\/(_next\/|.*\.[a-z0-9]{2,5}$)/i
/** Parts of an address that are of one dog, one visit, one file. */
const OWN = /\/(\d+|[0-9a-f]{8}-[0-9a-f-]{27}|[\w.-]{24,})(?=\/|$)/gi
const MOST_PARTS = 6

/**
 * An address without what is of one dog or person, so that answers can be counted by it.
 * @example routeOf('/dogs/12/card?version=3') // '/dogs/:id/card'
 */
export function routeOf(url: string): string {
  const path = url.split(/[?#]/)[0] ?? ''
  if (FILES.test(path)) return 'files'
  const route = path.replaceAll(OWN, '/:id')
  return route.split('/').length > MOST_PARTS + 1 || !/^[\w/:-]*$/.test(route) ? 'other' : route
}
