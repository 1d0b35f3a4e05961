import { describe, expect, it } from 'vitest'
import { decodeText, looksBinary } from './decode-text'

const TEXT = 'Brünnling, ½ oz'
const utf16 = (mark: [number, number], swap: boolean) => {
  const bytes = Buffer.from(TEXT, 'utf16le')
  return new Uint8Array([...mark, ...(swap ? bytes.swap16() : bytes)])
}

describe('texts of any writing', () => {
  it.each([
    ['UTF-8', new TextEncoder().encode(TEXT), false],
    ['UTF-8', new Uint8Array([0xef, 0xbb, 0xbf, ...new TextEncoder().encode(TEXT)]), false],
    ['UTF-16', utf16([0xff, 0xfe], false), false],
    ['UTF-16', utf16([0xfe, 0xff], true), false],
    ['Windows-1252', new Uint8Array(Buffer.from(TEXT, 'latin1')), true],
  ])('%s', (encoding, bytes, isGuess) => expect(decodeText(bytes)).toEqual({ text: TEXT, encoding, isGuess }))
  it('knows what is no text', () => {
    expect(looksBinary(decodeText(new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0, 0])).text)).toBe(true)
    expect(looksBinary(TEXT)).toBe(false)
  })
})
