import { describe, expect, it } from 'vitest'
import { CONSENTS, consentTitle, consentWords } from '.'

describe('what an owner signs', () => {
  it.each(CONSENTS)('%s names the dog and says what may happen', (id) => {
    expect(consentTitle(id)).toMatch(/^[A-Z]/)
    const words = consentWords(id, 'Bramble')
    expect(words).toContain('Bramble')
    expect(words).not.toContain('{')
    expect(words.length).toBeGreaterThan(120)
  })
})
