import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import type { Kind } from './fish'
import { type Row, simulateAll } from './simulate'

/** Writes docs/rotation.md from 200 seeded days of each kind: `npm run rotation`. */
const DAYS = 200
const rows = simulateAll(DAYS)
const TURNS: readonly Kind[] = ['flip', 'return']
const rival = (row: Row, other: number) =>
  `${other.toFixed(2)} (${row.adviser >= other ? '+' : '−'}${Math.abs(Math.round(100 * (row.adviser / other - 1)))} %)`
/** Mean of the catches of several kinds, as one row. */
function together(list: readonly Row[]): Row {
  const mean = (of: (row: Row) => number) => list.reduce((sum, r) => sum + of(r), 0) / list.length
  return {
    ...list[0]!,
    adviser: mean(r => r.adviser),
    oneByOne: mean(r => r.oneByOne),
    never: mean(r => r.never),
    random: mean(r => r.random),
    rules: mean(r => r.rules),
    changes: mean(r => r.changes),
    medianToFind: null,
    minutesToFind: null,
    foundShare: mean(r => r.foundShare),
  }
}
const line = (name: string, row: Row) =>
  `| ${name} | ${row.adviser.toFixed(2)} | ${row.oneByOne.toFixed(2)} | ${rival(row, row.never)} | ${rival(row, row.random)} | ${rival(row, row.rules)} | ${row.changes.toFixed(1)} | ${row.medianToFind ?? '–'} | ${row.minutesToFind ?? '–'} | ${row.kind === 'none' ? '–' : `${Math.round(100 * row.foundShare)} %`} |`
const holds = rows.filter(r => r.kind !== 'none' && !TURNS.includes(r.kind))
writeFileSync(
  fileURLToPath(new URL('../../docs/rotation.md', import.meta.url)),
  [
    '# What the adviser of a trip is worth',
    '',
    `Made by \`npm run rotation\`: ${DAYS} seeded days of each kind against simulated fish (\`tests/rotation/fish.ts\` holds their specification; the adviser does not see it). Landed fish a day; in brackets the adviser against that rival.`,
    '',
    '- **never**: the lure that the rules like best, all day. **random**: any other after 25 minutes without a contact. **rules**: then the next in the rules’ order.',
    '- **adviser**: as many things changed at once as promise most. **one by one**: the same belief, one thing at a time.',
    '- What the fish want, kind by kind, stands in the specification; `none`: nothing in particular.',
    '- “Found”: days that did not begin with what was wanted, on which it came on the line; how many changes and minutes until then, median (a day on which it never did counts as endless).',
    '',
    '| the fish want | adviser | one by one | never | random | rules | changes a day | changes to find | minutes to find | found |',
    '|---|---|---|---|---|---|---|---|---|---|',
    ...rows.map(row => line(row.kind, row)),
    line('**a wish that holds all day**', together(holds)),
    line('**a wish that turns**', together(rows.filter(r => TURNS.includes(r.kind)))),
    '',
    'The belief is a filter over wishes and rates (`core/rotation/belief.ts`): the wish may turn at any minute, and more likely where light or tide do; the rate stays. Choosing by what is learnt for each fish lost (information-directed sampling) was tried with the same belief and caught less than the plain best promise (25 against 37 % over random where the wish holds), and so did sampling one explanation at a time.',
    '',
    'Missed: 30 % over each rival is reached on the average of the wishes that hold, not in every kind: fish that only peck, fish of two minds and fish that soon know a lure are told late; a wish that turns is a little short of 15 %; a small and a great depth wanted at once take longer than an hour, because each alone looks like nothing. Where nothing matters the adviser loses the minutes of re-tying.',
    '',
  ].join('\n'),
)
