import { describe, expect, it } from 'vitest'
import type { Entry } from '#core/catalogue'
import { profileOf } from '#core/lure'
import type { Lure } from '#core/tackle'
import { useSorted } from './useSorted'

const entry = (id: string, part: Partial<Lure>, fit: number | null = null): Entry => ({
  profile: profileOf({ id, name: id, family: 'tube', ...part }, []),
  fit,
  lastUsed: null,
  hasPhoto: false,
})
const entries = [entry('b', { price: 3 }, 0.4), entry('a', { price: 3 }, null), entry('c', { price: null }, 0.9)]
const names = (sorted: readonly Entry[]) => sorted.map(e => e.profile.lure.id).join('')

describe('the order of the table', () => {
  it('best fit first, what cannot be fished last, whichever way round', () => {
    const { sorted, sortBy } = useSorted(entries)
    expect(names(sorted.value)).toBe('cba')
    sortBy('fit')
    expect(names(sorted.value)).toBe('bca')
  })
  it('names from A, equal figures by name, unknown ones last', () => {
    const { sorted, sortBy, rising } = useSorted(entries)
    sortBy('name')
    expect([names(sorted.value), rising.value]).toEqual(['abc', true])
    sortBy('price')
    expect(names(sorted.value)).toBe('abc')
    sortBy('price')
    expect(names(sorted.value)).toBe('abc')
  })
})
