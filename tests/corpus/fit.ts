import { createHash } from 'node:crypto'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { askOf, effectKey, liftOf } from '#core/ask'
import { RULES, TACTICS } from '#core/knowledge'
import { Candidate, contributionsOf, judgedWays, leadTold, prepareBox, rank, sceneOf, termsOf } from '#core/match'
import { atHand, isNamed, list, loadBoxes, loadSituations, type Named, type Situation, type Statement, wayNamed } from './corpus'

/**
 * `npm run fit`: fits the weights of the rules to the corpus of decisions (penalised maximum likelihood, the hand weights as the prior, grouped folds by situation)
 * and writes them to core/knowledge/fitted.ts. Deterministic: no chance is used but the fixed folds.
 */

/** Spread of a weight round its prior, as a share of the prior and at least [log-odds]. Assumed; chosen once by the folds. */
const SPREAD = { share: Number(process.env.SHARE ?? 1.2), least: Number(process.env.LEAST ?? 0.4), tactic: 0.5, axis: 0.35 }
/** Share of its hand weight that a rule keeps whatever the corpus says: a corpus that hardly speaks of it does not silence a sentence of the handbook. Assumed. */
const KEPT = Number(process.env.KEPT ?? 0.25)
/** How often the set-ups are searched anew with the weights found. */
const ROUNDS = Number(process.env.ROUNDS ?? 3)
const STEPS = 400
const FOLDS = 5

interface Row { readonly named: Named, readonly told: Readonly<Record<string, unknown>>, readonly keys: readonly number[], readonly values: readonly number[], readonly offset: number }
/** `ways`: every way of fishing the lures whose rig or cadence a statement speaks of. */
interface Case { readonly situation: Situation, readonly rows: readonly Row[], readonly ways: ReadonlyMap<string, readonly Row[]> }

const keys = new Map<string, number>()
const prior: number[] = []
const spread: number[] = []
const least: number[] = []
function add(key: string, value: number, sigma: number, floor: number): void {
  keys.set(key, prior.length)
  prior.push(value)
  spread.push(sigma)
  least.push(floor)
}
for (const rule of RULES) {
  rule.effects.forEach((effect, i) => {
    if (effect.axis === 'depth' || effect.axis === 'speed' || effect.axis === 'rod') return
    const value = rule.weight * liftOf(effect)
    add(effectKey(rule, i), value, Math.max(SPREAD.least, SPREAD.share * value), KEPT * value)
  })
}
for (const { id } of TACTICS) add(`tactic:${id}`, 0, SPREAD.tactic, -Infinity)
add('axis:depth', 1, SPREAD.axis, 0)
add('axis:speed', 1, SPREAD.axis, 0)
add('axis:rod', 0.5, SPREAD.axis, 0)

/**
 * Neighbours of a reading, a little warmer, clearer, windier, deeper and on longer prey, or the reverse: a good angler would do the same there.
 * They keep the fit from leaning on the exact figures of a situation. Assumed spreads.
 */
const NUDGES: readonly { readonly warmerC: number, readonly clearer: number, readonly windier: number, readonly deeper: number, readonly longer: number }[] = [
  { warmerC: 0.8, clearer: 0.87, windier: 1.25, deeper: 1.08, longer: 0.9 },
  { warmerC: -0.8, clearer: 1.15, windier: 0.8, deeper: 0.92, longer: 1.1 },
]
const times = (value: number | null | undefined, factor: number) => (value == null ? value : value * factor)

function nudged(situation: Situation, { warmerC, clearer, windier, deeper, longer }: typeof NUDGES[number]): Situation {
  const { reading } = situation
  return {
    ...situation, reading: {
      ...reading, temperatureC: reading.temperatureC + warmerC, visibilityM: times(reading.visibilityM, clearer), windMs: times(reading.windMs, windier), bottomM: times(reading.bottomM, deeper),
      fishFromM: times(reading.fishFromM, deeper), fishToM: times(reading.fishToM, deeper), coverTopM: times(reading.coverTopM, deeper),
      forage: reading.forage?.map(prey => ({ ...prey, lengthMm: times(prey.lengthMm, longer) })),
    },
  }
}

const written = loadSituations()
/** The situations as written first, then their neighbours. */
const situations = [...written, ...NUDGES.flatMap(nudge => written.map(situation => nudged(situation, nudge)))]
/** What a statement weighs in a situation and its neighbours. */
const SHARED = 1 / (1 + NUDGES.length)
const asWritten = (all: readonly Case[]) => all.slice(0, written.length)
const boxes = loadBoxes()

