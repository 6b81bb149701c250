import { describe, expect, it } from 'vitest'
import { DogFile, changeWords, changedFields, dogOfFile, newFile } from '.'

const FILE = newFile({ name: 'Puffin', breed: 'Lhasa apso', coat: 'drop', build: 'toy', weightKg: 6.5 })

describe('a new file', () => {
  it('is a whole one, and says nothing that nobody said', () => {
    expect(DogFile.safeParse(FILE).success).toBe(true)
    expect(dogOfFile(FILE, '2026-11-25')).toEqual({
      name: 'Puffin',
      coat: 'drop',
      build: 'toy',
      weightKg: 6.5,
      lightSkin: false,
      faceShape: 'normal',
    })
  })
  it('names the field that is wrong', () => {
    const paths = (change: object) =>
      DogFile.safeParse({ ...FILE, ...change }).error?.issues.map(({ path }) => path.join())
    expect(paths({ name: ' ' })).toEqual(['name'])
    expect(paths({ weightKg: 0.1 })).toEqual(['weightKg'])
    expect(paths({ bornOn: '2026-02-30' })).toEqual(['bornOn'])
  })
})

describe('what changed', () => {
  it('is only what is otherwise, whatever the order of the keys', () => {
    const after = { ...FILE, weightKg: 7.2, behaviour: { dryer: 3 } }
    expect(changedFields(FILE, after)).toEqual({ weightKg: 7.2, behaviour: { dryer: 3 } })
    const turned = { ...FILE, behaviour: { nails: 1, brush: 2 } }
    expect(changedFields({ ...FILE, behaviour: { brush: 2, nails: 1 } }, turned)).toEqual({})
  })
  it('is said in words', () =>
    expect(
      changeWords(FILE, {
        weightKg: 7.2,
        bornOn: '2024-01-02',
        behaviour: { dryer: 3 },
        health: [{ kind: 'arthritis' }],
        more: { ...FILE.more, vet: 'Dr Sand' },
      }),
    ).toEqual([
      'weight 6.5 to 7.2 kg',
      'born on not said to 2024-01-02',
      'dryer not said to 3',
      'Arthritis: now known',
      'vet',
    ]))
  it('of health also says what is gone', () =>
    expect(changeWords({ health: [{ kind: 'sore', zone: 'thigh', side: 'left' }] }, { health: [] })).toEqual([
      'Open sore, left thigh: no longer',
    ]))
})
