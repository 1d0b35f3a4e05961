import { describe, expect, it } from 'vitest'
import { ACTION_TABLE } from '#core/knowledge'
import { sketches } from '#core/tell'
import { ACTION_STYLES, BLADE_SHAPES, CADENCES, FAMILIES, RIGS } from '#core/terms'
import { ACTION_SIZE, actionMarks } from '~/charts/action'
import { points } from '~/charts/silhouette/silhouette'
import { bookOf, lookedUp } from './book'
import { TRADE_WORDS } from './help'

const told = Object.fromEntries(Object.entries(sketches('imperial').cadences).map(([id, sketch]) => [id, sketch.told]))
const book = bookOf('imperial', told)
const names = (text: string) => lookedUp(book, text).flatMap(c => c.entries.map(e => e.name))

describe('the little book', () => {
  it('has every kind, rig, blade, action, cadence and word once', () => {
    const ids = book.flatMap(c => c.entries.map(e => e.id))
    expect(new Set(ids).size).toBe(ids.length)
    expect(ids.length).toBe(
      [FAMILIES, RIGS, BLADE_SHAPES, ACTION_STYLES, CADENCES, Object.keys(TRADE_WORDS)].reduce(
        (n, l) => n + l.length,
        0,
      ),
    )
  })
  it('tells each in words, none with a raw id, a gap or a figure in the other units', () => {
    for (const { name, lines } of book.flatMap(c => c.entries)) {
      expect(lines.length, name).toBeGreaterThan(0)
      const text = [name, ...lines].join(' ')
      expect(text).not.toMatch(/undefined|NaN|[{}]|\b[a-z]+-[a-z]+-[a-z]+-[a-z]+\b|\d\s(mm|cm|m|g|m\/s)\b/)
    }
  })
  it('is looked up by what an entry is called, by what is told of it, and by what else it goes by', () => {
    expect(names('willow')).toContain('Willow')
    expect(names('drop shot weedless')[0]).toBe('Drop shot weedless')
    expect(names('wobble')[0]).toBe('Wobble')
    expect(names('inline')).toContain('Inline spinner')
    expect(names('bright')).not.toContain('Walk')
    expect(names('right')).not.toContain('Bright')
    expect(names('no such thing at all')).toEqual([])
    expect(lookedUp(book, '  ')).toBe(book)
  })
})

describe('actions as they are drawn', () => {
  it.each(ACTION_STYLES)('%s: stays inside its picture', style => {
    const { way, bodies } = actionMarks(ACTION_TABLE[style])
    for (const [x, y] of points(way)) {
      expect(x >= 0 && x <= ACTION_SIZE.width).toBe(true)
      expect(y >= 0 && y <= ACTION_SIZE.height).toBe(true)
    }
    expect(bodies.length).toBeGreaterThan(0)
  })
  it('what falls goes down, what swims goes across; a wide one is wider than a narrow one', () => {
    const reach = (style: keyof typeof ACTION_TABLE, axis: 0 | 1) => {
      const at = points(actionMarks(ACTION_TABLE[style]).way).map(p => p[axis])
      return Math.max(...at) - Math.min(...at)
    }
    expect(reach('wobble', 0)).toBeGreaterThan(2 * reach('wobble', 1))
    expect(reach('shimmy', 1)).toBeGreaterThan(2 * reach('shimmy', 0))
    expect(reach('wobble', 1)).toBeGreaterThan(2 * reach('tight-wobble', 1))
    expect(reach('none', 1)).toBe(0)
  })
})
