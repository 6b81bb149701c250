import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { NOTHING_HEARD, SILENT_MS, hear, isSilent, readReading, readScript, readingWords, type Reading } from '.'

const said = (line: unknown) => {
  const read = readReading(typeof line === 'string' ? line : JSON.stringify(line))
  return read.ok ? 'read' : read.problems.map(({ sentence }) => sentence).join(' ')
}
const heardAll = (...lines: unknown[]) =>
  lines.reduce<{ heard: typeof NOTHING_HEARD; presses: number }>(
    ({ heard, presses }, line, at) => {
      const next = hear(heard, typeof line === 'string' ? line : JSON.stringify(line), at * 1000)
      return { heard: next.heard, presses: presses + (next.pressed ? 1 : 0) }
    },
    { heard: NOTHING_HEARD, presses: 0 },
  )

describe('a line from a device', () => {
  it.each<[unknown, string]>([
    [{ from: 'scale', kg: 18.9, still: true }, 'read'],
    [{ from: 'pedal', press: 3 }, 'read'],
    [{ from: 'cabinet', warmthC: 31, moisturePercent: 60 }, 'read'],
    [{ from: 'meter', levelDba: 92 }, 'read'],
    ['%%', 'The line cannot be read.'],
    ['x'.repeat(500), 'The line is too long.'],
    [{ from: 'kettle', warmthC: 99 }, 'No device of this name is known.'],
    [{ from: 'scale', kg: 900, still: true }, 'The weight must be 0.1 to 120.'],
    [{ from: 'scale', kg: 'heavy', still: true }, 'The weight is no number.'],
    [{ from: 'cabinet', warmthC: 400, moisturePercent: 60 }, 'The warmth must be -20 to 90.'],
    [{ from: 'pedal' }, 'The press has no number.'],
  ])('%j: %s', (line, words) => expect(said(line)).toBe(words))
  it('is never a fault, whatever it is', () =>
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (line) => {
        const { heard } = hear(NOTHING_HEARD, line, 0)
        expect(heard.faults + Object.keys(heard.last).length).toBe(1)
      }),
    ))
})

describe('what was heard', () => {
  it('keeps the last word of each, and what could not be read beside it', () => {
    const { heard } = heardAll({ from: 'meter', levelDba: 70 }, '%%', { from: 'meter', levelDba: 92 })
    expect(heard).toEqual({
      last: { meter: { reading: { from: 'meter', levelDba: 92 }, atMs: 2000 } },
      fault: 'The line cannot be read.',
      faults: 1,
    })
  })
  it('a press that comes twice is one step', () => {
    const press = (no: number) => ({ from: 'pedal', press: no })
    expect(heardAll(press(1), press(1), press(2), '%%', press(2)).presses).toBe(2)
  })
  it('a device that always speaks and is silent has lost its line; a scale just has no dog on it', () => {
    expect([isSilent('cabinet', 0, SILENT_MS), isSilent('cabinet', 0, SILENT_MS + 1)]).toEqual([false, true])
    expect(isSilent('scale', 0, 1e9)).toBe(false)
  })
})

describe('what a reading says', () => {
  it.each<[Reading, string, RegExp | null]>([
    [{ from: 'scale', kg: 18.94, still: false }, '18.9 kg, still moving', null],
    [{ from: 'cabinet', warmthC: 31.4, moisturePercent: 60 }, '31 °C, 60 % moist', null],
    [{ from: 'cabinet', warmthC: 38, moisturePercent: 60 }, '38 °C, 60 % moist', /open it and look at the dog now/],
    [{ from: 'meter', levelDba: 80 }, '80 dB(A)', null],
    // NIOSH Publication 98-126: 95 dB(A) for 47.6 min, 88 for four hours.
    [{ from: 'meter', levelDba: 95 }, '95 dB(A)', /for 48 min a day/],
    [{ from: 'meter', levelDba: 88 }, '88 dB(A)', /for 4 h 0 min a day/],
  ])('%j', (reading, words, caution) => {
    const told = readingWords(reading)
    expect(told.words).toBe(words)
    if (caution === null) expect(told.caution).toBeNull()
    else expect(told.caution).toMatch(caution)
  })
})

describe('a script', () => {
  it('is sent in the order of its seconds', () =>
    expect(readScript('2 %%\n\n0.5 {"from":"pedal","press":1}')).toEqual({
      ok: true,
      value: [
        { atS: 0.5, line: '{"from":"pedal","press":1}' },
        { atS: 2, line: '%%' },
      ],
    }))
  it('says which of its lines cannot be read', () =>
    expect(readScript('0 %%\nnow %%')).toMatchObject({
      ok: false,
      problems: [{ sentence: 'Line 2: begin with the seconds, then what is sent.' }],
    }))
})
