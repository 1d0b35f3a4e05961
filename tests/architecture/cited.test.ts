import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { describe, expect, it } from 'vitest'
import { RULES } from '#core/knowledge'

/** The repository can be read alone: what code and documents cite stands in it. */

const root = join(import.meta.dirname, '../..')
const read = (path: string) => readFileSync(join(root, path), 'utf8')
const files = ['core', 'app', 'docs', 'bin', 'tests'].flatMap(folder =>
  readdirSync(join(root, folder), { recursive: true, withFileTypes: true })
    .filter(e => e.isFile() && /\.(ts|vue|mjs|md)$/.test(e.name))
    .map(e => relative(root, join(e.parentPath, e.name))),
)

describe('what is cited', () => {
  const sections = new Set([...read('docs/handbook.md').matchAll(/^## (\d+)\./gm)].map(m => m[1]!))
  it('every section of the handbook that the code names', () => {
    const missing = files
      .filter(f => !f.endsWith('.md'))
      .flatMap(f =>
        [...read(f).matchAll(/(?:trade|handbook) §(\d+)/g)].filter(m => !sections.has(m[1]!)).map(m => `${f} §${m[1]}`),
      )
    expect(missing).toEqual([])
  })
  it('every document under docs/ that is named', () => {
    const known = new Set(readdirSync(join(root, 'docs')))
    const missing = files.flatMap(f =>
      [...read(f).matchAll(/docs\/([\w-]+\.(?:md|json))/g)].filter(m => !known.has(m[1]!)).map(m => `${f} ${m[1]}`),
    )
    expect(missing).toEqual([])
  })
  it('the sections that the rules carry', () => {
    for (const { id, section } of RULES) if (section) expect(sections, id).toContain(/\d+/.exec(section)![0])
  })
})
