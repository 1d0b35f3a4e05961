import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { GENERATED } from '../../docs/generate'

it.each(Object.keys(GENERATED))('docs/%s is what the code says (npm run docs makes it again)', name => {
  expect(readFileSync(join(import.meta.dirname, '../../docs', name), 'utf8')).toBe(GENERATED[name])
})
