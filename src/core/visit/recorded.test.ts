import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { VisitEvent, foldVisit, lastLive } from '.'

const START = 1_800_000_000_000
const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
const event = (n: number, rest: object): VisitEvent =>
  VisitEvent.parse({ id: id(n), atMs: START + n * 60_000, by: 'Wren', ...rest })
const lump = (status: string, sizeMm: number | null = 8) => ({
  kind: 'lump',
  zone: 'side',
  side: 'left',
  sizeMm,
  status,
  words: '',
})
const SHOWN = 'Quill is matted at the skin. I want Quill clipped short.'
const SIGNED = event(3, { kind: 'consent', consent: 'pelt', shown: SHOWN, signed: 'Hedda Marsh' })

const LOG = [
  event(1, { kind: 'stage-started', stage: 'arrive' }),
  event(2, { kind: 'weighed', weightKg: 18.6 }),
  SIGNED,
  event(4, { kind: 'stage-started', stage: 'look-over' }),
  event(5, { kind: 'cautions-seen', stage: 'look-over', cautions: ['loop-watch', 'lift'] }),
  event(6, { kind: 'finding', finding: lump('changed') }),
  event(7, { kind: 'behaviour', trigger: 'dryer', grade: 2, worked: '' }),
  event(8, { kind: 'behaviour', trigger: 'dryer', grade: 3, worked: 'hand dryer' }),
]

describe('what a visit records besides its minutes', () => {
  it('is the last word on each thing, in any order of arrival, each event sent twice', () => {
    const twice = fc.shuffledSubarray([...LOG, ...LOG], { minLength: LOG.length * 2 })
    fc.assert(
      fc.property(twice, (sent) => {
        const visit = foldVisit(sent)
        expect(visit.weightKg).toBe(18.6)
        expect(visit.behaviour).toEqual({ dryer: { grade: 3, worked: 'hand dryer' } })
        expect(visit.seen).toEqual(['loop-watch', 'lift'])
        expect(visit.findings.map(({ status, sizeMm, by }) => [status, sizeMm, by])).toEqual([['changed', 8, 'Wren']])
        expect(visit.consents).toEqual([{ consent: 'pelt', shown: SHOWN, signed: 'Hedda Marsh', atMs: SIGNED.atMs }])
      }),
    )
  })
  it('takes behaviour back with an undo, so that the word before it counts again', () =>
    expect(foldVisit([...LOG, event(9, { kind: 'undone', undoes: id(8) })]).behaviour).toEqual({
      dryer: { grade: 2, worked: '' },
    }))
  it('never takes a signature back, whoever asks', () => {
    expect(foldVisit([...LOG, event(9, { kind: 'undone', undoes: SIGNED.id })]).consents).toHaveLength(1)
    expect(lastLive(LOG.slice(0, 3))?.event.kind).toBe('weighed')
  })
  it('takes findings and behaviour after the finish, no weight', () => {
    const done = [...LOG, event(20, { kind: 'finished' })]
    const late = foldVisit([
      ...done,
      event(21, { kind: 'finding', finding: lump('gone') }),
      event(22, { kind: 'weighed', weightKg: 3 }),
    ])
    expect(late.findings).toHaveLength(2)
    expect(late.weightKg).toBe(18.6)
  })
  it.each<[object, string]>([
    [{ kind: 'weighed', weightKg: 0 }, 'The weight must be 0.3 to 120 kg.'],
    [{ kind: 'finding', finding: lump('new', 900) }, 'A size cannot be above 400 mm.'],
    [{ kind: 'consent', consent: 'pelt', shown: SHOWN, signed: ' ' }, 'Write the name of who signs.'],
  ])('%j is refused in words', (rest, sentence) => {
    const asked = VisitEvent.safeParse({ id: id(1), atMs: START, by: 'Wren', ...rest })
    expect(asked.error?.issues.map(({ message }) => message)).toEqual([sentence])
  })
})
