import { describe, expect, it } from 'vitest'
import { attribute, ATTRIBUTES, parseQuery } from '#core/catalogue'
import { attributeText, NOTHING } from './attribute-value'
import { termInWords } from './term-words'

const plain = (text: string) => text.replace(/\u00A0/g, ' ')

describe('attributes in words', () => {
  it.each([
    ['weight', 14.2, 'metric', '14.2 g'],
    ['weight', 14.17, 'imperial', '1/2 oz'],
    ['family', 'stick-worm', 'metric', 'soft stick'],
    ['fluorescent', true, 'metric', 'yes'],
    ['vibration', 3.5, 'metric', '3.5'],
    ['pieces', 4, 'metric', '4'],
    ['buoyancy', 'sinks-slowly', 'metric', 'sinks slowly'],
    ['notes', '', 'metric', NOTHING],
  ] as const)('%s %s in %s', (id, value, system, shown) =>
    expect(plain(attributeText(attribute(id)!, value, system))).toBe(shown),
  )
  it('a date is told in words, with its year and without a stamp', () => {
    expect(attributeText(attribute('used')!, '2026-05-06T06:40:00Z', 'metric')).toMatch(/^(?=.*May)(?=.*2026)[^T:]*$/)
  })
  it('nothing known is a dash in every column', () =>
    expect(new Set(ATTRIBUTES.map(a => attributeText(a, null, 'metric')))).toEqual(new Set([NOTHING])))
})

describe('a search in words', () => {
  it.each([
    ['14g', 'weight about 14.0 g'],
    ['<90mm', 'length up to 90 mm'],
    ['over 2 m', 'runs at from 2.0 m'],
    ['10-20 g', 'weight 10.0 g to 20.0 g'],
    ['-jig', 'not kind: skirted jig, hair jig or 2 more'],
    ['sound:rattle', 'sound rattle'],
    ['thump>=4', 'thump >= 4'],
    ['popper', 'style popper'],
    ['trailer', 'used as trailer'],
    ['green', 'green in its colours'],
    ['4/0', 'hook 4/0'],
    ['river', '“river” somewhere'],
    ['gold', 'gold metal'],
  ])('%s: %s', (text, words) =>
    expect(parseQuery(text).map(term => plain(termInWords(term, 'metric')))).toEqual([words]),
  )
})
