import { mkdirSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { seededRandom } from '#core/numeric'
import { LURES } from './lures'
import { ASSEMBLIES, OUTFITS, PARTS, PLACES, RULES } from './gear'
import { READINGS } from './readings'
import { benchTests } from './tests'
import { trips } from './trips'

/** Makes the demo scenario again: `npm run demo-data`. Everything in it is invented; the seed makes it the same each time. */
const SEED = 20260512
const random = seededRandom(SEED)

const file = {
  format: 'ygrion',
  version: 1,
  lures: LURES,
  parts: PARTS,
  outfits: OUTFITS,
  places: PLACES,
  tests: benchTests(random),
  trips: trips(random),
  rules: RULES,
  assemblies: ASSEMBLIES,
  settings: { units: 'metric', schools: {}, cautions: true },
}

const path = (name: string) => fileURLToPath(new URL(name, import.meta.url))
mkdirSync(path('readings'), { recursive: true })
writeFileSync(path('box.json'), `${JSON.stringify(file, null, 1)}\n`)
for (const [name, reading] of Object.entries(READINGS))
  writeFileSync(path(`readings/${name}.json`), `${JSON.stringify(reading, null, 2)}\n`)
