import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import type { Finding } from '@/core/health'
import { Records } from './Records'
import { VetNote } from './VetNote'

const DAY = 86_400_000
const TODAY = Date.UTC(2027, 2, 2, 9)
const words = (html: string) => html.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' ')
const lump = (daysAgo: number, sizeMm: number | null, status: Finding['status']) => ({
  kind: 'lump' as const,
  zone: 'side' as const,
  side: 'left' as const,
  sizeMm,
  status,
  words: '',
  atMs: TODAY - daysAgo * DAY,
  by: 'Wren',
})
const graded = (daysAgo: number, grade: number) => ({ trigger: 'dryer' as const, grade, atMs: TODAY - daysAgo * DAY })

describe('what is kept in mind of a dog', () => {
  const show = (records: Partial<Parameters<typeof Records>[0]>) =>
    words(
      renderToStaticMarkup(<Records findings={[]} behaviour={[]} weights={[]} timeZone="Europe/London" {...records} />),
    )
  it('is nothing where nothing was noted', () => expect(show({})).toBe(''))
  it('names what is still there, with the last word on it', () => {
    expect(show({ findings: [lump(80, 6, 'new'), lump(40, 8, 'changed')] })).toContain(
      'Lump, left side, 8 mm changed, 21 Jan',
    )
    expect(show({ findings: [lump(80, 6, 'new'), lump(40, null, 'gone')] })).not.toContain('Lump')
  })
  it('tells a fear that grows from one that eases', () => {
    expect(show({ behaviour: [graded(80, 1), graded(40, 3)] })).toContain('dryer, 0 to 4 1, 3, worse')
    expect(show({ behaviour: [graded(80, 4), graded(40, 2)] })).toContain('4, 2, easing')
    expect(show({ behaviour: [graded(40, 2)] })).not.toMatch(/easing|worse/)
  })
  it('weighs over the visits', () =>
    expect(
      show({
        weights: [
          { atMs: TODAY, weightKg: 18.6 },
          { atMs: TODAY, weightKg: 19 },
        ],
      }),
    ).toContain('weight, kg 18.6, 19'))
})

describe('the note for the vet', () => {
  const note = (today: ReturnType<typeof lump>[]) =>
    renderToStaticMarkup(
      <VetNote
        visitId={5}
        dog={{ name: 'Nettle', build: 'square', coat: 'wire' }}
        facts="wire fox terrier, 8 kg"
        owner="Corin Brandreth"
        from="Tern Harbour salon"
        day="Tuesday 2 March"
        today={today}
        earlier={[lump(80, 6, 'new')]}
        timeZone="Europe/London"
      />,
    )
  it('gives place, sizes and days of every time it was seen, and who saw it', () => {
    const html = note([lump(0, 8, 'changed')])
    expect(words(html)).toContain('Lump, left side')
    expect(html.match(/<tr>/g)).toHaveLength(3)
    expect(words(html)).toMatch(/6 mm new .* 8 mm changed/)
    expect(words(html)).toContain('Corin Brandreth')
  })
  it('says that it is no diagnosis, and makes none', () => {
    expect(words(note([lump(0, 8, 'changed')]))).toContain('This is no diagnosis.')
    expect(words(note([lump(0, 8, 'changed')]))).not.toMatch(/tumou?r|cyst|benign/i)
  })
  it('says so when nothing was found', () => expect(words(note([]))).toContain('Nothing was found at this visit.'))
})
