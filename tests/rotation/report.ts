import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { type Row, simulateAll } from './simulate'

/** Writes docs/rotation.md from 500 seeded days of each kind: `npm run rotation`. */
const DAYS = 500
const rows = simulateAll(DAYS)
const against = (row: Row, rival: 'never' | 'random' | 'rules') => `${row[rival].toFixed(2)} (${row.adviser >= row[rival] ? '+' : '−'}${Math.abs(Math.round(100 * (row.adviser / row[rival] - 1)))} %)`
const wanting = rows.filter(r => r.kind !== 'none')
/** Mean of the catches of several kinds, as one row. */
function together(list: readonly Row[]): Row {
  const mean = (of: (row: Row) => number) => list.reduce((sum, r) => sum + of(r), 0) / list.length
  return { ...list[0]!, adviser: mean(r => r.adviser), never: mean(r => r.never), random: mean(r => r.random), rules: mean(r => r.rules), changes: mean(r => r.changes), medianToFind: null, foundShare: mean(r => r.foundShare) }
}
const line = (name: string, row: Row) => `| ${name} | ${row.adviser.toFixed(2)} | ${against(row, 'never')} | ${against(row, 'random')} | ${against(row, 'rules')} | ${row.changes.toFixed(1)} | ${row.medianToFind ?? '–'} | ${row.kind === 'none' ? '–' : `${Math.round(100 * row.foundShare)} %`} |`
writeFileSync(fileURLToPath(new URL('../../docs/rotation.md', import.meta.url)), [
  '# What the adviser of a trip is worth', '',
  `Made by \`npm run rotation\`: ${DAYS} seeded days of each kind against simulated fish (\`tests/rotation/fish.ts\` holds their specification; the adviser does not see it). Landed fish a day; in brackets the adviser against that rival.`, '',
  '- **never**: the lure that the rules like best, all day. **random**: any other after 25 minutes without a contact. **rules**: then the next in the rules’ order.',
  '- The fish’s wish is one value of one trait, of two traits (`two`), or turns at noon (`flip`); `none`: they want nothing in particular.',
  '- The kind `action` was kept out while the adviser’s few numbers were chosen.',
  '- “Changes to find”: median number of changes until the wanted value was first on the line, on days that did not begin with it; a day on which it never was counts as endless.', '',
  '| the fish want | adviser | never | random | rules | changes a day | changes to find, median | found |', '|---|---|---|---|---|---|---|---|',
  ...rows.map(row => line(row.kind, row)), line('**a wish that holds all day**', together(wanting.filter(r => r.kind !== 'flip'))), line('**all that want something**', together(wanting)), '',
  'Where nothing matters the adviser loses the minutes of re-tying. A wish that turns at noon is noticed late, because a wrong lure still catches now and then; two wishes at once and one colour of four take many changes, because one thing is changed at a time.', '',
].join('\n'))
