import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import type { Work } from '@/core/people'
import { Outbox } from '../day/Outbox'
import { Listed } from './Listed'
import { People } from './People'

const words = (html: string) =>
  html
    .replace(/<[^>]+>/g, ' ')
    .replace(/&#x27;/g, '’')
    .replace(/&amp;/g, '&')
    .replace(/\s+/g, ' ')
const nothing = () => {}

describe('people', () => {
  const told = (work: Work, minutes = 0) =>
    words(
      renderToStaticMarkup(
        <People
          staff={[
            {
              id: 1,
              name: 'Wren',
              owner: false,
              hasPassphrase: false,
              hasPin: false,
              role: 'groomer',
              work,
              leftOn: null,
              version: 1,
            },
          ]}
          dryer={[{ name: 'Wren', minutes }]}
          onAdd={nothing}
          onChange={nothing}
          onLeave={nothing}
        />,
      ),
    )
  const day = { from: '08:30', to: '17:00' }
  it('days of the same hours are told together', () =>
    expect(told({ skills: ['clip'], hours: { Mon: day, Wed: day, Sat: { from: '09:00', to: '12:00' } } })).toContain(
      'clip. Mon Wed 08:30 to 17:00; Sat 09:00 to 12:00.',
    ))
  it('nothing said is any time', () => expect(told({})).toContain('Any time.'))
  it('the blower’s minutes stand as a share of the day’s noise, by the published limit', () => {
    // NIOSH 98-126: 8 / 2^((95 − 85) / 3) hours, 47.6 min, at 95 dB(A).
    expect(told({}, 47.6)).toContain('100 % of the day’s noise')
    expect(told({})).toContain('0 min at the blower')
  })
})

describe('a list of the house', () => {
  it('says what it is for as long as it is empty', () =>
    expect(
      words(
        renderToStaticMarkup(
          <Listed right="house" title="Stations" empty="None yet." items={[]} wordsOf={() => ''} onRetire={nothing}>
            {null}
          </Listed>,
        ),
      ),
    ).toContain('None yet.'))
})

describe('the outbox', () => {
  it('says that nobody sends it, and who it is for; without a message there is none', () => {
    const message = {
      key: '1',
      dog: 'Quill',
      owner: 'Hedda Marsh',
      phone: '+44 0000',
      words: 'Quill & co will be late.',
      clock: '13:40',
    }
    const html = renderToStaticMarkup(<Outbox messages={[message]} />)
    expect(words(html)).toContain('No message service is connected: send these yourself.')
    expect(html).toContain('body=Quill%20%26%20co%20will%20be%20late.')
    expect(renderToStaticMarkup(<Outbox messages={[{ ...message, phone: null }]} />)).not.toContain('sms:')
    expect(renderToStaticMarkup(<Outbox messages={[]} />)).toBe('')
  })
})
