/**
 * Remembers values by key, no more than so many. In two generations: when the younger is half of what is remembered, the older is forgotten,
 * and what of it was asked for meanwhile lives on. Nothing is searched for the oldest, however many come and go.
 */
export class Remembered<K, V> {
  private young = new Map<K, V>()
  private old = new Map<K, V>()

  constructor(private readonly most: number) {}

  get(key: K): V | undefined {
    const found = this.young.get(key)
    if (found !== undefined) return found
    const kept = this.old.get(key)
    if (kept !== undefined) this.set(key, kept)
    return kept
  }

  set(key: K, value: V): void {
    if (this.young.size >= this.most / 2) {
      this.old = this.young
      this.young = new Map()
    }
    this.young.set(key, value)
  }
}
