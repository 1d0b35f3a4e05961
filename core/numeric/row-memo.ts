import { Remembered } from './remembered'

/**
 * Remembers what is decided by a row of numbers of one length. What was not asked for longest is forgotten.
 * Rows are told apart by their bits, so that 0 and −0 are two rows, and a NaN is itself.
 */
export class RowMemo<V> {
  private readonly kept: Remembered<number, { readonly row: readonly number[]; readonly value: V }>
  private readonly row: Float64Array
  private readonly bits: Int32Array

  constructor(most: number, length: number) {
    this.kept = new Remembered(most)
    this.row = new Float64Array(length)
    this.bits = new Int32Array(this.row.buffer)
  }

  /** The value of a row that `fill` writes; worked out where it is not known. */
  of(fill: (row: Float64Array) => void, workOut: () => V): V {
    const { row, kept } = this
    fill(row)
    const hash = this.hash()
    const found = kept.get(hash)
    if (found && same(found.row, row)) return found.value
    // Copied as a plain list: a typed one of this length takes longer to make than to fill.
    const mine: number[] = []
    for (let i = 0; i < row.length; i++) mine.push(row[i]!)
    const value = workOut()
    kept.set(hash, { row: mine, value })
    return value
  }

  /** FNV-1a over the words of the row (Fowler, Noll, Vo; from memory), as a signed word: those are the cheapest keys. */
  private hash(): number {
    let hash = 0x811c9dc5
    for (let i = 0; i < this.bits.length; i++) hash = Math.imul(hash ^ this.bits[i]!, 0x01000193)
    return hash | 0
  }
}

function same(a: readonly number[], b: Float64Array): boolean {
  for (let i = 0; i < a.length; i++) if (!Object.is(a[i], b[i])) return false
  return true
}
