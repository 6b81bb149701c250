import { describe, expect, it } from 'vitest'
import { ZONES, isPaired, spread, zonesCutBy, zonesOf } from '.'

describe('zone keys', () => {
  it('knows 37 zones, 22 of them in pairs', () => {
    expect(ZONES).toHaveLength(37)
    expect(ZONES.filter(isPaired)).toHaveLength(22)
  })

  it('tail as a key is the group', () => expect(zonesOf('tail')).toEqual(['tail-base', 'tail', 'tail-tip']))

  it('face keeps the chin out where a beard is kept', () => {
    expect(zonesOf('face', 'shaved')).toContain('chin')
    expect(zonesOf('face', 'bearded')).not.toContain('chin')
    expect(zonesOf('face')).toContain('eye-corner')
  })

  it('a length for all spares what is done for health', () => {
    for (const spared of ['pads', 'sanitary', 'eye-corner', 'lashes', 'ear-canal'] as const)
      expect(zonesCutBy('all')).not.toContain(spared)
    expect(zonesCutBy('pads')).toEqual(['pads'])
  })

  it('the more specific key wins, in whatever order it was given', () => {
    const lengths = spread({ back: 20, all: 5, body: 9 })
    expect(lengths.get('back')).toEqual({ value: 20, key: 'back' })
    expect(lengths.get('rump')?.value).toBe(9)
    expect(lengths.get('foreleg')?.value).toBe(5)
  })
})
