import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { EMPTY_CALL, calledDog } from '@/core/intake'
import { dogOfFile } from '@/core/dog'
import { Case, makePlan } from '@/core/plan'
import { NumberField } from '../field/NumberField'
import { TextField } from '../field/TextField'
import { CalledFigure } from './CalledFigure'
import { Said } from './Said'
import { When } from './When'

const words = (html: string) =>
  html
    .replace(/<[^>]+>/g, ' ')
    .replace(/&#x27;/g, '’')
    .replace(/&quot;/g, '"')
    .replace(/\s+/g, ' ')
const nothing = () => {}
const TODAY = '2026-11-25'
const CALL = { ...EMPTY_CALL, dog: 'Puffin', breed: 'Shih tzu', words: 'short body', minds: { dryer: 3 } }
const called = calledDog(CALL, TODAY)
const plan = makePlan(
  Case.parse({
    kovit: 'case/1',
    date: TODAY,
    dog: called.file && dogOfFile(called.file, TODAY),
    coatNowMm: called.coatNowMm,
    request: called.request,
    setting: 'salon',
    slotMin: 120,
  }),
)
const STAFF = [{ id: 1, name: 'Wren', role: 'groomer', work: {} }]

describe('when it may come', () => {
  const when = (rest: object) =>
    words(
      renderToStaticMarkup(
        <When
          plan={plan}
          mind={[]}
          offered={[{ day: '2026-11-26', clock: '09:15', staffId: 1, why: 'first dog, quiet' }]}
          staff={STAFF}
          today={TODAY}
          chosen={{ kind: 'offered', at: 0 }}
          onChoose={nothing}
          fault={undefined}
          {...rest}
        />,
      ),
    )
  it('says the weekday, the hour, whose hands, and why', () =>
    expect(when({})).toContain('Thu 26 November 09:15 Wren first dog, quiet'))
  it('waits for a coat and a weight', () =>
    expect(when({ plan: null })).toBe(' It takes A coat and a weight give the minutes. '))
  it('says that nobody works here, or that nothing holds, instead of an empty list', () => {
    expect(when({ staff: [], offered: [] })).toContain('Nobody works here yet')
    expect(when({ offered: [] })).toContain('No time in the next six weeks holds it.')
  })
  it('says what the owner signs before, as of a dog with a bad heart', () =>
    expect(when({ plan: { ...plan, consents: ['old-or-ill'] } })).toContain(
      'To sign before the groom: old or ill dog.',
    ))
  it('says a fault where the time was chosen', () =>
    expect(when({ fault: 'The house is closed on Sun.' })).toContain('The house is closed on Sun.'))
})

describe('what is said', () => {
  const said = (call = CALL) =>
    words(
      renderToStaticMarkup(
        <Said call={call} set={nothing} called={calledDog(call, TODAY)} plan={plan} faultOf={() => undefined} />,
      ),
    )
  it('grades what the dog minds, and says that the coat is only usual', () => {
    expect(said()).toContain('dryer 3')
    expect(said()).toContain('Coat, as usual for the breed')
  })
  it('asks back what is not clear', () => expect(said()).toContain('Ask: "short body"'))
  it('offers the trims of the breed, and none where the breed is not known', () => {
    expect(said()).toContain('Trim')
    expect(said({ ...CALL, breed: 'street dog' })).not.toContain('Trim')
  })
})

describe('the figure', () => {
  const shown = (of: typeof called, planned: typeof plan | null) =>
    words(renderToStaticMarkup(<CalledFigure called={of} plan={planned} unit="mm" />))
  it('says what is usual, from where, and what is still missing', () => {
    expect(shown(called, plan)).toContain('flat, drop ears')
    expect(shown(called, plan)).toContain('Before the first bath: vaccination date, vet.')
    expect(shown(calledDog(EMPTY_CALL, TODAY), null)).toContain(
      'Missing before a plan: its name, its coat, its weight.',
    )
  })
})

describe('a field', () => {
  it('says what is wrong under itself, and a reader of the screen hears it', () => {
    const html = renderToStaticMarkup(<TextField label="Number" value="1" fault="Give a number." onChange={nothing} />)
    expect(html).toContain('aria-invalid="true"')
    expect(html).toContain('Give a number.')
  })
  it('shows what is usual where nobody said a figure', () =>
    expect(
      renderToStaticMarkup(<NumberField label="Weight" value={null} unit="kg" usual={5.8} onChange={nothing} />),
    ).toContain('placeholder="5.8"'))
})
