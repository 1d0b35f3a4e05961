/** `npm run mutation`: puts one fault after another into a copy of the program and lets the tests that should see it run. Ends with 1 if any fault goes unseen. Several minutes; not part of bin/check. */
import { spawnSync } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { MUTANTS } from './mutants.mjs'

const root = resolve(import.meta.dirname, '../..')
const copy = mkdtempSync(join(tmpdir(), 'mutation-'))
/** What the core's tests need. */
const PARTS = [
  'core',
  'speech',
  'demo',
  'docs',
  'tests',
  'bin',
  'app',
  'server',
  'package.json',
  'vitest.config.ts',
  'tsconfig.json',
  'nuxt.config.ts',
  '.nuxt',
]
const only = process.argv.slice(2)
const unseen = []
try {
  for (const part of PARTS) cpSync(join(root, part), join(copy, part), { recursive: true })
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'))
  for (const { id, file, from, to, tests } of MUTANTS) {
    if (only.length > 0 && !only.some(word => id.includes(word))) continue
    const path = join(copy, file)
    const sound = readFileSync(path, 'utf8')
    if (!sound.includes(from)) {
      unseen.push(`${id}: “${from}” no longer stands in ${file}`)
      continue
    }
    writeFileSync(path, sound.replace(from, to))
    const { status, stdout } = spawnSync('npx', ['vitest', 'run', '--bail', '1', ...tests], {
      cwd: copy,
      encoding: 'utf8',
      env: { ...process.env, CI: 'true', NO_COLOR: '1' },
    })
    writeFileSync(path, sound)
    // A fault that keeps the tests from loading at all is no proof that one of them sees it.
    const isSeen = status !== 0 && /Tests\s.*failed/.test(stdout)
    if (!isSeen) unseen.push(id)
    console.log(`${isSeen ? 'seen  ' : 'UNSEEN'}  ${id}`)
  }
} finally {
  rmSync(copy, { recursive: true, force: true })
}
if (unseen.length > 0) console.error(`Not seen by any test: ${unseen.join('; ')}`)
process.exitCode = unseen.length > 0 ? 1 : 0
