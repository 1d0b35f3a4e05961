import { describe, expect, it } from 'vitest'
import { MOST_OPEN, takeLine } from './stream'

describe('lines held open', () => {
  it('are so many and no more; one given back is free again, once', () => {
    const lines = Array.from({ length: MOST_OPEN }, () => takeLine()!)
    expect(lines.every(l => l !== null)).toBe(true)
    expect(takeLine()).toBeNull()
    lines[0]!()
    lines[0]!()
    const again = takeLine()
    expect(again).not.toBeNull()
    expect(takeLine()).toBeNull()
    for (const giveBack of [...lines, again!]) giveBack()
    expect(takeLine()).not.toBeNull()
  })
})
