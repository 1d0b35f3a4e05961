import * as Comlink from 'comlink'
import { nanoid } from 'nanoid'
import { type CsvTable, guessMapping, lureRows, parseFile, parseJson, planFile, planLures, readCsv } from '#core/files'
import { decodeText, looksBinary } from './decode-text'
import type { ExchangeApi } from './exchange.protocol'

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
      if (!json.ok) return { kind: 'trouble', issues: json.issues }
      const file = parseFile(json.value)
      return file.ok ? { kind: 'ygrion', file: file.value, plan: planFile(existing, file.value) } : { kind: 'trouble', issues: file.issues }
    }
    table = readCsv(text)
    if (table.rows.length === 0) return trouble('there is a heading at most, and no rows')
    return { kind: 'table', header: table.header, sample: table.rows.slice(0, SAMPLE), count: table.rows.length, delimiter: table.delimiter, encoding, isGuess, mapping: guessMapping(table, system) }
  },
  plan(mapping, mergeBy, existing, progress) {
    if (!table) return []
    return planLures(existing, lureRows(table, mapping), { mergeBy, newId: () => nanoid(ID_LENGTH), progress })
  },
}

Comlink.expose(api)
