import { describe, expect, it } from 'vitest'
import { COATS } from '../coat'
import { Case, makePlan } from '../plan'
import { ZONES, zonesOf, type ZoneId } from '../zones'
import { PATTERNS, patternCard, patternInWords, patternLabel } from '.'

const planned = (pattern: string, coat: string, coatMm = 80, asked: object = {}) =>
  makePlan(
    Case.parse({
      kovit: 'case/1',
      date: '2027-03-02',
      dog: { name: 'Any', coat, build: 'square', weightKg: 10 },
      coatNowMm: { all: coatMm },
      request: { pattern, ...asked },
      setting: 'salon',
      slotMin: 120,
    }),
  )
const lengthAt = (made: ReturnType<typeof planned>, zone: ZoneId) =>
  made.card.find((entry) => entry.zone === zone)?.lengthMm

describe.each([...PATTERNS])('the pattern %s', (id) => {
  it('has a line with a reason for every zone', () => {
    const { lines } = patternCard(id)
    expect([...lines.keys()]).toEqual(ZONES)
    for (const { why } of lines.values()) expect(why).toMatch(/\S{3,}/)
  })
  it('fills the card of every coat', () => {
    for (const coat of COATS) expect(planned(id, coat).card).toHaveLength(ZONES.length)
  })
  it('has a name and says what it is', () => {
    expect(patternLabel(id)).not.toBe(id)
    expect(patternInWords(id)).toMatch(/, /)
  })
})

describe('typical cards (common practice)', () => {
  const oneLength = planned('one-length', 'curly')
  it('one length: comb 2 on body and legs, neck as the body', () => {
    for (const zone of ['back', 'side', 'neck', 'foreleg', 'thigh'] as const)
      expect(oneLength.card.find((entry) => entry.zone === zone)).toMatchObject({
        method: 'comb',
        comb: '2',
        blade: '30',
        lengthMm: 9.5,
      })
  })
  it('one length: face, feet and tail base 10; head, ears and tail scissored', () => {
    for (const zone of [...zonesOf('face'), 'forefoot', 'tail-base'] as const)
      expect(oneLength.card.find((entry) => entry.zone === zone)).toMatchObject({ method: 'clip', blade: '10' })
    for (const zone of ['skull', 'ear-edge', 'tail', 'tail-tip'] as const)
      expect(oneLength.card.find((entry) => entry.zone === zone)?.method).toBe('scissor')
  })
  it('teddy: 4F against on the body, 5F with on fuller legs, a quarter inch on the skull, brows scissored', () => {
    const teddy = planned('teddy', 'fleece')
    expect(lengthAt(teddy, 'back')).toBe(5.5)
    expect(lengthAt(teddy, 'foreleg')).toBe(6.3)
    expect(lengthAt(teddy, 'skull')).toBe(6.4)
    expect(teddy.card.find(({ zone }) => zone === 'brow')?.method).toBe('scissor')
    expect(teddy.card.find(({ zone }) => zone === 'muzzle')?.method).toBe('thin')
  })
  it('terrier: half an inch of jacket, shorter flat work, a beard, sanitary and belly only if asked', () => {
    const terrier = planned('terrier-jacket', 'wire')
    expect(lengthAt(terrier, 'back')).toBe(12.7)
    expect(lengthAt(terrier, 'cheek')).toBe(3.2)
    expect(lengthAt(terrier, 'shoulder')).toBe(11)
    expect(lengthAt(terrier, 'chin') ?? 0).toBeGreaterThan(30)
    for (const zone of ['belly', 'sanitary'])
      expect(terrier.card.find((entry) => entry.zone === zone)?.method).toBe('leave')
  })
  it('bath and tidy leaves the trim alone', () => {
    const worked = planned('bath-tidy', 'curly').card.filter(({ method }) => method !== 'leave')
    expect(worked.map(({ zone }) => zone)).toEqual(['visor', 'eye-corner', 'ear-canal', 'sanitary', 'pads'])
  })
  it('a hanging coat is combed against the lay and keeps the comb’s length', () => {
    const entry = planned('one-length', 'drop').card.find(({ zone }) => zone === 'back')
    expect(entry).toMatchObject({ method: 'comb', lay: 'against', lengthMm: 9.5 })
  })
})

describe('a pattern meets the dog and the year', () => {
  const cut = (pattern: string, coat: string, zone: ZoneId, asked: object = {}) =>
    planned(pattern, coat, 150, asked).card.find((entry) => entry.zone === zone)
  it('coat that falls is clipped against the lay with the blade that leaves the same: 5F against, 3.5 for 3.2', () =>
    expect(cut('utility-short', 'drop', 'back')).toMatchObject({ blade: '5F', lay: 'against', lengthMm: 3.5 }))
  it('winter takes the next comb on the body and shorter feet against snow', () => {
    expect(cut('one-length', 'curly', 'back', { season: 'winter' })).toMatchObject({ comb: '1½', lengthMm: 11 })
    expect(cut('teddy', 'curly', 'hindfoot', { season: 'winter' })?.lengthMm).toBe(8)
  })
  it('summer takes the comb below, and a shaved zone stays as it is', () => {
    expect(cut('one-length', 'curly', 'back', { season: 'summer' })).toMatchObject({ comb: '4', lengthMm: 6.4 })
    expect(cut('one-length', 'curly', 'cheek', { season: 'summer' })).toMatchObject({ blade: '10' })
  })
  it('no season moves what the owner asked for', () =>
    expect(cut('one-length', 'curly', 'back', { season: 'winter', lengthsMm: { back: 9.5 } })?.lengthMm).toBe(9.5))
  it('a show takes a 15 for a 10, a 40 on racing ears, and strips a wire jacket but not a curly one', () => {
    expect(cut('one-length', 'curly', 'cheek', { purpose: 'show' })).toMatchObject({ blade: '15' })
    expect(cut('parallel-racy', 'curly', 'ear-out', { purpose: 'show' })).toMatchObject({ blade: '40', lay: 'against' })
    expect(cut('terrier-jacket', 'wire', 'back', { purpose: 'show' })?.method).toBe('strip')
    expect(cut('terrier-jacket', 'curly', 'back', { purpose: 'show' })?.method).toBe('comb')
  })
})