const fittedOf = (weights: readonly number[]): Record<string, number> => Object.fromEntries([...keys].map(([key, i]) => [key, weights[i]!]))

/** The best set-up of every lure under these weights, as the features that its odds are made of. */
function casesUnder(weights: readonly number[]): Case[] {
  const fitted = fittedOf(weights)
  return situations.map((situation) => {
    const ask = askOf(situation.reading, { schools: situation.schools ?? {}, fitted })
    const terms = termsOf(ask)
    const prepared = prepareBox(atHand(boxes.get(situation.box)!, situation))
    const scene = sceneOf(prepared, ask)
    const rowOf = (c: Candidate): Row => {
      const found = new Map<number, number>()
      for (const { push, gain } of contributionsOf(terms, c.profile, c, c.levels)) {
        const i = keys.get(push.key)
        if (i !== undefined && weights[i]! > 1e-9) found.set(i, (found.get(i) ?? 0) + gain / weights[i]!)
      }
      const put = (key: string, value: number) => found.set(keys.get(key)!, value)
      put(`tactic:${c.tactic.id}`, 1)
      put('axis:depth', c.fits.depth.gain / (fitted['axis:depth'] || 1))
      put('axis:speed', c.fits.speed.gain / (fitted['axis:speed'] || 1))
      put('axis:rod', c.rodGain)
      const linear = [...found].reduce((sum, [i, x]) => sum + weights[i]! * x, 0)
      const { lure } = c.profile
      return {
        named: { lureId: lure.id, family: lure.family, rig: c.technique.rig, cadence: c.cadence, tactic: c.tactic.id, way: wayNamed(c.cadence, c.technique.mode, c.placement.depthM) },
        told: toldBy(c), keys: [...found.keys()], values: [...found.values()], offset: c.odds - linear,
      }
    }
    const spokenOf = new Set(situation.says.filter(s => s.kind === 'setup' && WAY_FIELDS.has(s.field!)).map(s => s.lure!))
    const ways = new Map(prepared.lures.filter(p => spokenOf.has(p.lure.id)).map(p => [p.lure.id, judgedWays(p, scene).map(way => rowOf(new Candidate(p, way, scene)))]))
    return { situation, ways, rows: rank(prepared, ask).candidates.map(rowOf) }
  })
}

/** Fields of a set-up that the way of fishing decides, as they are told. */
const toldBy = (c: Candidate): Row['told'] => ({
  'rig': c.technique.rig, 'tactic': c.tactic.id, 'presentation.cadence': c.cadence, 'presentation.mode': c.technique.mode, 'presentation.pauseS': c.pauseS, 'presentation.speedMs': c.placement.speedMs,
  'presentation.depthM': c.placement.depthM, 'presentation.touches': c.placement.touches, ...leadTold(c),
})
const WAY_FIELDS = new Set(['rig', 'tactic', 'presentation.cadence', 'presentation.mode', 'presentation.pauseS', 'presentation.speedMs', 'presentation.depthM', 'presentation.touches', 'headG', 'sinkerG'])

/** The best way that a statement asks for, and the best that it does not. */
function wayPull(says: Statement, ways: readonly Row[], weights: readonly number[]): readonly [Row, Row] | null {
  const right = ({ told }: Row) => {
    const value = told[says.field!]
    if (says.in) return says.in.includes(value ?? null)
    if (says.notIn) return !says.notIn.includes(value)
    return typeof value === 'number' && value >= (says.from ?? -Infinity) && value <= (says.to ?? Infinity)
  }
  const best = (rows: readonly Row[]) => rows.reduce<Row | null>((top, row) => (top === null || oddsOf(row, weights) > oddsOf(top, weights) ? row : top), null)
  const [yes, no] = [best(ways.filter(right)), best(ways.filter(row => !right(row)))]
  return yes && no ? [yes, no] : null
}

function oddsOf({ keys: k, values, offset }: Row, weights: readonly number[]): number {
  let sum = offset
  for (let i = 0; i < k.length; i++) sum += weights[k[i]!]! * values[i]!
  return sum
}

type Pull = readonly [better: number, worse: number, weight: number]

