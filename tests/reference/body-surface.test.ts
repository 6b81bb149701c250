import { expect, it } from 'vitest'
import { bodySurfaceM2, mix } from '@/core/bath'

it.each([
  [5, 0.29],
  [10, 0.46],
  [20, 0.74],
  [40, 1.17],
])('%s kg have %s m² of body surface within 3 %% (Meeh; table of the Merck Veterinary Manual, from memory)', (kg, m2) =>
  expect(Math.abs(bodySurfaceM2(kg) / m2 - 1)).toBeLessThan(0.03),
)

it('1:16 is one part in seventeen: 360 ml are 21 ml product and 339 ml water (arithmetic)', () =>
  expect(mix('wash', 16, 360)).toEqual({ stage: 'wash', ratio: 16, productMl: 21, waterMl: 339 }))
