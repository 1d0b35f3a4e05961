import { boxOf, type CsvTable, guessMapping, lureRows, otherRows, parseFile, planLures, planOther } from '#core/files'
import type { Box, Outfit } from '#core/tackle'
import type { UnitSystem } from '#core/units'

/** What the import would store of a sheet or a list, and how many rows it refuses; a lure goes by its name, without the packet. `outfits`: rods of elsewhere. */
export function storedFrom(table: CsvTable, system: UnitSystem, outfits: readonly Outfit[] = []): { readonly box: Box, readonly refused: number } {
  let made = 0
  const newId = () => `new-${made++}`
  const mapping = guessMapping(table, system)
  const { others, rest } = otherRows(table, mapping, { system })
  const lures = planLures([], lureRows(rest, mapping, { system }), { mergeBy: 'name', newId })
  const more = planOther({ parts: [], outfits: [] }, others, newId)
  const file = parseFile({
    format: 'ygrion', version: 1,
    lures: lures.flatMap(({ lure }) => (lure ? [{ ...lure, id: lure.name.replace(/ x\d+$/, '') }] : [])),
    parts: more.flatMap(({ list, row }) => (list === 'parts' && row ? [row] : [])),
    outfits: [...outfits, ...more.flatMap(({ list, row }) => (list === 'outfits' && row ? [row] : []))],
  })
  if (!file.ok) throw new Error(file.issues[0]!.path)
  return { box: boxOf(file.value), refused: [...lures.map(({ lure }) => lure), ...more.map(({ row }) => row)].filter(row => row === null).length }
}