/** The pairs of rows by which a statement is told right or wrong: the one that should be ahead, the one that should be behind. */
function pullsOf(says: Statement, rows: readonly Row[], odds: readonly number[]): Pull[] {
  const weight = says.weight ?? 1
  const matching = (name: string) => rows.flatMap((row, i) => (isNamed(name, row.named) ? [i] : []))
  const best = (ids: readonly number[]) => ids.reduce<number | null>((top, i) => (top === null || odds[i]! > odds[top]! ? i : top), null)
  switch (says.kind) {
    case 'above': {
      const pairs = list(says.a).flatMap(a => list(says.b).map(b => [best(matching(a)), best(matching(b))] as const)).filter((p): p is readonly [number, number] => p[0] !== null && p[1] !== null)
      return pairs.map(([a, b]) => [a, b, weight / pairs.length])
    }
    case 'within': {
      const any = new Set(says.any!.flatMap(matching))
      const mine = best([...any])
      const others = rows.map((_, i) => i).filter(i => !any.has(i)).sort((a, b) => odds[b]! - odds[a]!)
      const kth = others[says.top! - 1]
      return mine === null || kth === undefined ? [] : [[mine, kth, weight * 1.5]]
    }
    case 'not-within': {
      const ids = [...new Set(says.any!.flatMap(matching))]
      const set = new Set(ids)
      const others = rows.map((_, i) => i).filter(i => !set.has(i)).sort((a, b) => odds[b]! - odds[a]!)
      const kth = others[says.top! - 1]
      return kth === undefined ? [] : ids.map(i => [kth, i, weight / ids.length])
    }
    default: return []
  }
}

const RANKING = new Set(['above', 'within', 'not-within'])

/** Steps for which the pairs of rows that the statements speak of are kept before they are looked up anew. */
const PAIRS_KEPT = 10

function fitOn(cases: readonly Case[], from: readonly number[]): number[] {
  const weights = [...from]
  const m = weights.map(() => 0)
  const v = weights.map(() => 0)
  let pairs: (readonly [Row, Row, number])[] = []
  for (let step = 1; step <= STEPS; step++) {
    const gradient = weights.map((w, i) => (w - prior[i]!) / spread[i]! ** 2)
    if (step % PAIRS_KEPT === 1) {
      pairs = cases.flatMap(({ situation, rows, ways }) => {
        const odds = rows.map(row => oddsOf(row, weights))
        return situation.says.filter(says => !says.disputed).flatMap((says): (readonly [Row, Row, number])[] => {
          if (RANKING.has(says.kind)) return pullsOf(says, rows, odds).map(([a, b, weight]) => [rows[a]!, rows[b]!, weight])
          const pair = says.kind === 'setup' && WAY_FIELDS.has(says.field!) ? wayPull(says, ways.get(says.lure!) ?? [], weights) : null
          return pair ? [[...pair, says.weight ?? 1]] : []
        })
      })
    }
    for (const [better, worse, weight] of pairs) {
      const pull = SHARED * weight / (1 + Math.exp(oddsOf(better, weights) - oddsOf(worse, weights) - MARGIN))
      for (let i = 0; i < better.keys.length; i++) gradient[better.keys[i]!]! -= pull * better.values[i]!
      for (let i = 0; i < worse.keys.length; i++) gradient[worse.keys[i]!]! += pull * worse.values[i]!
    }
    const rate = 0.03 * (1 - step / (STEPS + 1))
    for (let i = 0; i < weights.length; i++) {
      m[i] = 0.9 * m[i]! + 0.1 * gradient[i]!
      v[i] = 0.99 * v[i]! + 0.01 * gradient[i]! ** 2
      weights[i] = Math.max(least[i]!, weights[i]! - (rate * (m[i]! / (1 - 0.9 ** step))) / (Math.sqrt(v[i]! / (1 - 0.99 ** step)) + 1e-8))
    }
  }
  return weights
}
/** Wished lead of the better one [log-odds]. Assumed. */
const MARGIN = 0.3

