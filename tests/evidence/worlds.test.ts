import { describe, expect, it } from 'vitest'
import { tryWorld, WORLDS } from './worlds'

const world = (name: string) =>
  tryWorld(
    WORLDS.find(w => w.name === name)!,
    300,
  )

describe('pooled rates in worlds of known truth', () => {
  it('hold the truth nine times in ten in the world they are made for', () => {
    const { held } = world('as the model has it')
    expect(held).toBeGreaterThan(0.86)
    expect(held).toBeLessThan(0.95)
  })
  it('hold at least 88 in 100 where 90 are said, in every world: schools, good and bad days, changed after a blank hour', () => {
    for (const { name } of WORLDS) expect(world(name).held, name).toBeGreaterThanOrEqual(0.88)
  })
  it('are nearer to the truth than plain counting, the more so where the lure does not matter', () => {
    for (const name of ['as the model has it', 'all alike', 'favourites']) {
      const { pooledError, rawError } = world(name)
      expect(pooledError, name).toBeLessThan(rawError)
    }
    const alike = world('all alike')
    expect(alike.pooledError).toBeLessThan(0.6 * alike.rawError)
  })
  it('the same seed gives the same figures', () => expect(world('schools')).toEqual(world('schools')))
})
