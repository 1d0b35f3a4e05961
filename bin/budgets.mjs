import { gzipSync } from 'node:zlib'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

/** Size budgets of the built app (gzip): what the first page loads as script, its own parts too, and all that is kept for offline use. Fails when one is exceeded. */
const PUBLIC = new URL('../.output/public/', import.meta.url).pathname
const BUDGETS = [
  { name: 'scripts of Tie-on, whole', limitKb: 300, files: () => firstScripts() },
  { name: 'the whole app for offline use', limitKb: 3500, files: () => everything() },
]
const KEPT = /\.(js|css|html|woff2|wasm|svg|json)$/
const LEFT_OUT = /-(cyrillic|cyrillic-ext|greek|greek-ext|vietnamese)-/

function firstScripts() {
  const html = readFileSync(join(PUBLIC, 'index.html'), 'utf8')
  const parts = [...html.matchAll(/<(?:script|link rel="program-part")[^>]*?(?:src|href)="(\/_nuxt\/[^"]+\.js)"/g)]
  // A budget of nothing holds whatever comes.
  if (parts.length === 0) throw new Error('index.html names no part of the program')
  return [...new Set(parts.map(([, path]) => path))]
}
function everything() {
  return readdirSync(PUBLIC, { recursive: true })
    .map(String)
    .filter(path => KEPT.test(path) && !LEFT_OUT.test(path))
}

let exceeded = 0
for (const { name, limitKb, files } of BUDGETS) {
  const bytes = files().reduce((sum, path) => sum + gzipSync(readFileSync(join(PUBLIC, path))).length, 0)
  const kb = Math.round(bytes / 1000)
  if (kb > limitKb) exceeded++
  console.log(`${kb > limitKb ? 'over ' : 'within'} ${name}: ${kb} kB of ${limitKb}`)
}
process.exitCode = exceeded > 0 ? 1 : 0
