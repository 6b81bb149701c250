import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { makePlan, type Case } from '@/core/plan'
import { OwnerWords } from './OwnerWords'

const CASE: Case = {
  kovit: 'case/1',
  date: '2027-03-02',
  dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 12 },
  coatNowMm: { all: 40 },
  request: {},
  setting: 'salon',
  slotMin: 120,
}
const ok = async () => ({ ok: true as const, value: null })

function html(request: Case['request'], rest: Partial<Case> = {}, lastWords = ''): string {
  const case_ = { ...CASE, ...rest, request }
  return renderToStaticMarkup(
    <OwnerWords
      case_={case_}
      plan={makePlan(case_)}
      unit="mm"
      lastWords={lastWords}
      ask={() => undefined}
      change={() => null}
      keepRemark={ok}
      onLit={() => undefined}
    />,
  )
}
const words = (page: string) =>
  page
    .replace(/<[^>]+>/g, ' ')
    .replace(/&#x27;/g, '’')
    .replace(/\s+/g, ' ')

describe('the owner’s words on the plan', () => {
  it('are marked where they stand, each by what it was read as', () => {
    const page = html({ words: 'Hi Anna! 13 mm on the legs, bum short, he hates the dryer' })
    expect(page).toContain('<span data-kind="understood">13 mm on the legs</span>')
    expect(page).toContain('<span data-kind="question">bum short</span>')
    expect(page).toContain('<span data-kind="remark">he hates the dryer</span>')
    expect(page).toContain('<span data-kind="chatter">Hi Anna</span>')
  })
  it('are repeated by zone with what they mean', () =>
    expect(words(html({ words: 'leave the ears' }))).toContain('Ears: left as it is “leave the ears”'))
  it('that exclude each other are asked about, with both as buttons, each drawn', () => {
    const page = html({ words: 'legs 10 mm, legs 20 mm' })
    expect(words(page)).toContain('“legs 10 mm” and “legs 20 mm”'.replace(/[“”]/g, '&quot;'))
    expect(page.match(/<button[^>]*>.*?<\/button>/g)?.length).toBe(3)
    expect(page).toContain('aria-label="Quill, legs 10 mm"')
  })
  it('that lack a length can be given any', () => {
    expect(html({ words: 'legs short' })).toContain('aria-label="Length for “legs short”"')
    expect(html({ words: 'bum 13 mm' })).not.toContain('Length for')
  })
  it('once answered are taken as answered, and can be asked again', () => {
    const page = words(html({ words: 'legs 4', answers: [{ asked: 'legs 4', said: 'legs comb 4' }] }))
    expect(page).toContain('Legs: comb 4 on 30')
    expect(page).toContain('answered: legs comb 4 Ask again')
    expect(page).not.toContain('To ask back')
  })
  it('on temper and health are offered for the file, until they stand there', () => {
    const said = { words: 'he hates the dryer, mats in the armpits' }
    expect(words(html(said))).toContain('Minds dryer, grade 3 “he hates the dryer” Keep the grade')
    expect(words(html(said))).toContain('Note mats, grade 2')
    expect(words(html(said, { behaviour: { dryer: 3 } }))).toContain('In the file.')
  })
  it('of last time can be said again where nothing is said yet', () => {
    expect(words(html({}, {}, 'ears as they are'))).toContain('Last time: “ears as they are” Say it again')
    expect(html({ words: 'x' }, {}, 'ears as they are')).not.toContain('Say it again')
  })
  it('nothing said, nothing shown', () => {
    const page = words(html({}))
    for (const heading of ['Understood', 'To ask back', 'Not a wish', 'For the file'])
      expect(page).not.toContain(heading)
  })
})
