import { describe, expect, it } from 'vitest'
import { eatingBesides, mostlyEating } from './prey'

const minnow = { kind: 'minnow', lengthMm: 60 } as const
const shrimp = { kind: 'shrimp', lengthMm: 40 } as const

describe('what they eat', () => {
  it('another length of what they mostly eat loses nothing that they eat besides', () =>
    expect(mostlyEating([minnow, shrimp], { kind: 'minnow', lengthMm: 90 })).toEqual([
      { kind: 'minnow', lengthMm: 90 },
      shrimp,
    ]))
  it('what they ate besides is not named twice when it is what they mostly eat', () =>
    expect(mostlyEating([minnow, shrimp], { kind: 'shrimp' })).toEqual([{ kind: 'shrimp' }]))
  it('of nothing seen yet it is all that is known', () => expect(mostlyEating(null, minnow)).toEqual([minnow]))
  it('kinds are added and taken away, and lengths that were noted stay', () => {
    expect(eatingBesides([minnow, shrimp], ['shrimp', 'worm'])).toEqual([minnow, shrimp, { kind: 'worm' }])
    expect(eatingBesides([minnow, shrimp], [])).toEqual([minnow])
    expect(eatingBesides([minnow], ['minnow'])).toEqual([minnow])
  })
})