/** Share of the weighted ranking statements that hold, by kind. */
function agreement(cases: readonly Case[], weights: readonly number[]): Map<string, [number, number]> {
  const tally = new Map<string, [number, number]>()
  for (const { situation, rows, ways } of cases) {
    const odds = rows.map(row => oddsOf(row, weights))
    const order = rows.map((_, i) => i).sort((a, b) => odds[b]! - odds[a]!)
    const rankOf = (name: string) => {
      const i = order.findIndex(j => isNamed(name, rows[j]!.named))
      return i < 0 ? Infinity : i + 1
    }
    for (const says of situation.says) {
      if (says.kind === 'setup' && WAY_FIELDS.has(says.field!)) {
        const pair = wayPull(says, ways.get(says.lure!) ?? [], weights)
        const t = tally.get('way') ?? [0, 0]
        tally.set('way', t)
        t[1] += says.weight ?? 1
        if (pair ? oddsOf(pair[0], weights) > oddsOf(pair[1], weights) : true) t[0] += says.weight ?? 1
      }
      if (!RANKING.has(says.kind)) continue
      const ok = says.kind === 'above' ? list(says.a).every(a => list(says.b).every(b => rankOf(a) < rankOf(b))) : says.kind === 'within' ? says.any!.some(n => rankOf(n) <= says.top!) : says.any!.every(n => rankOf(n) > says.top!)
      for (const key of ['all', says.kind, `tactic ${rows[order[0]!]?.named.tactic}`]) {
        const t = tally.get(key) ?? [0, 0]
        tally.set(key, t)
        t[1] += says.weight ?? 1
        if (ok) t[0] += says.weight ?? 1
      }
    }
  }
  return tally
}
const shown = (t: Map<string, [number, number]>) => ['all', 'above', 'within', 'not-within', 'way'].map(k => `${k} ${(100 * (t.get(k)?.[0] ?? 0) / (t.get(k)?.[1] || 1)).toFixed(1)}`).join('  ')

function hashOfCorpus(): string {
  const hash = createHash('sha256')
  for (const f of readdirSync(join(import.meta.dirname, 'decisions')).sort()) hash.update(readFileSync(join(import.meta.dirname, 'decisions', f)))
  return hash.digest('hex').slice(0, 16)
}

let weights = [...prior]
let cases = casesUnder(weights)
const handWeights = agreement(asWritten(cases), weights)
console.log(`hand weights: ${shown(handWeights)}`)
for (let round = 1; round <= ROUNDS; round++) {
  weights = fitOn(cases, weights).map(w => (w < 1e-3 && w > -1e-3 ? 0.0011 : w))
  cases = casesUnder(weights)
  console.log(`round ${round}: ${shown(agreement(asWritten(cases), weights))}`)
}
const foldOf = (i: number) => ((i % written.length) * 7919) % FOLDS
const out = new Map<string, [number, number]>()
for (let fold = 0; fold < FOLDS; fold++) {
  const train = cases.filter((_, i) => foldOf(i) !== fold)
  const held = fitOn(train, prior)
  for (const [key, [ok, all]] of agreement(asWritten(cases).filter((_, i) => foldOf(i) === fold), held)) {
    const t = out.get(key) ?? [0, 0]
    out.set(key, [t[0] + ok, t[1] + all])
  }
}
console.log(`out of fold: ${shown(out)}`)
const rows = [...keys].filter(([, i]) => Math.abs(weights[i]! - prior[i]!) > 0.02).map(([key, i]) => `  '${key}': ${Number(weights[i]!.toPrecision(3))},`)
if (process.env.DRY !== '1') {
  writeFileSync(join(import.meta.dirname, '../../core/knowledge/fitted.ts'), `/** Log-odds of the rules' effects as \`npm run fit\` found them on the corpus of decisions, by effect; made by the run, never by hand. */
export const FITTED: Readonly<Record<string, number>> = {
${rows.join('\n')}
}

/** The corpus that they were fitted to. */
export const FITTED_TO = '${hashOfCorpus()}'
`)
}
const turned = [...keys].filter(([, i]) => least[i] === 0 && prior[i]! > 0.15 && weights[i]! < 0.12 * prior[i]!).map(([key, i]) => `${key} ${prior[i]!.toFixed(2)}→${weights[i]!.toFixed(2)}`)
console.log('silenced by the fit:', turned.join(', '))
const figures = (t: Map<string, [number, number]>) => Object.fromEntries(['all', 'above', 'within', 'not-within', 'way'].map(k => [k, Number((100 * (t.get(k)?.[0] ?? 0) / (t.get(k)?.[1] || 1)).toFixed(1))]))
if (process.env.DRY !== '1')
  writeFileSync(join(import.meta.dirname, 'fit-result.json'), `${JSON.stringify({ corpus: hashOfCorpus(), handWeights: figures(handWeights), inSample: figures(agreement(asWritten(cases), weights)), outOfFold: figures(out), silenced: turned }, null, 2)}\n`)
