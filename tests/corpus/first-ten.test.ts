import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { listOfLines, parseReading } from '#core/files'
import type { Reading } from '#core/reading'
import { match, type RankingOut } from '#core/tell'
import type { UnitSystem } from '#core/units'
import { inWords } from '#speech'
import { holds, type Statement } from './corpus'
import { storedFrom } from './own/stored'

/**
 * The first ten lures of an angler, jotted down line by line with his one rod, or seven bare names without any; what good anglers would tie on of them
 * (common practice, no source; written before the program was asked).
 */
interface FirstTen {
  readonly boxes: Readonly<Record<string, { readonly system: UnitSystem, readonly lines: readonly string[] }>>
  readonly days: readonly { readonly id: string, readonly box: string, readonly reading: Reading, readonly says: readonly Statement[] }[]
}
const { boxes, days } = JSON.parse(readFileSync(join(import.meta.dirname, 'own/first-ten.json'), 'utf8')) as FirstTen
const stored = new Map(Object.entries(boxes).map(([name, { system, lines }]) => [name, storedFrom(listOfLines(lines.join('\n')), system)]))

describe('the first ten lures', () => {
  it('every line becomes a lure, a head or a rod', () => {
    for (const [name, { lines }] of Object.entries(boxes)) {
      const { box, refused } = stored.get(name)!
      expect(refused, name).toBe(0)
      expect(box.lures.length + box.parts.length + box.outfits.length, name).toBe(lines.length)
    }
  })

  it.each(days)('$id', ({ box, reading, says }) => {
    const outcome = parseReading(reading)
    if (!outcome.ok) throw new Error(outcome.issues[0]!.path)
    const answer: RankingOut = inWords(match(stored.get(box)!.box, outcome.value, { top: 20 }))
    for (const statement of says.filter(({ disputed }) => !disputed))
      expect(holds(statement, answer, new Map()), `${JSON.stringify(statement)}: ${answer.setups.map(s => s.lureId).join(', ')}`).toBe(true)
  })
})
