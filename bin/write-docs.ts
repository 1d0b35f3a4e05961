import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { GENERATED } from '../docs/generate'

/** Writes the documents that are made from the code: `npm run docs`. */
for (const [name, text] of Object.entries(GENERATED))
  writeFileSync(fileURLToPath(new URL(`../docs/${name}`, import.meta.url)), text)
