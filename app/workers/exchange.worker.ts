import * as Comlink from 'comlink'
import { nanoid } from 'nanoid'
import {
  belowHeading,
  type CsvTable,
  guessMapping,
  isTable,
  listOfLines,
  lureRows,
  otherRows,
  parseFile,
  parseJson,
  planFile,
  planLures,
  planOther,
  readCsv,
  wordsOf,
  writeCsv,
} from '#core/files'
import type { UnitSystem } from '#core/units'
import { inWords } from '#speech'
import { decodeText, looksBinary } from './decode-text'
import type { ExchangeApi } from './exchange.protocol'
import { saving } from './saving'

const SAMPLE = 5
const ID_LENGTH = 10
let table: CsvTable | null = null

const api: ExchangeApi = {
  open(name, bytes, system, existing) {
    const { text, encoding, isGuess } = decodeText(bytes)
    const trouble = (message: string, path = name) => ({ kind: 'trouble', issues: [{ path, message }] }) as const
    if (bytes.length === 0) return trouble('the file is empty')
    if (looksBinary(text)) return trouble('this is neither a table nor an Ygrion file')
    if (/^\uFEFF?\s*[{[]/.test(text)) {
      const json = parseJson(text)
      if (!json.ok) return { kind: 'trouble', issues: inWords(json.issues) }
      const file = parseFile(json.value)
      return file.ok
        ? { kind: 'ygrion', file: file.value, plan: planFile(existing, file.value), mended: inWords(file.mended ?? []) }
        : { kind: 'trouble', issues: inWords(file.issues) }
    }
    table = tableOf(text, system)
    if (table.rows.length === 0) return trouble('there is a heading at most, and no rows')
    return {
      kind: 'table',
      header: table.header,
      sample: table.rows.slice(0, SAMPLE),
      count: table.rows.length,
      blank: table.blank,
      above: table.above,
      delimiter: table.delimiter,
      encoding,
      isGuess,
      mapping: guessMapping(table, system),
    }
  },
  plan({ mapping, corrections, mended, mergeBy, existing, system }, progress) {
    if (!table) return { planned: [], others: [], words: [] }
    const asked = { corrections, mended, system }
    const newId = () => nanoid(ID_LENGTH)
    const { others, rest } = otherRows(table, mapping, asked)
    const planned = planLures(existing.lures, lureRows(rest, mapping, asked), { mergeBy, newId, progress })
    return {
      planned: planned.map(row => ({ ...row, issues: inWords(row.issues, system), notes: inWords(row.notes, system) })),
      others: planOther(existing, others, newId).map(row => ({
        ...row,
        issues: inWords(row.issues, system),
        notes: inWords(row.notes, system),
      })),
      words: wordsOf(rest, mapping, corrections),
    }
  },
  cells(line) {
    return table?.rows[table.lines.indexOf(line)] ?? []
  },
  asTable(lines) {
    const { header = [], rows = [], lines: at = [] } = table ?? {}
    return writeCsv([
      [...header, 'why'],
      ...lines.map(({ line, why }) => [...header.map((_, c) => rows[at.indexOf(line)]?.[c] ?? ''), why]),
    ])
  },
}

function tableOf(text: string, system: UnitSystem): CsvTable {
  const read = belowHeading(readCsv(text))
  return isTable(read, system) ? read : listOfLines(text)
}

Comlink.expose({ ...api, ...saving })
