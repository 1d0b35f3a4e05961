import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'

const core = join(import.meta.dirname, '../../core')

/** Tables whose rows bring their own text, and words that are read or name a class: no sentence that is said. */
const OWN_TEXT: Readonly<Record<string, string>> = {
  'bench/guide.ts': 'rows: how each test is done',
  'bench/worth-testing.ts': 'rows: what is worth testing',
  'calc/about.ts': 'rows: what each calculator is',
  'catalogue/attributes.ts': 'rows: names of what a lure is sorted by',
  'catalogue/query.ts': 'patterns by which a search is read',
  'files/csv-columns.ts': 'headings as they are read',
  'files/csv-table.ts': 'heading of a list in words',
  'files/csv-trips.ts': 'headings of the table of trips',
  'files/diary.ts': 'headings of the table of trips',
  'files/same-types.ts': 'types, for the compiler alone',
  'light/sky-over.ts': 'classes of light',
  'lure/traits.ts': 'classes of action',
  'pack/tomorrow.ts': 'rows: moments of a day, and its likely changes',
  'reading/usual-waters.ts': 'rows: usual waters',
  'rotation/fair-test.ts': 'verdicts of a pair',
  'rule/axes.ts': 'rows: the axes of the ask',
  'sources/assumptions.ts': 'rows: what is assumed',
  'sources/citations.ts': 'rows: what is cited',
}
const WORDS = /[a-z]{2,} [a-z]{2,}/i
/** A figure with a unit behind it. */
const UNIT_AFTER = /^ ?(g|kg|m|mm|cm|s|%|°|m\/s|h|min)\b/

/** Sentences and units that a file puts together itself; what is thrown is for programmers. */
function saidIn(text: string): string[] {
  const found: string[] = []
  const walk = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isThrowStatement(node)) return
    if (ts.isStringLiteralLike(node) && WORDS.test(node.text)) found.push(node.text)
    if (ts.isTemplateExpression(node)) {
      const whole = node.head.text + node.templateSpans.map(s => `{}${s.literal.text}`).join('')
      if (WORDS.test(whole) || node.templateSpans.some(s => UNIT_AFTER.test(s.literal.text))) found.push(whole)
    }
    ts.forEachChild(node, walk)
  }
  walk(ts.createSourceFile('core.ts', text, ts.ScriptTarget.Latest, true))
  return found
}

describe('what core/ says', () => {
  const files = readdirSync(core, { recursive: true, withFileTypes: true })
    .filter(f => f.isFile() && f.name.endsWith('.ts') && !f.name.endsWith('.test.ts'))
    .map(f => relative(core, join(f.parentPath, f.name)))
    .filter(path => !path.startsWith('knowledge/') && !path.includes('/tried-'))
  it('is a message or the text of a row: no sentence and no unit stands in the code', () => {
    for (const path of files)
      if (!(path in OWN_TEXT)) expect(saidIn(readFileSync(join(core, path), 'utf8')), path).toEqual([])
  })
  it('no file is excused that says nothing', () => {
    for (const path of Object.keys(OWN_TEXT))
      expect(saidIn(readFileSync(join(core, path), 'utf8')).length, path).toBeGreaterThan(0)
  })
  it('the guard sees a sentence and a unit', () => {
    expect(saidIn('export const s = `cannot reach ${1}`')).toHaveLength(1)
    expect(saidIn('export const s = `${1} m`')).toHaveLength(1)
    expect(saidIn("export const s = 'none left'")).toHaveLength(1)
    expect(saidIn("throw new RangeError('must be positive')")).toEqual([])
  })
})
