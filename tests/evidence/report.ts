import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { tryWorld, WORLDS } from './worlds'

/** Writes docs/evidence.md: `npm run evidence`. */
const LOGS = 1000
const percent = (share: number) => `${(100 * share).toFixed(1)} %`
const rows = WORLDS.map(world => tryWorld(world, LOGS)).map(f => `| ${f.name}: ${f.what} | ${percent(f.held)} | ${f.pooledError.toFixed(2)} | ${f.rawError.toFixed(2)} | ${percent(f.pooledFirst)} | ${percent(f.rawFirst)} |`)
writeFileSync(fileURLToPath(new URL('../../docs/evidence.md', import.meta.url)), [
  '# What the log’s rates are worth', '',
  `Made by \`npm run evidence\`: ${LOGS} simulated logs of eight lures in each world (\`tests/evidence/worlds.ts\`), with known true rates. Only the first world is the one that the model assumes; the others show what happens where it is wrong, and nothing is demanded of them.`, '',
  '- **held**: true rates inside their 90 % interval. **error**: root of the mean squared error, contacts an hour. **first**: logs in which the lure put first is truly one of the best two. Each beside what plain counting gives.', '',
  '| world | held | error, pooled | error, counted | first, pooled | first, counted |', '|---|---|---|---|---|---|', ...rows, '',
  'Where bites come in schools or by good and bad days the events are not independent, and the intervals are too narrow: three bites from one school are told as three. The logbook therefore shows effort beside every rate, and the log moves a score only within bounds.', '',
].join('\n'))
