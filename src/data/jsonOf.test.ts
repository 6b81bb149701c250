import { expect, it } from 'vitest'
import { z } from 'zod'
import { jsonOf } from './jsonOf'

const Lengths = z.object({ mm: z.array(z.number()).default([]) })

it('what is stored the same is read once, by each schema as it says', () => {
  expect(jsonOf(Lengths, '{}')).toBe(jsonOf(Lengths, '{}'))
  expect(jsonOf(z.object({ mm: z.number().default(3) }), '{}')).toEqual({ mm: 3 })
})
it('what is shared cannot be changed by one who reads it', () => {
  const { mm } = jsonOf(Lengths, '{"mm":[1]}')
  expect(() => mm.push(2)).toThrow()
  expect(jsonOf(Lengths, '{"mm":[1]}')).toEqual({ mm: [1] })
})
it('what fits no schema is refused each time', () => {
  for (let nth = 0; nth < 2; nth++) expect(() => jsonOf(Lengths, '{"mm":"long"}')).toThrow()
})
it('what is long is read for itself', () => {
  const long = JSON.stringify({ mm: Array.from({ length: 400 }, (_, at) => at) })
  expect(jsonOf(Lengths, long)).toEqual(jsonOf(Lengths, long))
  expect(jsonOf(Lengths, long)).not.toBe(jsonOf(Lengths, long))
})
