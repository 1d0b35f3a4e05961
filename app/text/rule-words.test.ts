import { describe, expect, it } from 'vitest'
import { RULES } from '#core/knowledge'
import { effectInWords, whenInWords } from './rule-words'

const plain = (text: string) => text.replace(/\u00A0/g, ' ')

const told = (system: 'metric' | 'imperial') =>
  RULES.flatMap(rule => [whenInWords(rule, system), ...rule.effects.map(effect => effectInWords(effect, system))])

describe('a rule in words', () => {
  it('shows no name of a field, in no rule of the handbook', () => {
    for (const words of [...told('metric'), ...told('imperial')]) {
      expect(words).not.toMatch(/[a-z][A-Z]|undefined|NaN|\[object/)
      expect(words).not.toMatch(/ {2}/)
    }
  })
  it('in one system it shows no unit of the other', () => {
    for (const words of told('imperial')) expect(words).not.toMatch(/[0-9]\s?(mm|cm|m|g|m\/s|°C)\b/)
    for (const words of told('metric')) expect(words).not.toMatch(/[0-9]\s?(in|ft|oz|mph|ft\/s|°F)\b/)
  })
  it('names lengths and differences of temperature as quantities', () => {
    const rule = { when: [{ feature: 'belowRangeC', zeroAt: 0, oneAt: 5 }] } as const
    expect(plain(whenInWords(rule, 'metric'))).toBe('colder than its range by over 0, fully from 5 °C')
    expect(plain(whenInWords(rule, 'imperial'))).toBe('colder than its range by over 0, fully from 9 °F')
    const effect = { axis: 'tactic', lift: 1, favours: { lengthMm: [120, 400] } } as const
    expect(plain(effectInWords(effect as never, 'metric'))).toContain('length 120–400 mm')
    expect(effectInWords(effect as never, 'imperial')).toMatch(/length 4.*–15.*in/)
  })
})
