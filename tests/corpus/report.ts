import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { askOf } from '#core/ask'
import { prepareBox, rank } from '#core/match'
import { explainRanking, type RankingOut } from '#core/tell'
import { inWords } from '#speech'
import { atHand, holds, isNamed, loadBoxes, loadSituations, tallyBy, wayNamed } from './corpus'

/** `npm run judgement`: asks the program every situation of the corpus and writes docs/judgement.md: how much holds, by what, and what does not. */

const situations = loadSituations()
const unfitted = loadSituations('unfitted')
const boxes = loadBoxes()
const answers = new Map<string, RankingOut>()
for (const s of [...situations, ...unfitted]) {
  const prepared = prepareBox(atHand(boxes.get(s.box)!, s))
  answers.set(s.id, inWords(explainRanking(prepared, rank(prepared, askOf(s.reading, { schools: s.schools ?? {} })), { top: 200 })))
}
const judged = (some: typeof situations) => some.flatMap(situation => situation.says.map(says => ({ situation, says, ok: holds(says, answers.get(situation.id)!, answers) })))
const results = judged(situations)
const asked = judged(unfitted)
const undisputed = results.filter(r => !r.says.disputed)
const percent = ({ held, all }: { held: number, all: number }) => `${(100 * held / all).toFixed(1)} %`
const table = (head: string, rows: [string, { held: number, all: number }][]) => [`| ${head} | holds | weight |`, '| --- | --- | --- |', ...rows.map(([name, t]) => `| ${name} | ${percent(t)} | ${t.all} |`)]
const by = (keys: Parameters<typeof tallyBy>[1]) => [...tallyBy(undisputed, keys)].sort(([a], [b]) => (a < b ? -1 : 1))

/** Shares against first choices: for every statement "within the first one", whether the first lies among the named, and the share that the program gave to the named. */
function brier(share: (setups: RankingOut['setups'], i: number) => number): number {
  let sum = 0
  let n = 0
  for (const { situation, says } of undisputed.filter(r => r.says.kind === 'within' && r.says.top! <= 2)) {
    const { setups } = answers.get(situation.id)!
    const named = setups.map(s => says.any!.some(name => isNamed(name, { lureId: s.lureId, family: s.family, rig: s.rig, cadence: s.presentation.cadence, tactic: s.tactic, way: wayNamed(s.presentation.cadence, s.presentation.mode, s.presentation.depthM) })))
    sum += (1 - setups.reduce((total, _, i) => total + (named[i] ? share(setups, i) : 0), 0)) ** 2
    n++
  }
  return sum / n
}
const flat = brier(setups => 1 / setups.length)
const told = brier((setups, i) => setups[i]!.share)

const folds = JSON.parse(readFileSync(join(import.meta.dirname, 'fit-result.json'), 'utf8')) as { corpus: string, handWeights: Record<string, number>, inSample: Record<string, number>, outOfFold: Record<string, number>, silenced: string[] }
const all = [...tallyBy(undisputed, () => ['all'])][0]![1]
const failures = undisputed.filter(r => !r.ok)
const lines = [
  '# The judgement, measured', '',
  'Made by `npm run judgement` (after `npm run fit`). The corpus (tests/corpus) states what good anglers would do in whole boxes: common practice, no source. It is what the weights are fitted to, so agreement on it is in sample unless it says otherwise.', '',
  `**${percent(all)}** of ${all.all} weighted statements of ${situations.length} situations hold; the first judgement held 77.6 %.`, '',
  '## Out of fold', '',
  `Five folds by situation, each fitted without its own; the best way of each lure is searched once with all weights. Corpus \`${folds.corpus}\`.`, '',
  '| ranking statements | hand weights | in sample | out of fold |', '| --- | --- | --- | --- |',
  ...['all', 'above', 'within', 'not-within', 'way'].map(k => `| ${k} | ${folds.handWeights[k]} % | ${folds.inSample[k]} % | ${folds.outOfFold[k]} % |`), '',
  '## Never fitted to', '',
  `${unfitted.length} situations that were written from the handbook, put to the program as it then stood (decision 224), and kept from the fit. Causes that they showed were mended; no weight was.`, '',
  ...table('kind', [...tallyBy(asked, ({ says }) => ['all', says.kind])]), '',
  `Rules that the fit silenced (it found no use for them on this corpus; each is a question to the sentence): ${folds.silenced.length > 0 ? folds.silenced.map(s => `\`${s}\``).join(', ') : 'none'}.`, '',
  '## Shares', '', `Brier score of the share given to what the corpus wants among the first two: ${told.toFixed(3)}; equal shares for every lure would score ${flat.toFixed(3)}.`, '',
  '## By kind of statement', '', ...table('kind', by(({ says }) => [says.kind])), '',
  '## By section of the handbook', '', ...table('section', by(({ says }) => [says.section ?? '–'])), '',
  '## By file', '', ...table('file', by(({ situation }) => [situation.file])), '',
  '## By the tactic that the program put first', '', ...table('tactic', by(({ situation }) => [answers.get(situation.id)!.setups[0]?.tactic ?? '–'])), '',
  `## What does not hold (${failures.length} statements)`, '',
  ...failures.map(({ situation, says }) => `- \`${situation.file}/${situation.id}\` ${says.kind} ${JSON.stringify({ ...says, kind: undefined, weight: undefined, section: undefined })} (${says.section ?? '–'}); first: ${answers.get(situation.id)!.setups.slice(0, 3).map(s => s.lureId).join(', ')}`), '',
  '## Disputed', '', ...(results.some(r => r.says.disputed) ? results.filter(r => r.says.disputed).map(r => `- \`${r.situation.id}\`: ${r.says.disputed}`) : ['None.']), '',
]
writeFileSync(join(import.meta.dirname, '../../docs/judgement.md'), lines.join('\n'))
console.log(`${percent(all)} of ${all.all} weighted statements hold; Brier ${told.toFixed(3)} against ${flat.toFixed(3)}`)
