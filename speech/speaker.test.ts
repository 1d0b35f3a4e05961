import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser'
import { describe, expect, it } from 'vitest'
import { message, type Message, type MessageCode, MESSAGES } from '#core/message'
import { quantity } from '#core/units'
import english from './en.json'
import { inWords, type Language, speakerIn } from './speaker'

/** Names of all the values that a text asks for, at any depth. */
function namesIn(elements: readonly MessageFormatElement[]): string[] {
  return elements.flatMap(element => {
    switch (element.type) {
      case TYPE.literal:
      case TYPE.pound:
        return []
      case TYPE.select:
      case TYPE.plural:
        return [element.value, ...Object.values(element.options).flatMap(option => namesIn(option.value))]
      case TYPE.tag:
        return namesIn(element.children)
      default:
        return [element.value]
    }
  })
}

describe('a language', () => {
  it('has words for every code, and for no other', () =>
    expect(Object.keys(english).sort()).toEqual(Object.keys(MESSAGES).sort()))
  it('asks in each text for exactly the values that the message brings', () => {
    for (const [code, text] of Object.entries(english)) {
      const asked = [...new Set(namesIn(parse(text, { ignoreTag: true })))].sort()
      expect(asked, code).toEqual([...MESSAGES[code as MessageCode]].sort())
    }
  })
  it('is one file: another one says the same messages', () => {
    const german = { ...english, 'match.none-left': 'keiner mehr im Kasten' } satisfies Language
    expect(speakerIn('metric', german, 'de').say(message('match.none-left'))).toBe('keiner mehr im Kasten')
    expect(inWords(message('match.none-left'))).toBe('none left in the box')
  })
})

describe('the speaker', () => {
  const depth = message('match.cannot-reach', {
    needed: quantity('depth', 8),
    deepest: quantity('depth', 2.1),
    how: message('match.on-your-lines'),
  })
  it('tells a quantity in the listener’s own units', () => {
    // The contract's example (§5), and the same in feet: 8 m are 26.2, 2.1 m are 6.9.
    expect(inWords(depth).replaceAll('\u00A0', ' ')).toBe('cannot reach 8.0 m: deepest 2.1 m on any of your lines')
    expect(inWords(depth, 'imperial').replaceAll('\u00A0', ' ')).toMatch(/^cannot reach 26 ft: deepest (7|6\.9) ft/)
  })
  it('counts one and many', () => {
    const rods = (count: number) => inWords(message('pack.rods-over', { count, limit: 1 }))
    expect(rods(1)).toBe('1 rod, the limit is 1')
    expect(rods(2)).toBe('2 rods, the limit is 1')
    const landed = (others: number) => inWords(message('log.landed', { landed: 3, others, hours: 5 }))
    expect(landed(0)).toBe('3 landed in 5 h')
    expect(landed(1)).toBe('3 landed and 1 other contact in 5 h')
    expect(landed(4)).toBe('3 landed and 4 other contacts in 5 h')
  })
  it('tells messages wherever they stand, and leaves everything else as it was', () => {
    const day = new Date(0)
    const data = { a: [message('next.draws')], b: { code: 'none-left', n: 1 }, day, empty: null, text: 'as it is' }
    const told = inWords(data)
    expect(told).toEqual({ ...data, a: ['It draws fish: stay with it.'] })
    expect(told.b).toBe(data.b)
    expect(told.day).toBe(day)
  })
  it('keeps what users wrote as they wrote it: braces, tags and apostrophes are no syntax', () => {
    for (const typed of ['{depth}', "it's <b>", "'{'", '#', '{', '<script>'])
      expect(inWords(message('units.not-a', { typed, dimension: 'weight' }))).toBe(`“${typed}” is not a weight`)
  })
  it('joins what stands in a row', () =>
    expect(inWords(message('bench.needs', { fields: { joined: ['a', message('next.as-it-is'), 3] } }))).toBe(
      'needs a, as it is, 3',
    ))
  it('a code without words is a fault of ours, and loud', () =>
    expect(() => inWords({ code: 'no.such-code', values: {} } as unknown as Message)).toThrow(RangeError))
})
