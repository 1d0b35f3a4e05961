import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { group } from 'd3'
import * as z from 'zod'
import { fileSchema } from '#core/files'
import { ADVICE, RULES } from '#core/knowledge'
import { isPush } from '#core/rule'
import { ASSUMPTIONS, CITATIONS, sourceText } from '#core/sources'
import { TRADE_WORDS } from '../app/text/help'

/** A comment that says “assumed”, and the name of what it stands over. */
const MARKED =
  /\/\*\*\s*((?:(?!\*\/)[\s\S])*?\bassumed\b(?:(?!\*\/)[\s\S])*?)\s*\*\/\s*(?:export )?(?:const|function) (\w+)/gi

/** Documents made from the code, by file name; a test keeps them current. */
export const GENERATED: Record<string, string> = {
  'ygrion-file.schema.json': `${JSON.stringify(z.toJSONSchema(fileSchema, { unrepresentable: 'any' }), null, 1)}\n`,
  'sources.md': sources(),
  'rules.md': rules(),
  'glossary.md': glossary(),
  'assumptions.md': assumptions(),
  'licences.md': licences(),
}

function sources(): string {
  return [
    '# Sources',
    '',
    'Made from `core/sources` by `npm run docs`.',
    '',
    '## Published',
    '',
    '| id | source | how its figures reached us |',
    '|---|---|---|',
    ...Object.entries(CITATIONS).map(([id, { text, held }]) => `| \`${id}\` | ${text} | ${held} |`),
    '',
    '## Assumed',
    '',
    '| id | what was assumed |',
    '|---|---|',
    ...Object.entries(ASSUMPTIONS).map(([id, text]) => `| ${id} | ${text} |`),
    '',
    'Rules of thumb of the trade are marked “common practice, no source” where they stand.',
    '',
  ].join('\n')
}

function schoolOf({ school }: { readonly school?: object }): string {
  return Object.entries(school ?? {})
    .map(([key, value]) => `${key} = ${value}`)
    .join(', ')
}

function keys(of: object): string {
  return Object.entries(of)
    .map(([key, value]) => `${key} ${String(value).replaceAll(',', ', ')}`)
    .join('; ')
}

function rules(): string {
  const subjects = group(RULES, ({ id }) => id.split('.')[0]!)
  const shapes = (rule: (typeof RULES)[number]) =>
    rule.effects
      .map(effect =>
        isPush(effect)
          ? `${effect.axis}: ${'favours' in effect ? '' : 'not '}${keys('favours' in effect ? effect.favours : effect.against) || 'worked out'}${effect.within ? ` (among ${effect.within.join(', ')})` : ''}`
          : effect.axis,
      )
      .join('<br>')
  return [
    '# The rules',
    '',
    `Made from \`core/knowledge/rules\` and \`core/knowledge/advice\` by \`npm run docs\`: ${RULES.length} rows that shape a score, ${ADVICE.length} that are told beside a set-up.`,
    '',
    ...[...subjects].flatMap(([subject, rows]) => [
      `## ${subject}`,
      '',
      '| rule | sentence | shapes | weight | school | source |',
      '|---|---|---|---|---|---|',
      ...rows.map(
        rule =>
          `| \`${rule.id}\` | ${rule.text} | ${shapes(rule)} | ${rule.weight} | ${schoolOf(rule)} | ${sourceText(rule.source)} |`,
      ),
      '',
    ]),
    '## Told beside a set-up',
    '',
    'No axis can carry these; they never enter a score.',
    '',
    '| row | about | sentence | of | school | source |',
    '|---|---|---|---|---|---|',
    ...ADVICE.map(
      row =>
        `| \`${row.id}\` | ${row.about} | ${row.text} | ${keys(row.of) || 'any'} | ${schoolOf(row)} | ${sourceText(row.source)} |`,
    ),
    '',
  ].join('\n')
}

function glossary(): string {
  return [
    '# Glossary',
    '',
    'Made from `app/text/help.ts` by `npm run docs`: the words that the pages use, one meaning each.',
    '',
    ...Object.entries(TRADE_WORDS).map(([word, meaning]) => `- **${word}**: ${meaning}`),
    '',
  ].join('\n')
}

/** Every constant of the core that is marked as assumed where it stands. */
function assumptions(): string {
  const core = join(import.meta.dirname, '../core')
  const files = readdirSync(core, { recursive: true, withFileTypes: true })
    .filter(e => e.isFile() && e.name.endsWith('.ts') && !e.name.endsWith('.test.ts'))
    .map(e => join(e.parentPath, e.name))
    .sort()
  const rows = files.flatMap(file => {
    const found = [...readFileSync(file, 'utf8').matchAll(MARKED)].map(
      ([, comment, name]) =>
        `| \`${name}\` | ${comment!
          .replace(/\s*\n\s*\*\s*/g, ' ')
          .replaceAll('|', '\\|')
          .trim()} |`,
    )
    return found.length > 0
      ? [`## ${relative(core, file)}`, '', '| name | what is assumed |', '|---|---|', ...found, '']
      : []
  })
  return [
    '# What the code assumes',
    '',
    'Made from the code’s own marks by `npm run docs`: every constant of `core/` over which stands that it is assumed. Those that several places share are in [sources](sources.md) as A1, A2 ….',
    '',
    ...rows,
  ].join('\n')
}

/** What of an installed package is read here. */
interface Installed {
  readonly version: string
  readonly license?: string
  readonly dev?: boolean
}

/** Packages that state their licence elsewhere than in the lock file, as their own manifest has it. */
function statedIn(path: string): string {
  const manifest = JSON.parse(readFileSync(new URL(`../${path}/package.json`, import.meta.url), 'utf8')) as {
    licenses?: { readonly type: string }[]
  }
  return manifest.licenses?.map(l => l.type).join(' OR ') ?? 'not stated'
}

/** The licences of everything that the app is built from; what only tests and tools use is left out. */
function licences(): string {
  const root = new URL('../', import.meta.url)
  const read = <T>(name: string) => JSON.parse(readFileSync(new URL(name, root), 'utf8')) as T
  const { packages } = read<{ packages: Record<string, Installed> }>('package-lock.json')
  const { dependencies } = read<{ dependencies: Record<string, string> }>('package.json')
  const licenceOf = (path: string) => packages[path]!.license ?? statedIn(path)
  const used = Object.keys(packages).filter(path => path !== '' && !packages[path]!.dev)
  return [
    '# Licences',
    '',
    'Made from `package-lock.json` by `npm run docs`; a test refuses licences that are not among these (tests/architecture/licences.test.ts). Ygrion itself: MIT.',
    '',
    '## What the app names',
    '',
    '| package | version | licence |',
    '|---|---|---|',
    ...Object.keys(dependencies).map(
      name => `| ${name} | ${packages[`node_modules/${name}`]!.version} | ${licenceOf(`node_modules/${name}`)} |`,
    ),
    '',
    '## With all that these are made of',
    '',
    '| licence | packages |',
    '|---|---|',
    ...[...group(used, licenceOf)]
      .sort(([a, x], [b, y]) => y.length - x.length || (a < b ? -1 : 1))
      .map(([licence, paths]) => `| ${licence} | ${paths.length} |`),
    '',
  ].join('\n')
}
