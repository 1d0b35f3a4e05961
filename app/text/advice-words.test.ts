import { describe, expect, it } from 'vitest'
import { courseOf, type DialWay, LEVERS, type Presented } from '#core/course'
import { CADENCE_TABLE } from '#core/knowledge'
import type { AdviceReason } from '#core/rotation'
import { countedDown } from '../../tests/presented'
import { places } from '../composables/useOrderMoves'
import { adviceInWords, colourWord, TRAIT_WORDS, turnInWords } from './advice-words'
import { CADENCES_OF, cadenceInWords, courseInWords, duration, wayInWords } from './course-words'
import { flipFieldLabel, flipValue } from './flip-words'

const plain = (text: string) => text.replace(/\u00A0/g, ' ')
/** Nothing that a program says by mistake. */
const SLIPS = /undefined|null|NaN|Infinity|\{|\[object/

describe('the adviser in words', () => {
  it.each<[AdviceReason, RegExp]>([
    [{ rule: 'area', values: { minutes: 7 } }, /stay 7 min/],
    [{ rule: 'thin', values: { minutes: 4 } }, /4 min .* prove nothing/],
    [{ rule: 'works', values: { contacts: 3 } }, /3 so far/],
    [{ rule: 'works', values: { contacts: 0 } }, /^Nothing in the box promises/],
    [{ rule: 'untried', values: { trait: 'size' } }, /Another size/],
    [{ rule: 'review', values: { minutes: 120 } }, /120 min/],
    [{ rule: 'conditioned', values: { contacts: 4, minutes: 25 } }, /4 came, then 25 min/],
    [{ rule: 'clean-up', values: {} }, /clean up/],
    [{ rule: 'belief', values: { percent: 62, trait: 'depth' } }, /62\s% likely that depth/],
    [{ rule: 'two-changes', values: { traits: 'size and colour' } }, /changes size and colour/],
    [{ rule: 'place', values: { minutes: 60, setups: 3 } }, /60 min and 3 different/],
    [{ rule: 'nothing-left', values: {} }, /change the place/],
  ])('%j', (reason, words) => {
    const sentence = adviceInWords(reason)
    expect(sentence).toMatch(words)
    expect(sentence).toMatch(/\.$/)
    expect(sentence).not.toMatch(SLIPS)
  })
  it('what turns is ahead, now, or over', () => {
    expect(turnInWords({ turn: 'sun-up', inMin: 12 } as never)).toBe('The sun rises in 12 min.')
    expect(turnInWords({ turn: 'tide', inMin: 0 } as never)).toBe('The tide turns (by your note) now.')
    expect(turnInWords({ turn: 'sun-down', inMin: -5 } as never)).toBe('The sun set 5 min ago.')
  })
  it('traits and colours have their words; an unknown colour keeps its own', () => {
    expect(Object.values(TRAIT_WORDS)).toEqual(['colour', 'size', 'depth', 'speed', 'action'])
    expect([colourWord('hot'), colourWord('mauve')]).toEqual(['hot', 'mauve'])
  })
})

describe('places in an order', () => {
  const fits = [
    { lureId: 'a', score: 0.9 },
    { lureId: 'b', score: 0.8 },
    { lureId: 'c', score: 0.7 },
  ]
  it('up, down, new; and none before the first change', () => {
    expect(places(fits, ['b', 'a', 'x']).map(p => [p.lureId, p.place, p.moved])).toEqual([
      ['a', 1, 1],
      ['b', 2, -1],
      ['c', 3, null],
    ])
    expect(places(fits, []).map(p => p.moved)).toEqual([0, 0, 0])
  })
})

describe('courses in words', () => {
  const presented: Presented = { ...countedDown, bait: { ...countedDown.bait, fallMs: 0.5 } }
  const share = { ofTime: 0.42, seconds: 17 } as Parameters<typeof courseInWords>[2]
  it('say how it begins, how deep, how long and how much of it is among the fish, in either system', () => {
    const course = courseOf(presented)
    const metric = plain(courseInWords(course, presented, share, 'metric'))
    expect(metric).toMatch(/^Cast 25(\.0)? m, falls 4 s to 2(\.0)? m, deepest /)
    expect(metric).toContain('42 % of the time (17 s) is among the fish')
    expect(plain(courseInWords(course, presented, share, 'imperial'))).toMatch(/ft.*ft/)
    expect(courseInWords(course, { ...presented, mode: 'troll' }, share, 'metric')).toMatch(/^Behind the boat/)
    expect(courseInWords(course, { ...presented, control: 'vertical' }, share, 'metric')).toMatch(
      /^Let down under the rod/,
    )
    expect(courseInWords({ ...course, bow: 0.6 }, presented, share, 'metric')).toMatch(/a tenth shallower/)
    expect([duration(42), duration(125)]).toEqual(['42 s', '2 min 5 s'])
  })
  it('every cadence can be told for every way that offers it, with all its figures filled in', () => {
    for (const [control, cadences] of Object.entries(CADENCES_OF)) {
      for (const cadence of cadences) {
        for (const [turns, system] of [
          [1.4, 'metric'],
          [null, 'imperial'],
        ] as const) {
          const text = cadenceInWords(
            {
              ...presented,
              control: control as Presented['control'],
              cadence,
              pauseS: CADENCE_TABLE[cadence].pauseS?.[1] ?? null,
            },
            turns,
            system,
          )
          expect(text, `${control} ${cadence}`).not.toMatch(SLIPS)
        }
      }
    }
    // 0.6 m/s on a reel that takes a turn and a half for a metre.
    expect(cadenceInWords(presented, 1.5, 'metric')).toContain('0.9 turns a second')
    expect(cadenceInWords(presented, null, 'metric')).toContain('a few turns')
  })
  it('every lever is an instruction, and says which way', () => {
    const way = (lever: DialWay['lever'], from: number, to: number): DialWay => ({
      lever,
      from,
      to,
      reachesM: 2,
      lureId: 'l1',
      outfitId: 'o1',
    })
    const told = (lever: DialWay['lever'], from: number, to: number) =>
      plain(wayInWords(way(lever, from, to), id => `<${id}>`, 'metric'))
    expect(told('tip', 1, 0.2)).toMatch(/^rod tip down to 0\.2/)
    expect(told('tip', 0.2, 1)).toMatch(/^rod tip up/)
    expect(told('count', 4, 6.2)).toBe('count 6 s instead of 4')
    expect(told('speed', 0.8, 0.5)).toMatch(/^slower: 0\.5/)
    expect(told('cast', 20, 30)).toBe('longer cast: 30 m')
    expect(told('weight', 7, 10)).toBe('10.0 g instead of 7.0 g')
    expect(told('lure', 1, 2)).toBe('<l1> instead')
    expect(told('line', 0.3, 0.2)).toMatch(/^on <o1>, 0\.2/)
    for (const lever of LEVERS) expect(told(lever, 1, 2)).not.toMatch(SLIPS)
  })
})

describe('what would change the order, in words', () => {
  it('figures carry their units, choices their words', () => {
    const known = { phase: 'summer' } as const
    expect(plain(flipValue({ field: 'temperatureC', to: 14 }, 'metric', known))).toBe('14.0 °C')
    expect(plain(flipValue({ field: 'temperatureC', to: 0 }, 'imperial', known))).toMatch(/^32(\.0)? °F$/)
    expect(plain(flipValue({ field: 'forageLengthMm', to: 90 }, 'metric', known))).toBe('90 mm')
    expect(plain(flipValue({ field: 'windMs', to: 5.13 }, 'metric', known))).toBe('5.1 m/s')
    expect(flipValue({ field: 'grouping', to: 'one-spot' }, 'metric', known)).toBe('one spot')
    expect(flipValue({ field: 'forage', to: 'bleak' }, 'metric', known)).toBe('bleak or roach')
    // A season that is worked out may already be mostly what it would have to be altogether.
    const flip = { field: 'phase', to: 'post-spawn' } as const
    expect(flipValue(flip, 'metric', known)).toBe('post spawn')
    expect(flipValue(flip, 'metric', { phase: null })).toBe('wholly post spawn')
    expect([flipFieldLabel('windMs'), flipFieldLabel('from'), flipFieldLabel('sky')]).toEqual([
      'wind',
      'you stand',
      'sky',
    ])
  })
})
