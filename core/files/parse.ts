import * as z from 'zod'
import type { OwnRules } from '#core/ask'
import { type Message, message, type MessageCode, MESSAGES, type Said } from '#core/message'
import { recordOf } from '#core/numeric'
import type { PackList } from '#core/pack'
import type { Reading } from '#core/reading'
import { type Schools, SCHOOLS } from '#core/rule'
import type { Assembly, BenchTest, Box, Lure, Outfit, Part, Trip, UserRule } from '#core/tackle'
import { type Mended, withOwnIds } from './own-ids'
import {
  assemblySchema,
  caseSchema,
  fileSchema,
  FORMAT,
  lureSchema,
  notedSchema,
  outfitSchema,
  packSchema,
  partSchema,
  type Place,
  placeSchema,
  readingSchema,
  ruleSchema,
  testSchema,
  tripSchema,
  VERSION,
  type YgrionFile,
} from './schemas'

/** What is wrong with the user's data, and where; put in words, `T` is `string`. */
export interface Issue<T = Message> {
  readonly path: string
  readonly message: T
}
export type Outcome<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: readonly Issue[] }

/** Reads JSON text; a damaged text is an issue at its place, never an exception. */
export function parseJson(text: string): Outcome<unknown> {
  try {
    return { ok: true, value: JSON.parse(text.replace(/^\uFEFF/, '')) as unknown }
  } catch (error) {
    return { ok: false, issues: [{ path: '', message: message('file.not-json', { why: (error as Error).message }) }] }
  }
}

/** A file that was read; `mended`: ids that stood twice inside a trip and have become others. */
export type ReadFile = Outcome<YgrionFile> & { readonly mended?: readonly Mended[] }

/** Checks a whole Ygrion file: shape, values, and that no id stands twice in a list. Inside a trip, doubles get ids of their own: no tap is lost, and none is taken for another. */
export function parseFile(data: unknown): ReadFile {
  const header = headerIssue(data)
  if (header) return { ok: false, issues: [header] }
  const outcome = check(fileSchema, data)
  if (!outcome.ok) return outcome
  const doubles = LISTS.flatMap(list => doubleIds(list, outcome.value[list] ?? []))
  if (doubles.length > 0) return { ok: false, issues: doubles }
  const { trips, mended } = withOwnIds((outcome.value.trips ?? []) as Trip[])
  return mended.length > 0
    ? { ok: true, value: { ...outcome.value, trips: trips as YgrionFile['trips'] }, mended }
    : outcome
}

export function parseReading(data: unknown): Outcome<Reading> {
  return check(readingSchema, data) as Outcome<Reading>
}

export function parseLure(data: unknown): Outcome<Lure> {
  return check(lureSchema, data) as Outcome<Lure>
}

export function parseOutfit(data: unknown): Outcome<Outfit> {
  return check(outfitSchema, data) as Outcome<Outfit>
}

export function parsePart(data: unknown): Outcome<Part> {
  return check(partSchema, data) as Outcome<Part>
}

export function parsePlace(data: unknown): Outcome<Place> {
  return check(placeSchema, data)
}

export function parseRule(data: unknown): Outcome<UserRule> {
  return check(ruleSchema, data)
}

export function parseAssembly(data: unknown): Outcome<Assembly> {
  return check(assemblySchema, data) as Outcome<Assembly>
}

export function parseTrip(data: unknown): Outcome<Trip> {
  return check(tripSchema, data) as Outcome<Trip>
}

export function parsePack(data: unknown): Outcome<PackList> {
  return check(packSchema, data) as Outcome<PackList>
}

export function parseTest(data: unknown): Outcome<BenchTest> {
  return check(testSchema, data) as Outcome<BenchTest>
}

/** `key=value,key=value`, or the same as an object. */
export function parseSchools(data: unknown): Outcome<Partial<Schools>> {
  const entries =
    typeof data === 'string'
      ? data
          .split(',')
          .map(pair => pair.trim())
          .filter(Boolean)
          .map((pair): [string, string] => {
            const [key = '', value = ''] = pair.split('=')
            return [key.trim(), value.trim()]
          })
      : Object.entries((data ?? {}) as Record<string, string>)
  const issues: Issue[] = []
  for (const [key, value] of entries) {
    const known = (SCHOOLS as Record<string, readonly string[]>)[key]
    if (!known)
      issues.push({
        path: `schools.${key}`,
        message: message('file.no-school', { known: { joined: Object.keys(SCHOOLS) } }),
      })
    else if (!known.includes(value))
      issues.push({
        path: `schools.${key}`,
        message: message('field.one-of', { values: { joined: known }, got: show(value) }),
      })
  }
  return issues.length > 0
    ? { ok: false, issues }
    : { ok: true, value: Object.fromEntries(entries) as Partial<Schools> }
}

/** One of many readings for one box: with schools of its own, and only some outfits at hand where they are named. */
export interface Case {
  readonly reading: Reading
  readonly schools: Partial<Schools>
  readonly outfits: readonly Outfit[]
}

