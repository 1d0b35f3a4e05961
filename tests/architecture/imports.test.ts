import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { join, relative } from 'node:path'
import { cruise, type ICruiseOptions, type ICruiseResult, type IForbiddenRuleType } from 'dependency-cruiser'
import { afterAll, describe, expect, it } from 'vitest'

/** The import rules themselves stand in .dependency-cruiser.cjs; here they are tried on files that break them. */

const config = createRequire(import.meta.url)('../../.dependency-cruiser.cjs') as {
  forbidden: IForbiddenRuleType[]
  options: ICruiseOptions
}
const root = join(import.meta.dirname, '../..')
const made: string[] = []
afterAll(() => made.forEach(folder => rmSync(folder, { recursive: true })))

/** Names of the rules that a file of this text breaks when it stands in this folder of core/. */
async function broken(folder: string, text: string): Promise<string[]> {
  const place = mkdtempSync(join(root, 'core', folder, 'tried-'))
  made.push(place)
  writeFileSync(join(place, 'tried.ts'), text)
  const { output } = await cruise(
    [relative(root, place)],
    { ...config.options, baseDir: root, validate: true, ruleSet: { forbidden: config.forbidden } },
    { ...config.options.enhancedResolveOptions },
  )
  return [
    ...new Set(
      (output as ICruiseResult).summary.violations.filter(v => v.from.includes('/tried-')).map(v => v.rule.name),
    ),
  ]
}

function sourceFiles(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter(
      entry =>
        entry.isFile() &&
        /\.(ts|vue)$/.test(entry.name) &&
        !entry.name.endsWith('.test.ts') &&
        !entry.parentPath.includes('/tried-'),
    )
    .map(entry => join(entry.parentPath, entry.name))
}

describe('import rules', () => {
  it('an import upwards is seen, over several lines and as a type', async () => {
    expect(
      await broken('knowledge', "import type {\n  Candidate,\n} from '../../match/index'\nexport type C = Candidate\n"),
    ).toContain('floor-knowledge-looks-up')
    expect(
      await broken('terms', "import {\n  RULES\n} from '../../knowledge/index'\nexport const n = RULES.length\n"),
    ).toContain('floor-terms-looks-up')
  })
  it('a way round a folder’s face is seen', async () => {
    expect(await broken('tell', "import { rank } from '../../match/rank'\nexport const r = rank\n")).toContain(
      'core-by-its-face',
    )
  })
  it('node, the app and strange packages are seen', async () => {
    expect(
      await broken('numeric', "import { readFileSync } from 'node:fs'\nexport const r = readFileSync\n"),
    ).toContain('core-without-node')
    expect(await broken('numeric', "import { nanoid } from 'nanoid'\nexport const r = nanoid\n")).toContain(
      'core-leans-on-few-packages',
    )
    expect(await broken('match', "import * as z from 'zod'\nexport const r = z\n")).toContain(
      'core-zod-only-in-its-place',
    )
  })
  it('what looks down by the faces breaks nothing', async () => {
    expect(await broken('tell', "import { rank } from '../../match/index'\nexport const r = rank\n")).toEqual([])
  })
})

describe('core/', () => {
  const core = sourceFiles(join(root, 'core'))

  it('folders have one face and nothing exported wholesale', () => {
    expect(core.filter(f => /\/core\/[^/]+\/.+\/index\.ts$/.test(f))).toEqual([])
    expect(
      core
        .filter(f => /^export \*/m.test(readFileSync(f, 'utf8')) || /^export default/m.test(readFileSync(f, 'utf8')))
        .map(f => relative(root, f)),
    ).toEqual([])
  })

  it('knows no clock and no chance', () => {
    const wrong = core.flatMap(file =>
      readFileSync(file, 'utf8')
        .split('\n')
        .flatMap((line, i) =>
          /Date\.now|Math\.random|new Date\(\)|performance\./.test(line) ? [`${relative(root, file)}:${i + 1}`] : [],
        ),
    )
    expect(wrong).toEqual([])
  })
})
