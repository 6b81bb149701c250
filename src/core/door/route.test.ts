import { expect, it } from 'vitest'
import { routeOf } from '.'

it.each([
  ['/', '/'],
  ['/dogs/12/card?version=3', '/dogs/:id/card'],
  ['/visits/7/photos/3b241101-e2bb-4255-8caf-4136c566a962', '/visits/:id/photos/:id'],
  ['/calendar/q8Zt0-aaaaaaaaaaaaaaaaaaaaaaaa', '/calendar/:id'],
  ['/_next/static/chunks/a1.js', 'files'],
  ['/favicon.ico', 'files'],
  ['/a/b/c/d/e/f/g/h', 'other'],
  ['/Hedda%20Birk', 'other'],
])('%s is counted as %s', (url, route) => expect(routeOf(url)).toBe(route))
