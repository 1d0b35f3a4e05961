import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { beforeAll, describe, expect, it } from 'vitest'
import { rackedAs, readOutfitLabel } from '#core/catalogue'
import { parseReading, readCsv } from '#core/files'
import type { Reading } from '#core/reading'
import type { Box } from '#core/tackle'
import { match, type RankingOut } from '#core/tell'
import type { UnitSystem } from '#core/units'
import { inWords } from '#speech'
import { holds, type Statement } from './corpus'
import { storedFrom } from './own/stored'

/**
 * An angler's own tackle, end to end: three made-up sheets with little more than kinds, weights and colours, rods as their labels read, and what good anglers would tie on
 * of them (common practice, no source; written before the program was asked).
 */
const read = (file: string) => readFileSync(join(import.meta.dirname, 'own', file), 'utf8')
const SYSTEM: Record<string, UnitSystem> = { boat: 'imperial', bank: 'metric', coast: 'imperial' }
interface Day { readonly id: string, readonly box: string, readonly reading: Reading, readonly says: readonly Statement[] }
const days = JSON.parse(read('situations.json')) as readonly Day[]
const rods = JSON.parse(read('rods.json')) as Record<string, readonly string[]>

/** Lures and rods as the import and the rack would store them. */
function tackle(name: string): { readonly box: Box, readonly refused: number, readonly left: readonly string[] } {
  const system = SYSTEM[name]!
  const labels = rods[name]!.map(label => readOutfitLabel(label, system))
  const racked = labels.map((label, i) => rackedAs(label, `o${i + 1}`, `${i + 1}`))
  return { ...storedFrom(readCsv(read(`${name}.csv`)), system, racked), left: labels.map(({ left }) => left) }
}

describe('tackle out of a sheet', () => {
  const known = new Map(Object.keys(SYSTEM).map(name => [name, tackle(name)]))
  const answers = new Map<string, RankingOut>()
  beforeAll(() => {
    for (const { id, box, reading } of days) {
      const outcome = parseReading(reading)
      if (!outcome.ok) throw new Error(`${id}: ${outcome.issues[0]!.path}`)
      answers.set(id, inWords(match(known.get(box)!.box, outcome.value, { top: 60 })))
    }
  }, 120_000)

  it('every line becomes a lure and every label a rod', () => {
    for (const [name, { refused, left }] of known) {
      expect(refused, name).toBe(0)
      expect(left.join(''), name).toBe('')
    }
  })

  it('what is tied on of it is what good anglers would in nine of ten statements', () => {
    let held = 0
    let all = 0
    for (const { id, says } of days)
      for (const statement of says) {
        all += statement.weight ?? 1
        if (holds(statement, answers.get(id)!, answers)) held += statement.weight ?? 1
      }
    expect(held / all).toBeGreaterThanOrEqual(0.9)
  })
})
