import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { Plan } from '@/core/plan'
import { commandOn } from './run'

const CASE = JSON.parse(readFileSync('tests/cases/quill.json', 'utf8'))

const run = commandOn('scripts/plan.ts')

describe('npm run -s plan', () => {
  it('prints a plan with every key, and exits 0', () => {
    const { status, stdout } = run(CASE)
    expect(status).toBe(0)
    expect(Plan.parse(JSON.parse(stdout)).growing).toMatchObject([])
    expect(Object.keys(JSON.parse(stdout))).toEqual(Object.keys(Plan.shape))
  })
  it('prints the same twice', () => expect(run(CASE).stdout).toBe(run(CASE).stdout))
  it('names every problem by its field on a line of its own, prints nothing else, and exits 2', () => {
    const bad = {
      ...CASE,
      date: '2027-02-30',
      mats: { armpit: 5 },
      coatNowMm: { all: 301, elbow: 3 },
      request: { pattern: 'lion', tools: { all: { comb: '3' } } },
      extra: 1,
    }
    const { status, stdout, lines } = run(bad)
    expect(status).toBe(2)
    expect(stdout).toBe('')
    expect(lines).toEqual(
      expect.arrayContaining([
        'date: This date does not exist. Write it as year-month-day, such as 2027-03-02.',
        'coatNowMm.all: A length cannot be above 300 mm.',
        'coatNowMm.elbow: This key is not known here.',
        'mats.armpit: Mats must be 0 to 4.',
        'extra: This key is not known here.',
      ]),
    )
    expect(lines.some((line) => line.startsWith('request.pattern: This must be one of: one-length, '))).toBe(true)
  })
  it('refuses what is no JSON', () =>
    expect(run('{ "kovit": ')).toMatchObject({ status: 2, stdout: '', lines: ['file: This is not JSON.'] }))
  it('refuses what is no case', () => expect(run([]).lines).toEqual(['case: This must be an object.']))
})
