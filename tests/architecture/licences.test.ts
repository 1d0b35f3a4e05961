import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'

/** Licences under which everything that the app is built from may be passed on with it, by their SPDX names. */
const ALLOWED = [
  'MIT',
  'ISC',
  '0BSD',
  'BSD-2-Clause',
  'BSD-3-Clause',
  'Apache-2.0',
  'BlueOak-1.0.0',
  'CC0-1.0',
  'CC-BY-4.0',
  'OFL-1.1',
  'Unlicense',
]

it('nothing is built in whose licence does not let it be passed on', () => {
  const listed = readFileSync(join(import.meta.dirname, '../../docs/licences.md'), 'utf8').split('## With all')[1]!
  const licences = [...listed.matchAll(/^\| (?!licence|-)(.+?) \| \d+ \|$/gm)].map(([, licence]) => licence!)
  expect(licences.length).toBeGreaterThan(5)
  // Of a choice of licences one that is allowed is enough.
  const refused = licences.filter(
    l =>
      !l
        .replace(/[()]/g, '')
        .split(' OR ')
        .some(one => ALLOWED.includes(one)),
  )
  expect(refused).toEqual([])
})
