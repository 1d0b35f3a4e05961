import { readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { helpFor, PAGE_HELP, TRADE_WORDS } from './help'
import { GO_KEYS } from './shortcuts'

const pages = readdirSync('app/pages')
  .filter(name => name.endsWith('.vue'))
  .map(name => name.replace('.vue', '').replace('index', ''))

describe('the help', () => {
  it('has something for every page and nothing for others', () =>
    expect(Object.keys(PAGE_HELP).sort()).toEqual(pages.sort()))
  it.each(pages)('of /%s says what it answers, how it is used, and new words once each', page => {
    const { answers, use, words } = PAGE_HELP[page]!
    expect(answers).toMatch(/^[A-Z].+\.$/)
    expect(use.length).toBeGreaterThan(0)
    for (const line of use) expect(line).toMatch(/\.$/)
    expect(new Set(words).size).toBe(words.length)
  })
  it('of a view is that of its page', () =>
    expect([helpFor('/box/trays'), helpFor('/logbook/trip/t1'), helpFor('/')]).toEqual([
      PAGE_HELP.box,
      PAGE_HELP.logbook,
      PAGE_HELP[''],
    ]))
  it('explains no word that stands nowhere', () => {
    const used = new Set<string>(Object.values(PAGE_HELP).flatMap(p => p.words))
    expect(Object.keys(TRADE_WORDS).filter(word => !used.has(word))).toEqual([])
  })
  it.each(Object.entries(TRADE_WORDS))(
    'explains “%s” in a sentence or three, and not by itself alone',
    (word, meaning) => {
      expect(meaning).toMatch(/^[A-Z].+\.$/)
      expect(meaning.split(/\.\s/).length).toBeLessThanOrEqual(3)
      expect(meaning.toLowerCase().startsWith(`${word} `)).toBe(false)
    },
  )
  it('every page has a key of its own', () =>
    expect(
      Object.values(GO_KEYS)
        .map(k => k.to.slice(1))
        .sort(),
    ).toEqual(pages.sort()))
})
