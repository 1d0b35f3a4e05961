import { describe, expect, it } from 'vitest'
import { askCurve } from '../charts/ask-curve'
import { fallBars } from '../charts/fall-rates'
import { axisRange, axisValue } from './axis-value'
import { forInput, localIso } from './dates'
import { capital, words } from './labels'
import { notesInWords } from './note-words'
import { percent, percentChange } from './percent'
import { testInWords } from './test-words'

const plain = (text: string) => text.replace(/\u00A0/g, ' ')

describe('axis figures', () => {
  it.each([
    ['depth', 1.5, 'metric', '1.5 m'],
    ['depth', 3.048, 'imperial', '10 ft'],
    ['length', 90, 'metric', '90 mm'],
    ['speed', 0.75, 'metric', '0.75 m/s'],
    ['vibration', 3.5, 'metric', '3.5 of 5'],
    ['snagGuard', 2, 'metric', '2.0 of 3'],
    ['sound', 2, 'metric', 'rattle'],
    ['naturalness', 0.9, 'metric', '90 %'],
  ] as const)('%s %d in %s', (axis, value, system, shown) => expect(plain(axisValue(axis, value, system))).toBe(shown))
  it('ranges share their unit', () => {
    expect(plain(axisRange('speed', 0.2, 0.9, 'metric'))).toBe('0.20–0.90 m/s')
    expect(axisRange('vibration', 2, 4.5, 'metric')).toBe('2.0–4.5 of 5')
    expect(axisRange('sound', 0, 2, 'metric')).toBe('silent to rattle')
    expect(plain(axisRange('hang', 0.4, 1, 'metric'))).toBe('40–100 %')
  })
  it('no line breaks between a figure and its percent', () => {
    expect(percent(0.078, 1)).toBe('7.8\u00A0%')
    expect([0.031, 0, -0.008].map(change => percentChange(change, 1))).toEqual([
      '+3.1\u00A0%',
      '+0.0\u00A0%',
      '−0.8\u00A0%',
    ])
  })
})

describe('moments', () => {
  it.each(['2026-01-01T00:10:00.000Z', '2026-07-01T23:59:00.000Z', '2026-03-29T01:30:00.000Z'])(
    '%s is the same moment by the wall clock here, with its offset',
    utc => {
      const local = localIso(utc)
      expect(local).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}[+-]\d\d:\d\d$/)
      expect(Date.parse(local)).toBe(Date.parse(utc))
      // The day and the hour are those of the wall clock (ECMAScript's own local getters).
      const here = new Date(utc)
      expect([Number(local.slice(8, 10)), Number(local.slice(11, 13)), Number(local.slice(14, 16))]).toEqual([
        here.getDate(),
        here.getHours(),
        here.getMinutes(),
      ])
      expect(forInput(utc)).toBe(local.slice(0, 16))
    },
  )
  it('no moment, no text', () => expect(forInput(null)).toBe(''))
})

describe('notes in words', () => {
  const names = { lure: (id: string) => id, place: (id: string) => id, units: 'metric' as const }
  const all = { hours: 3, casts: 40, contacts: 1, landed: 1, follows: 0 }
  it('three sentences; one is singular, fewer is told as fewer', () => {
    const [done, believed, settle] = notesInWords(
      {
        all,
        lures: 1,
        untried: [],
        believed: { cut: 'lure', value: 'Weir runner', times: { mean: 0.5, low: 0.25, high: 0.8 }, sure: 'leaning' },
        settle: { cut: 'lure', value: 'Weir runner', times: 3 },
      },
      names,
    )
    expect(done).toBe('3.0 h with 1 lure: 1 contact, 1 landed.')
    expect(believed).toBe(
      'Weir runner drew 2.0 times as few contacts an hour as the rest (90 %: 1.3 to 4.0): it leans that way, no more.',
    )
    expect(settle).toContain('only if one draws 3.0 times as much')
  })
  it('without anything to compare it says how comparing begins', () =>
    expect(
      notesInWords({ all, lures: 1, untried: [{ cut: 'depth', value: 1 }], believed: null, settle: null }, names).join(
        ' ',
      ),
    ).toMatch(/nothing but depth .* was tried.*Change one thing/s))
})

describe('tests in words', () => {
  const base = { id: 't', lureId: 'l' }
  it.each([
    [{ ...base, kind: 'weigh' as const, values: [12.4] }, '12.40 g, once'],
    [
      { ...base, kind: 'fall' as const, values: [4, 5, 6], rig: 'wacky' as const, depthM: 2 },
      '5.00 ± 0.58 s (3×) (wacky, over 2.0 m)',
    ],
    [{ ...base, kind: 'tear' as const, values: [null], rig: 'wacky' as const }, 'did not tear (wacky)'],
    [
      { ...base, kind: 'action' as const, values: [3, 2, 3], rig: 'wacky' as const, addedG: 1.8 },
      'amount 3, speed 2, consistency 3 (wacky, +1.8 g)',
    ],
  ])('%j', (test, expected) => expect(plain(testInWords(test, 'metric'))).toBe(expected))
  it('are told in the angler’s units', () => {
    expect(plain(testInWords({ ...base, kind: 'weigh', values: [10.63, 10.65], temperatureC: 20 }, 'imperial'))).toBe(
      '0.375 ± 0.0004 oz (2×) (68 °F)',
    )
    expect(plain(testInWords({ ...base, kind: 'swim', values: [0.2, 0.5, 1], rig: null }, 'imperial'))).toBe(
      'starts at 0.4 mph, best at 1.1 mph, rolls at 2.2 mph',
    )
    expect(
      plain(
        testInWords({ ...base, kind: 'fall', values: [4, 5, 6], rig: 'wacky', depthM: 2, addedG: 1.8 }, 'imperial'),
      ),
    ).toBe('5.00 ± 0.58 s (3×) (wacky, +1/16 oz, over 6.6 ft)')
  })
  it('ids become words', () =>
    expect([words('short-flat-jig'), capital('perch'), words(null)]).toEqual(['short flat jig', 'Perch', '']))
})

describe('small charts', () => {
  it('the ask’s curve marks its best inside the picture', () => {
    for (const axis of ['depth', 'speed', 'length', 'vibration'] as const) {
      const { fill, bestX } = askCurve({ axis, best: 2, low: 1, high: 3 }, 90, 24)
      expect(fill).not.toMatch(/NaN/)
      expect(bestX).toBeGreaterThanOrEqual(0)
      expect(bestX).toBeLessThanOrEqual(90)
    }
  })
  it('bars start at zero and are as long as their figures; whiskers straddle them', () => {
    const { bars } = fallBars(
      [
        { label: 'a', speedMs: 0.2, errorMs: 0.02, known: 'tested' },
        { label: 'b', speedMs: 0.4, errorMs: null, known: 'computed' },
      ],
      300,
      60,
    )
    expect(bars[1]!.width / bars[0]!.width).toBeCloseTo(2, 6)
    expect(bars[0]!.whisker![0]).toBeLessThan(bars[0]!.width)
    expect(bars[0]!.whisker![1]).toBeGreaterThan(bars[0]!.width)
    expect(bars[1]!.whisker).toBeNull()
  })
})
