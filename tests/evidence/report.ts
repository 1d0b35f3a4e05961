import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { tryWorld, WORLDS } from './worlds'

/** Writes docs/evidence.md: `npm run evidence`. */
const LOGS = 1000
const percent = (share: number) => `${(100 * share).toFixed(1)} %`
const rows = WORLDS.map(world => tryWorld(world, LOGS)).map(
  f =>
    `| ${f.name}: ${f.what} | ${percent(f.held)} | ${f.pooledError.toFixed(2)} | ${f.rawError.toFixed(2)} | ${percent(f.pooledFirst)} | ${percent(f.rawFirst)} |`,
)
writeFileSync(
  fileURLToPath(new URL('../../docs/evidence.md', import.meta.url)),
  [
    '# What the log’s rates are worth',
    '',
    `Made by \`npm run evidence\`: ${LOGS} simulated logs of eight lures in each world (\`tests/evidence/worlds.ts\`), with known true rates. Only the first world is the one that the model assumes; the others show what happens where it is wrong. A test asks for 88 % held in every one.`,
    '',
    '- **held**: true rates inside their 90 % interval. **error**: root of the mean squared error, contacts an hour. **first**: logs in which the lure put first is truly one of the best two. Each beside what plain counting gives.',
    '',
    '| world | held | error, pooled | error, counted | first, pooled | first, counted |',
    '|---|---|---|---|---|---|',
    ...rows,
    '',
    'Bites of one school or one good day are not independent: events and effort are divided by the dispersion of the days (`core/evidence/dispersion.ts`), drawn toward 3 where there are few days and taken above its mean for its own doubt; intervals have 15 % more variance than the model says (`core/evidence/pool.ts`). The price: in the worlds that the model has right, 93 hold where 90 are said. A factor for each day was tried and made it worse (78 % held where schools and good and bad days come together), for it takes doubt away that nothing pays for.',
    '',
  ].join('\n'),
)