export function parseCase(data: unknown, { outfits }: Pick<Box, 'outfits'>): Outcome<Case> {
  const given = check(caseSchema, data)
  if (!given.ok) return given
  const reading = check(readingSchema, given.value.reading)
  if (!reading.ok)
    return { ok: false, issues: reading.issues.map(({ path, message }) => ({ path: `reading.${path}`, message })) }
  const schools = parseSchools(given.value.schools)
  if (!schools.ok) return schools
  const named = given.value.outfits
  const unknown = named?.findIndex(id => !outfits.some(o => o.id === id)) ?? -1
  if (unknown >= 0)
    return {
      ok: false,
      issues: [{ path: `outfits[${unknown}]`, message: message('file.no-outfit', { id: named![unknown]! }) }],
    }
  return {
    ok: true,
    value: {
      reading: reading.value as Reading,
      schools: schools.value,
      outfits: named ? outfits.filter(o => named.includes(o.id)) : outfits,
    },
  }
}

/** What the judgement needs of a file. */
export function boxOf(file: YgrionFile): Box {
  return {
    lures: file.lures ?? [],
    parts: file.parts ?? [],
    outfits: file.outfits ?? [],
    tests: file.tests ?? [],
    trips: file.trips ?? [],
  }
}

/** The angler's own rules and the places they belong to. */
export function ownOf(file: YgrionFile): OwnRules {
  return { rules: file.rules ?? [], places: file.places ?? [] }
}

export const LISTS = [
  'lures',
  'parts',
  'outfits',
  'places',
  'tests',
  'trips',
  'rules',
  'assemblies',
  'readings',
  'packs',
] as const
export type ListName = (typeof LISTS)[number]
/** Lists that the contract does not know. */
const OUR_LISTS: readonly ListName[] = ['assemblies', 'readings', 'packs']

const ROWS: Record<ListName, z.ZodType> = {
  lures: lureSchema,
  parts: partSchema,
  outfits: outfitSchema,
  places: placeSchema,
  tests: testSchema,
  trips: tripSchema,
  rules: ruleSchema,
  assemblies: assemblySchema,
  readings: notedSchema,
  packs: packSchema,
}

/** A row of any list, as files are read. */
export function parseRow(list: ListName, data: unknown): Outcome<unknown> {
  return check(ROWS[list], data)
}

/** How many of each; lists beyond the contract's are counted only when the file has them. */
export function countsOf(file: YgrionFile): Partial<Record<ListName, number>> {
  const counted = LISTS.filter(list => !OUR_LISTS.includes(list) || file[list])
  return recordOf(counted, list => file[list]?.length ?? 0)
}

function headerIssue(data: unknown): Issue | null {
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    return { path: '', message: message('file.no-object') }
  const { format, version } = data as { format?: unknown; version?: unknown }
  if (format !== FORMAT)
    return { path: 'format', message: message('file.format', { format: FORMAT, got: show(format) }) }
  if (typeof version === 'number' && version > VERSION)
    return { path: 'version', message: message('file.newer', { version, reads: VERSION }) }
  return null
}

/** Checks data of the user's against a schema; every issue names the field and the value. */
export function check<T>(schema: z.ZodType<T>, data: unknown): Outcome<T> {
  const result = schema.safeParse(data, { reportInput: true })
  return result.success ? { ok: true, value: result.data } : { ok: false, issues: result.error.issues.map(issueOf) }
}

/** `['lures', 0, 'weightG']` → `lures[0].weightG`. */
function pathText(path: readonly PropertyKey[]): string {
  return path.map((key, i) => (typeof key === 'number' ? `[${key}]` : `${i === 0 ? '' : '.'}${String(key)}`)).join('')
}

function issueOf(issue: z.core.$ZodIssue): Issue {
  return { path: pathText(issue.path), message: messageOf(issue) }
}

function messageOf(issue: z.core.$ZodIssue): Message {
  const got = show(issue.input)
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined
        ? message('field.required')
        : message('field.type', { expected: issue.expected, got })
    case 'invalid_value':
      return issue.values.length > 1
        ? message('field.one-of', { values: { joined: issue.values.map(String) }, got })
        : message('field.only', { value: String(issue.values[0]), got })
    case 'too_small':
      return issue.origin === 'string'
        ? message('field.empty')
        : message('field.at-least', { least: String(issue.minimum), got })
    case 'too_big':
      return issue.origin === 'string'
        ? message('field.too-long', { most: String(issue.maximum) })
        : message('field.at-most', { most: String(issue.maximum), got })
    default:
      return message('field.own', { why: ownMessage(issue.message), got })
  }
}

/** What a schema of ours says by its code; anything else is the checking package’s own text. */
function ownMessage(text: string): Said {
  return text in MESSAGES ? { code: text as MessageCode, values: {} } : text
}

const SHOWN_CHARACTERS = 60

function show(value: unknown): string {
  const text = typeof value === 'string' ? `"${value}"` : (JSON.stringify(value) ?? String(value))
  return text.length > SHOWN_CHARACTERS ? `${text.slice(0, SHOWN_CHARACTERS)}…` : text
}

function doubleIds(list: ListName, rows: readonly { id: string }[]): Issue[] {
  const seen = new Set<string>()
  return rows.flatMap(({ id }, i) => {
    if (seen.has(id)) return [{ path: `${list}[${i}].id`, message: message('file.twice', { list, id }) }]
    seen.add(id)
    return []
  })
}
