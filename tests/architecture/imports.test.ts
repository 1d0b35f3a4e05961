import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { describe, expect, it } from 'vitest'

/** Who may import whom inside core/ (value imports; types may also flow from a subject to the tables that feed it). */
const MAY: Record<string, readonly string[]> = {
  numeric: [], sources: [], units: [],
  tackle: [],
  knowledge: ['units', 'sources'],
  water: ['numeric', 'sources', 'knowledge'],
  light: ['numeric', 'sources', 'knowledge', 'water'],
  motion: ['numeric', 'sources', 'knowledge', 'water', 'units'],
  season: ['numeric', 'sources', 'knowledge', 'water'],
  reading: ['knowledge'],
  ask: ['numeric', 'sources', 'units', 'knowledge', 'water', 'light', 'motion', 'season', 'tackle', 'reading'],
  match: ['numeric', 'evidence', 'sources', 'units', 'knowledge', 'water', 'light', 'motion', 'season', 'tackle', 'reading', 'ask'],
  catalogue: ['numeric', 'units', 'knowledge', 'tackle', 'reading', 'ask', 'match', 'bench'],
  files: ['numeric', 'units', 'ask', 'tackle', 'reading', 'catalogue'],
  palette: ['numeric'],
  bench: ['numeric', 'sources', 'units', 'knowledge', 'water', 'motion', 'tackle'],
  course: ['numeric', 'knowledge', 'motion', 'tackle'],
  evidence: ['numeric', 'tackle'],
  pack: ['numeric', 'light', 'season', 'match', 'ask', 'reading', 'tackle'],
  logbook: ['numeric', 'evidence', 'knowledge', 'light', 'match', 'ask', 'reading', 'tackle'],
  rotation: ['numeric', 'knowledge', 'light', 'match', 'reading', 'tackle'],
  calc: ['numeric', 'evidence', 'knowledge', 'water', 'light', 'motion', 'season', 'tackle', 'reading', 'units'],
}
/** Small pure packages that core/ may lean on, and where. */
const PACKAGES: Record<string, readonly string[]> = { 'zod': ['files', 'calc'], 'papaparse': ['files'], 'fast-xml-parser': ['files'], 'dequal/lite': ['files'], 'ml-kmeans': ['palette'], 'd3-color': ['palette'], 'fraction.js': ['units'], 'astronomy-engine': ['light'], 'jstat': ['rotation', 'evidence'], 'highs': ['pack'] }

const root = join(import.meta.dirname, '../..')

function sourceFiles(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter(entry => entry.isFile() && /\.(ts|vue)$/.test(entry.name) && !entry.name.endsWith('.test.ts'))
    .map(entry => join(entry.parentPath, entry.name))
}

interface Import { readonly place: string, readonly from: string, readonly typeOnly: boolean }

function importsOf(file: string): Import[] {
  return readFileSync(file, 'utf8').split('\n').flatMap((line, i) => {
    const match = /^\s*(?:import|export)\s+(type\s)?.*?from '([^']+)'/.exec(line) ?? /^import\s+()'([^']+)'/.exec(line)
    return match ? [{ place: `${relative(root, file)}:${i + 1}`, from: match[2]!, typeOnly: Boolean(match[1]) }] : []
  })
}

describe('import directions', () => {
  const core = sourceFiles(join(root, 'core'))

  it('core/ folders import only what stands below them, by the folder’s face', () => {
    const wrong = core.flatMap((file) => {
      const own = relative(join(root, 'core'), file).split('/')[0]!
      return importsOf(file).flatMap(({ place, from, typeOnly }) => {
        if (from.startsWith('.')) return from.split('/').filter(p => p === '..').length >= relative(join(root, 'core', own), file).split('/').length ? [`${place} leaves its folder: ${from}`] : []
        if (from.startsWith('#core/')) {
          const target = from.slice('#core/'.length)
          return target === own || typeOnly || MAY[own]!.includes(target) ? [] : [`${place} ${own} may not import ${target}`]
        }
        return PACKAGES[from]?.includes(own) ? [] : [`${place} ${own} may not import the package ${from}`]
      })
    })
    expect(wrong).toEqual([])
  })

  it('core/ folders have one face and nothing exported wholesale', () => {
    const folders = readdirSync(join(root, 'core'), { withFileTypes: true }).filter(e => e.isDirectory()).map(e => e.name)
    expect(folders.filter(f => !(f in MAY))).toEqual([])
    expect(core.filter(f => /\/core\/[^/]+\/.+\/index\.ts$/.test(f))).toEqual([])
    expect(core.filter(f => /^export \*/m.test(readFileSync(f, 'utf8')) || /^export default/m.test(readFileSync(f, 'utf8'))).map(f => relative(root, f))).toEqual([])
  })

  it('core/ knows no clock and no chance', () => {
    const wrong = core.flatMap(file => readFileSync(file, 'utf8').split('\n').flatMap((line, i) => (/Date\.now|Math\.random|new Date\(\)|performance\./.test(line) ? [`${relative(root, file)}:${i + 1}`] : [])))
    expect(wrong).toEqual([])
  })

  it('pages and components do not talk to the database or the network', () => {
    const wrong = [...sourceFiles(join(root, 'app/components')), ...sourceFiles(join(root, 'app/pages'))]
      .flatMap(file => importsOf(file).filter(({ from, typeOnly }) => !typeOnly && (/dexie|~\/db\/|\.worker/.test(from))).map(({ place, from }) => `${place} ${from}`))
    expect(wrong).toEqual([])
  })
})
