import { readFileSync, writeFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { Engine } from 'json-rules-engine'
import { type Ask, askOf } from '#core/ask'
import { courseOf } from '#core/course'
import { RULES } from '#core/knowledge'
import { colourJudge, DEFAULT_PREY } from '#core/light'
import { ratesBy, ratesByTwo, stretchesOf } from '#core/logbook'
import { flips, judgedWays, judgingOf, prepareBox, rank, sceneOf } from '#core/match'
import { finished, seededRandom } from '#core/numeric'
import { Catches, greedyPack, packProblem, prove } from '#core/pack'
import type { Reading } from '#core/reading'
import { jointMembership } from '#core/rule'
import type { Box, Trip } from '#core/tackle'
import { explainFirst, explainRanking, howSure, presentedSetups } from '#core/tell'
import demo from '../../demo/box.json'
import given from '../../demo/readings/spring-morning.json'
import { bigBox } from './big-box'

/** Writes docs/performance.md: `npm run performance`. All in one run on one machine, so that the ratios mean something. */
const reading = given as Reading
interface Timed {
  readonly best: number
  readonly median: number
}
async function timed(times: number, work: () => unknown): Promise<Timed> {
  await work()
  const taken: number[] = []
  for (let i = 0; i < times; i++) {
    const began = performance.now()
    await work()
    taken.push(performance.now() - began)
  }
  taken.sort((a, b) => a - b)
  return { best: taken[0]!, median: taken[Math.floor(taken.length / 2)]! }
}
async function once(work: () => unknown): Promise<number> {
  const began = performance.now()
  await work()
  return performance.now() - began
}
/** Set-ups that the page tells, and those that it tells before the others have their places. */
const TOLD_ON_PAGE = 30
const TOLD_AHEAD = 12
const rows: string[] = []
const ms = (value: number) => (value < 10 ? value.toFixed(2) : Math.round(value).toString())
const row = (what: string, { best, median }: Timed, limit: number | null) =>
  rows.push(
    `| ${what} | ${ms(best)} | ${ms(median)} | ${limit ?? '–'} | ${limit === null ? '' : median <= limit ? 'within' : '**over**'} |`,
  )

// Re-ranking
const small = prepareBox(bigBox(1000))
/** Every temperature once: what was followed through the water for another one does not help. */
let changes = 0
const anotherWater = (): Reading => ({ ...reading, temperatureC: 5 + ((changes++ * 0.618) % 25) })
const firstTold = (box: typeof small, water: Reading) =>
  explainFirst(box, judgingOf(box, askOf(water)), { top: TOLD_ON_PAGE, ahead: TOLD_AHEAD })
const large = prepareBox(bigBox(5000))
const vast = prepareBox(bigBox(20_000))
for (const [box, count, first, whole, times] of [
  [small, '1,000', 16, 100, 25],
  [large, '5,000', 80, 400, 9],
  [vast, '20,000', 400, null, 5],
] as const) {
  row(
    `another temperature, ${count} lures × 6 outfits: which is first`,
    await timed(times, () => judgingOf(box, askOf(anotherWater())).first(1)),
    first,
  )
  row(
    `the first ${TOLD_ON_PAGE} found and ${TOLD_AHEAD} of them told, as the page waits for them`,
    await timed(times, () => firstTold(box, anotherWater())),
    first,
  )
  if (whole === null) continue
  row(`the whole order`, await timed(times, () => rank(box, askOf(anotherWater()))), whole)
  row(`the whole order in the same water again`, await timed(times, () => rank(box, askOf(reading))), whole)
}
/** Every way of every lure put in the water, the best kept and sorted. */
function plainly(box: typeof small, ask: Ask): number {
  const scene = sceneOf(box, ask)
  return box.lures
    .map(
      profile =>
        scene.gainsOf(profile).total +
        scene.lookGainsOf(profile).total +
        Math.max(...judgedWays(profile, scene).map(way => way.odds)),
    )
    .sort((a, b) => b - a)[0]!
}
const against: number[] = []
for (let i = 0; i < 7; i++) {
  const ask = askOf(anotherWater())
  const [plain, first] = [
    await once(() => plainly(small, ask)),
    await once(() => judgingOf(small, ask).first(TOLD_ON_PAGE)),
  ]
  against.push(plain / first)
}
const timesPlain = against.sort((a, b) => a - b)[Math.floor(against.length / 2)]!
row(
  'what would put another first, all fields, 1,000 lures',
  await timed(3, () => finished(flips(small, anotherWater()))),
  500,
)
row(
  'the same with the demo’s box',
  await timed(3, () => finished(flips(prepareBox(demo as unknown as Box), anotherWater()))),
  500,
)

row(
  'how sure the order is: first in 304 waters drawn about the reading, the demo’s box',
  await timed(5, () => finished(howSure(prepareBox(demo as unknown as Box), anotherWater()))),
  1000,
)
row('the same with 1,000 lures', await timed(3, () => finished(howSure(small, anotherWater()))), 1000)

// Light and courses
const paints = Array.from({ length: 30 }, (_, i) => `#${((i * 0x2f3a51) % 0xffffff).toString(16).padStart(6, '0')}`)
row(
  'light scores, 30 colours × 12 depths',
  await timed(15, () => {
    for (let depth = 1; depth <= 12; depth++) {
      const judge = colourJudge({
        visibilityM: 1.5,
        stain: 'green',
        depthM: depth / 2,
        sunAltitudeDeg: 45,
        sky: 'sun',
        moonFraction: 0,
        species: 'brown-trout',
        zone: 'mid',
        prey: DEFAULT_PREY,
      })
      for (const side of paints)
        judge.look({ colours: { side, back: side, belly: side }, family: 'crankbait', actionStyle: 'wobble' })
    }
  }),
  80,
)
const some = prepareBox(bigBox(200))
const ranking = rank(some, askOf(reading))
const wound = [...presentedSetups(ranking, explainRanking(some, ranking, { top: 30 }).setups).values()].find(
  p => p.control === 'count-down' && p.mode === 'cast',
)!
row('one path of a bait wound in', await timed(40, () => courseOf(wound)), 5)

// The log
const base = demo.trips as unknown as Trip[]
const trips: Trip[] = Array.from({ length: 1000 }, (_, i) => {
  const trip = base[i % base.length]!
  return {
    ...trip,
    id: `${trip.id}-${i}`,
    stints: trip
      .stints!.slice(0, 4)
      .map(s => ({
        ...s,
        id: `${s.id}-${i}`,
        events: Array.from({ length: 5 }, (__, e) => ({
          id: `${s.id}-${i}-${e}`,
          kind: e % 3 ? ('hit' as const) : ('landed' as const),
        })),
      })),
  }
})
const logged = prepareBox({ ...demo, trips } as unknown as Box)
const stretches = stretchesOf(logged)
row('a log of 20,000 events opened', await timed(9, () => stretchesOf(logged)), 1000)
row(
  'its charts: rates by lure and light, colour by visibility, season by temperature',
  await timed(9, () => [
    ratesBy(stretches, 'lure', { of: 'contacts', per: 'hour' }),
    ratesBy(stretches, 'light', { of: 'contacts', per: 'hour' }),
    ratesByTwo(stretches, 'colour', 'clarity', 'contacts'),
    ratesByTwo(stretches, 'temperature', 'season', 'contacts'),
  ]),
  300,
)

// Rules, against a general-purpose rules package fed the same conditions as yes or no (a ramp holds from its middle)
const features = askOf(reading).features
const mine = await timed(40, () => RULES.filter(rule => jointMembership(rule.when, features) >= 0.5).length)
const engine = new Engine([], { allowUndefinedFacts: true })
for (const rule of RULES) {
  engine.addRule({
    conditions: {
      all: rule.when.map(condition =>
        'zeroAt' in condition
          ? {
              fact: condition.feature,
              operator: condition.oneAt > condition.zeroAt ? 'greaterThanInclusive' : 'lessThanInclusive',
              value: (condition.zeroAt + condition.oneAt) / 2,
            }
          : {
              any: ('any' in condition ? condition.any : condition.none).map(id => ({
                fact: `${condition.feature}.${id}`,
                operator: 'any' in condition ? 'greaterThanInclusive' : 'lessThan',
                value: 0.5,
              })),
            },
      ),
    },
    event: { type: rule.id },
  } as ConstructorParameters<typeof import('json-rules-engine').Rule>[0] as never)
}
const facts = {
  ...features.numbers,
  ...Object.fromEntries(
    Object.entries(features.sets).flatMap(([feature, shares]) =>
      Object.entries(shares as Record<string, number>).map(([id, share]) => [`${feature}.${id}`, share]),
    ),
  ),
}
const theirs = await timed(15, () => engine.run(facts))
const held = RULES.filter(rule => jointMembership(rule.when, features) >= 0.5).length
const heldThere = (await engine.run(facts)).events.length

// The planner
const readings = Array.from({ length: 12 }, (_, i) => ({
  name: `r${i}`,
  weight: 1 + (i % 3) / 3,
  reading: {
    ...reading,
    temperatureC: 9 + (i % 5),
    visibilityM: 0.6 + 0.25 * i,
    sky: (['sun', 'overcast', 'broken'] as const)[i % 3]!,
    fishFromM: 0.5 + (i % 4) * 0.3,
    fishToM: 2 + (i % 4) * 0.5,
    bottomM: 4.5,
    mood: (['neutral', 'aggressive', 'lethargic'] as const)[i % 3]!,
  },
}))
const plans: string[] = []
for (const [count, lures, times] of [
  [300, 20, 5],
  [1000, 30, 1],
] as const) {
  const box = prepareBox(bigBox(count))
  const clock = () => performance.now()
  const began = clock()
  const problem = finished(
    packProblem(
      box,
      {
        readings,
        limits: { rods: 3, lures, boxes: 2, slotsPerBox: 18, grams: 1500 },
        locks: { take: new Set(), leave: new Set() },
      },
      seededRandom(7),
    ),
  )
  const judged = clock()
  const runs = Array.from({ length: times }, () => {
    const asked = clock()
    const catches = new Catches(problem)
    const greedy = greedyPack(problem, catches)
    const answered = clock()
    const proof = prove(problem, catches, greedy, { seconds: 30, gap: 0.01, clock })
    const proven = clock()
    return { pack: answered - asked, both: proven - asked, proof }
  }).sort((a, b) => a.both - b.both)
  const { pack, both, proof } = runs[0]!
  const s = (took: number) => `${(took / 1000).toFixed(1)} s`
  plans.push(
    `| ${count} × 12 × 6 | ${s(judged - began)} | ${s(pack)} | ${s(both)}, ${proof.ended === 'proven' ? '' : 'not '}within 1 % (${(100 * proof.gap).toFixed(2)} %) | ${s(runs[Math.floor(times / 2)]!.both)} | ${((judged - began) / both).toFixed(1)} |`,
  )
}

// What the browser was measured to do stands in the same report, and stays (tests/bench/in-browser.mjs).
const inBrowser = readFileSync(resolve('docs/performance.md'), 'utf8').match(/^## In the browser$[\s\S]*/m)?.[0] ?? ''
writeFileSync(
  resolve('docs/performance.md'),
  [
    '# Speed',
    '',
    'Made by `npm run performance` in one run on two shared cores; a plain bundle of `core/` under Node, warm. Times move with the load of the machine, ratios less. In milliseconds.',
    '',
    '| what | best | median | limit | |',
    '|---|---|---|---|---|',
    ...rows,
    '',
    `The plain way (every way of every lure of 1,000 put in the water) takes ${timesPlain.toFixed(1)} times as long as the first ${TOLD_ON_PAGE}, water by water, in the same run.`,
    '',
    '## The planner',
    '',
    '| lures × readings × rods | judging every way | the pack | the pack and what is proven of it, best | median | judging to the best |',
    '|---|---|---|---|---|---|',
    ...plans,
    '',
    'Of 300 lures five times, of 1,000 once. Judging is done once for a set of readings and kept while limits and locks change. The limits of the design are 3 s for 300 lures and 10 s for 1,000 to a proven gap of 1 %.',
    '',
    '## Rules against a general-purpose rules package',
    '',
    `The conditions of all ${RULES.length} rules on one reading: ${ms(mine.median)} ms here (soft memberships), ${ms(theirs.median)} ms in a general-purpose package (yes or no at the middle of each ramp): ${Math.round(theirs.median / mine.median)} times as long. ${held} rules hold by half here, ${heldThere} there; they differ where several half-held conditions multiply.`,
    '',
    `A whole re-ranking of 1,000 lures takes ${((await timed(9, () => rank(small, askOf(reading)))).median / theirs.median).toFixed(1)} times what that package needs for the rules alone.`,
    '',
    inBrowser,
  ].join('\n'),
)
