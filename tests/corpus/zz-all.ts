// @ts-nocheck
import { writeFileSync } from 'node:fs'
import { askOf } from '#core/ask'
import { prepareBox, rank } from '#core/match'
import { explainRanking } from '#core/tell'
import { inWords } from '#speech'
import { atHand, holds, loadBoxes, loadSituations } from './corpus'
const boxes = loadBoxes()
const answers = new Map()
const deep = process.argv[4] ? (s) => (s.reading.bottomM ?? 5) >= Number(process.argv[4]) : () => true
const sets = { corpus: loadSituations().filter(deep), unfitted: loadSituations('unfitted').filter(deep) }
for (const s of [...sets.corpus, ...sets.unfitted]) {
  const p = prepareBox(atHand(boxes.get(s.box)!, s))
  answers.set(s.id, inWords(explainRanking(p, rank(p, askOf(s.reading, { schools: s.schools ?? {} })), { top: 200 })))
}
const lines = []
for (const [name, list] of Object.entries(sets)) {
  let held = 0, all = 0
  for (const s of list) for (const q of s.says) {
    if (q.disputed) continue
    const ok = holds(q, answers.get(s.id), answers)
    const w = q.weight ?? 1
    all += w; if (ok) held += w
    lines.push(`${ok ? 'ok ' : 'NO '} ${w} ${s.file} ${s.id} ${JSON.stringify(q)}`)
  }
  console.log(name, (100 * held / all).toFixed(2), all)
}
writeFileSync(process.argv[3], lines.join('\n'))
