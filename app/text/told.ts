import type { Told } from '#core/message'
import type { UnitSystem } from '#core/units'

/** Messages in words, where they are seldom needed: the words come only when something is to be said. */
export async function told<T>(data: T, system: UnitSystem = 'metric'): Promise<Told<T>> {
  const { inWords } = await import('#speech')
  return inWords(data, system)
}
