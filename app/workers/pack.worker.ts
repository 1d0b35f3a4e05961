import * as Comlink from 'comlink'
import { askOf, type AskOptions, type OwnRules } from '#core/ask'
import { judgingOf, prepareBox } from '#core/match'
import { finished, seededRandom } from '#core/numeric'
import {
  breachesOf,
  Catches,
  conflictsOf,
  coverOf,
  greedyPack,
  nextToAdd,
  type Pack,
  packProblem,
  type PackProblem,
  type PackRequest,
  prove,
  purposesOf,
  smallThings,
  swapsFor,
  usedBy,
  valueOf,
} from '#core/pack'
import { explainFirst, type SetupOut } from '#core/tell'
import { inWords } from '#speech'
import type { Explained, PackApi, PackChoice } from './pack.protocol'

/** Lures named as next to add. */
const NEXT = 4
const SWAPS = 6
/** The same plan for the same request: its days are drawn with this. */
const DAYS_SEED = 7

let prepared = prepareBox({ lures: [], parts: [], outfits: [], tests: [], trips: [] })
let own: OwnRules = { rules: [], places: [] }
/** The problem that was judged last, and for what request. */
let judged: {
  readonly key: string
  readonly problem: PackProblem
  readonly catches: Catches
  readonly setups: Map<string, SetupOut | null>
} | null = null

const options = ({ schools, weights }: PackChoice): AskOptions => ({ schools, weights, own })
/** What the judging depends on; limits, locks of lures and units do not change it. */
const keyOf = ({ readings, locks }: PackRequest, { schools, weights }: PackChoice) =>
  JSON.stringify([readings, [...locks.leave], [...locks.take], schools, weights])

function problemFor(request: PackRequest, choice: PackChoice, step: (done: number) => void) {
  const key = keyOf(request, choice)
  if (judged?.key !== key) {
    const steps = packProblem(prepared, request, seededRandom(DAYS_SEED), options(choice))
    const problem = finished(
      (function* () {
        for (;;) {
          const next = steps.next()
          if (next.done) return next.value
          step(next.value)
          yield
        }
      })(),
    )
    judged = { key, problem, catches: new Catches(problem), setups: new Map() }
  }
  return { ...judged, problem: { ...judged.problem, limits: request.limits, locks: request.locks } }
}

/** One lure on one rod under one reading, as it is tied on. */
function setupOf(
  request: PackRequest,
  choice: PackChoice,
  reading: number,
  lureId: string,
  outfitId: string,
): SetupOut | null {
  const { units } = choice
  const key = `${reading} ${lureId} ${outfitId} ${units}`
  const known = judged?.setups.get(key)
  if (known !== undefined) return known
  const only = {
    ...prepared,
    lures: prepared.lures.filter(p => p.lure.id === lureId),
    outfits: prepared.outfits.filter(o => o.outfit.id === outfitId),
  }
  const judging = judgingOf(only, askOf(request.readings[reading]!.reading, options(choice)))
  const [found] = explainFirst(only, judging, { top: 1, units }).setups
  const setup = found ? inWords(found, units) : null
  judged?.setups.set(key, setup)
  return setup
}

function explained(request: PackRequest, choice: PackChoice, pack: Pack): Explained {
  const { problem, catches } = problemFor(request, choice, () => undefined)
  const value = valueOf(problem, catches, pack)
  const ids = new Set(pack.items)
  const covers = coverOf(problem, pack).map(({ pack: own, box, counted }, reading) => ({
    pack: own,
    box,
    setups: counted.flatMap(({ option, isRigged }) => {
      const setup = setupOf(request, choice, reading, option.lureId, option.outfitId)
      return setup ? [{ setup, isRigged }] : []
    }),
  }))
  const rigged = Object.entries(pack.rigged).flatMap(([rod, lure]) => firstSetup(request, choice, lure, rod))
  return {
    pack,
    value: value.total,
    met: value.met,
    wishes: problem.wishes.map(w => w.id),
    items: problem.items.filter(i => ids.has(i.id)),
    purposes: purposesOf(problem, catches, pack),
    covers,
    next: nextToAdd(problem, catches, pack, NEXT),
    used: usedBy(problem, ids),
    breaches: inWords(breachesOf(problem, pack), choice.units),
    rigged,
    small: smallThings([...rigged, ...covers.flatMap(c => c.setups.map(s => s.setup))], prepared.box),
  }
}

/** Under the first reading in which the lure can be fished on that rod: first light, when it can. */
function firstSetup(request: PackRequest, choice: PackChoice, lureId: string, outfitId: string): readonly SetupOut[] {
  for (const reading of request.readings.keys()) {
    const setup = setupOf(request, choice, reading, lureId, outfitId)
    if (setup) return [setup]
  }
  return []
}

const api: PackApi = {
  load(box, rules, useLog) {
    prepared = prepareBox(box, { useLog })
    own = rules
    judged = null
  },
  plan(request, choice, { seconds, gap }, step) {
    const { problem, catches } = problemFor(request, choice, done => step({ kind: 'judged', done }))
    const conflicts = conflictsOf(problem)
    if (conflicts.length > 0) return { conflicts: inWords(conflicts, choice.units) }
    const greedy = explained(request, choice, greedyPack(problem, catches))
    step({ kind: 'greedy', explained: greedy })
    const proof = prove(problem, catches, greedy.pack, {
      seconds,
      gap,
      clock: () => performance.now(),
      progress: bound => {
        step({ kind: 'bound', bound })
        return true
      },
    })
    return { explained: greedy, proof }
  },
  explain: explained,
  swaps(request, choice, pack, out) {
    const { problem, catches } = problemFor(request, choice, () => undefined)
    return swapsFor(problem, catches, pack, out, SWAPS)
  },
}

Comlink.expose(api)
