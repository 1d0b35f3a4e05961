import CRC32 from 'crc-32'

/**
 * A seeded generator of uniform numbers in [0, 1), so that everything invented can be made again.
 *
 * Source: the 32-bit mixer "mulberry32", public domain; period 2³². Good enough for demo data, not for secrets.
 */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** A generator for each name under one seed: what one name draws changes nothing for another. */
export function randomOf(name: string, seed: number): () => number {
  return seededRandom(seed ^ CRC32.str(name))
}

/** A standard normal from two uniform numbers in [0, 1) (Box & Muller 1958). */
export function normalSample(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
}

/** A list in an order of chance, every order as likely (Fisher & Yates, as Durstenfeld 1964 has it). */
export function shuffled<T>(list: readonly T[], random: () => number): T[] {
  const order = [...list]
  for (let i = order.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1))
    ;[order[i], order[j]] = [order[j]!, order[i]!]
  }
  return order
}
