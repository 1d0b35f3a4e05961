import { describe, expect, it } from 'vitest'
import { CUT_IDS, CUTS } from '#core/logbook'
import { turnInWords } from './advice-words'
import { classInWords } from './class-words'
import { CUT_WORDS, hoursFigure, monthName, rateFigure, rateInWords, valueInWords } from './log-words'
import { placeWord, WISH_WORDS } from './pack-words'
import { GO_KEYS } from './shortcuts'

const plain = (text: string) => text.replace(/\u00A0/g, ' ')

const names = { lure: (id: string) => `lure ${id}`, place: (id: string) => `water ${id}`, units: 'metric' as const }

describe('the words of the logbook', () => {
  it('name every cut and every value that is known beforehand, in either system of units', () => {
    for (const id of CUT_IDS) {
      expect(CUT_WORDS[id].length).toBeGreaterThan(2)
      for (const value of CUTS[id].all ?? []) {
        for (const units of ['metric', 'imperial'] as const) {
          const text = valueInWords(id, value, { ...names, units })
          expect(text).toMatch(/\S/)
          expect(text).not.toMatch(/undefined|NaN|Infinity/)
        }
      }
    }
  })
  it('say what an angler would say', () => {
    expect(plain(valueInWords('lure', 'l1', names))).toBe('lure l1')
    expect(plain(valueInWords('size', 0, names))).toBe('to 55 mm')
    expect(plain(valueInWords('depth', 5, names))).toBe('over 8.0 m')
    expect(plain(valueInWords('temperature', 3, names))).toBe('12.0–16.0 °C')
    expect(plain(valueInWords('month', 11, names))).toBe('Dec')
    expect(plain(valueInWords('species', 'perch', names))).toBe('Perch')
    expect(monthName(12)).toBe('')
  })
  it('classes: from, between and over, with their unit once', () => {
    expect(plain(classInWords('depth', [0, 0.4], 'metric'))).toBe('to 0.4 m')
    expect(plain(classInWords('length', [80, 110], 'metric'))).toBe('80–110 mm')
    expect(plain(classInWords('depth', [8, Infinity], 'imperial'))).toMatch(/^over \d+(\.\d)? ft$/)
  })
  it('figures keep two or three places', () => {
    expect([0.123, 1.26, 12.6].map(rateFigure)).toEqual(['0.12', '1.3', '13'])
    expect([1.04, 12.6].map(hoursFigure)).toEqual(['1.0', '13'])
    expect(rateInWords({ mean: 1.2, low: 0.71, high: 1.94 }, '100 casts')).toBe('1.2 per 100 casts (0.71 to 1.9)')
  })
})

describe('turns, wishes and keys', () => {
  it('a turn ahead, now and over', () => {
    expect(turnInWords({ turn: 'sun-up', inMin: 12 })).toBe('The sun rises in 12 min.')
    expect(turnInWords({ turn: 'tide', inMin: 0 })).toMatch(/now\.$/)
    expect(turnInWords({ turn: 'sun-down', inMin: -5 })).toBe('The sun set 5 min ago.')
  })
  it('wishes and places have words; keys lead to different pages', () => {
    expect(Object.values(WISH_WORDS).every(w => w.length > 5)).toBe(true)
    expect([0, 1, 2, 3].map(placeWord)).toEqual(['first', 'second', 'third', '4th'])
    expect(new Set(Object.values(GO_KEYS).map(k => k.to)).size).toBe(Object.keys(GO_KEYS).length)
  })
})
