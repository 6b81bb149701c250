import { expect, it } from 'vitest'
import { z } from 'zod'
import { sharedJsonOf } from './jsonOf'

const Lengths = z.object({ mm: z.array(z.number()).default([]) })

it('what is stored the same is read once, by each schema as it says', () => {
  expect(sharedJsonOf(Lengths, '{}')).toBe(sharedJsonOf(Lengths, '{}'))
  expect(sharedJsonOf(z.object({ mm: z.number().default(3) }), '{}')).toEqual({ mm: 3 })
})
it('what is shared cannot be changed by one who reads it', () => {
  const { mm } = sharedJsonOf(Lengths, '{"mm":[1]}')
  expect(() => mm.push(2)).toThrow()
  expect(sharedJsonOf(Lengths, '{"mm":[1]}')).toEqual({ mm: [1] })
})
it('what fits no schema is refused each time', () => {
  for (let nth = 0; nth < 2; nth++) expect(() => sharedJsonOf(Lengths, '{"mm":"long"}')).toThrow()
})
it('what is long is read for itself', () => {
  const long = JSON.stringify({ mm: Array.from({ length: 400 }, (_, at) => at) })
  expect(sharedJsonOf(Lengths, long)).toEqual(sharedJsonOf(Lengths, long))
  expect(sharedJsonOf(Lengths, long)).not.toBe(sharedJsonOf(Lengths, long))
})
