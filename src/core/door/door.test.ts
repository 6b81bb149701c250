import { describe, expect, it } from 'vitest'
import { LOOPBACK_NAMES, MOST_BODY_BYTES, contentPolicy, isActionText, refusedAtTheDoor } from '.'

const HERE = { host: '127.0.0.1:3000', origin: 'http://127.0.0.1:3000', site: null, mode: null, length: null }
const knock = (said: object) => refusedAtTheDoor({ method: 'POST', ...HERE, ...said }, LOOPBACK_NAMES)?.status ?? 'in'

describe('the door', () => {
  it.each([
    [{}],
    [{ method: 'GET', host: 'localhost:3000', origin: null, site: 'none', mode: 'navigate' }],
    [{ host: '[::1]:3000', origin: 'http://[::1]:3000', site: 'same-origin' }],
    [{ host: 'LOCALHOST', origin: 'http://localhost' }],
    [{ origin: 'http://127.0.0.1:3000', site: 'same-origin', mode: 'cors', length: String(MOST_BODY_BYTES) }],
    [{ method: 'GET', site: 'cross-site', mode: 'navigate' }],
  ])('lets in %j', (said) => expect(knock(said)).toBe('in'))
  it.each([
    [{ host: 'evil.example', origin: 'http://evil.example' }],
    [{ method: 'GET', host: 'evil.example:3000' }],
    [{ host: null }],
    [{ host: '127.0.0.1.evil.example' }],
    [{ host: '127.0.0.1:3000:evil' }],
    [{ host: 'user@127.0.0.1' }],
  ])('knows no name but those that are served: %j', (said) => expect(knock(said)).toBe(421))
  it.each([
    [{ origin: 'http://evil.example' }],
    [{ origin: 'null' }],
    [{ origin: null }],
    [{ method: 'PUT', origin: null, site: 'same-origin' }],
    [{ origin: 'http://127.0.0.1:3001' }],
    [{ site: 'cross-site', mode: 'navigate' }],
    [{ site: 'same-site', mode: 'cors' }],
    [{ method: 'GET', site: 'cross-site', mode: 'no-cors' }],
    [{ method: 'GET', origin: 'http://evil.example', site: 'cross-site', mode: 'cors' }],
  ])('takes nothing from another site: %j', (said) => expect(knock(said)).toBe(403))
  it('refuses by its length what is too large, before it is read', () =>
    expect(knock({ length: String(MOST_BODY_BYTES + 1) })).toBe(413))
})

it('a page runs the scripts of its own answer only', () => {
  const script = /script-src ([^;]*)/.exec(contentPolicy('abc'))?.[1]
  expect(script).toBe("'self' 'nonce-abc'")
})

describe('what an action is sent', () => {
  it.each([
    '[]',
    '["here"]',
    '[{"a":"$undefined","b":"$D2027-03-02T09:00:00.000Z","c":"$n12"}]',
    '["$$5 a nail"]',
    '["$-0"]',
    '[{"file":{"health":[]},"seen":{"health":"$0:0:file:health"}}]',
  ])('%s can be read', (text) => expect(isActionText(text)).toBe(true))
  it.each(['', '[', '?Yha', '["$F1"]', '[{"a":[{"b":"$K1"}]}]', '["$nx"]', '["$1:constructor"]', '["$Infinit"]'])(
    '%s cannot',
    (text) => expect(isActionText(text)).toBe(false),
  )
})
