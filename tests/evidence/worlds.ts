import { dispersionOf, type Group, pooledRates } from '#core/evidence'
import { seededRandom } from '#core/numeric'
import { gammaSample, poissonSample } from '../chance'

/** One stint of a simulated log. */
interface Outing {
  readonly lure: number
  readonly day: number
  readonly hours: number
  readonly contacts: number
}

/** A way in which bites may come about that the model of the log may or may not have thought of. */
export interface World {
  readonly name: string
  readonly what: string
  /** The true rates [1/h] of one log's lures, around `usual`. */
  readonly rates: (usual: number, random: () => number) => readonly number[]
  /** Hours that a lure with this true rate is fished; `usual` is the rate of an ordinary lure. */
  readonly hours: (rate: number, usual: number, random: () => number) => number
  /** What a day makes of every rate. */
  readonly day: (random: () => number) => number
  /** So many contacts at a time. */
  readonly school: number
  /** Changed after an hour without a contact, instead of after the planned time. */
  readonly impatient: boolean
}

const LURES = 8
/** An outing with one lure, and a day on the water [h]. Assumed. */
const STINT_H = 2
const DAY_H = 6
const each = (draw: () => number) => Array.from({ length: LURES }, draw)
const anyHours = (_: number, __: number, random: () => number) => 1 + 14 * random()
/** A standard normal from twelve uniform draws (sum less six): light tails, good enough to draw a log-normal from. */
const normal = (random: () => number) => Array.from({ length: 12 }, random).reduce((a, b) => a + b, 0) - 6
const alikeOrNot = (usual: number, random: () => number) => {
  const shape = 0.5 * 120 ** random()
  return each(() => gammaSample(shape, usual / shape, random))
}
/** Fish in a school bite together: so many contacts at a time. Assumed. */
const SCHOOL = 3
const goodOrBad = (random: () => number) => (random() < 0.5 ? 0.5 : 1.5)
const plain = { rates: alikeOrNot, hours: anyHours, day: () => 1, school: 1, impatient: false } as const

export const WORLDS: readonly World[] = [
  { ...plain, name: 'as the model has it', what: 'rates from a Gamma, bites one by one' },
  {
    ...plain,
    name: 'log-normal rates',
    what: 'a few lures far better than the rest',
    rates: (usual, random) => each(() => usual * Math.exp(0.9 * normal(random))),
  },
  {
    ...plain,
    name: 'two sorts',
    what: 'half the lures get a quarter of the usual, half get twice',
    rates: (usual, random) => each(() => usual * (random() < 0.5 ? 0.25 : 2)),
  },
  { ...plain, name: 'all alike', what: 'the lure does not matter at all', rates: usual => each(() => usual) },
  {
    ...plain,
    name: 'favourites',
    what: 'the better a lure is, the longer it is fished',
    hours: (rate, usual, random) => 1 + 7 * random() * Math.min(3, rate / usual),
  },
  { ...plain, name: 'schools', what: `bites come ${SCHOOL} at a time`, school: SCHOOL },
  {
    ...plain,
    name: 'good and bad days',
    what: 'a day’s rate is half or one and a half times the lure’s own',
    day: goodOrBad,
  },
  { ...plain, name: 'schools on good and bad days', what: 'both at once', day: goodOrBad, school: SCHOOL },
  { ...plain, name: 'impatient', what: 'changed after a blank hour', impatient: true },
  {
    ...plain,
    name: 'impatient among schools',
    what: 'changed after a blank hour, bites in threes, good and bad days',
    day: goodOrBad,
    school: SCHOOL,
    impatient: true,
  },
]

/** One log: every lure is fished its hours in stints, each on some day. */
function fishedIn(
  { hours, day, school, impatient }: World,
  truth: readonly number[],
  usual: number,
  random: () => number,
): Outing[] {
  const planned = truth.map(rate => hours(rate, usual, random))
  const days = Array.from({ length: Math.max(2, Math.ceil(planned.reduce((a, b) => a + b, 0) / DAY_H)) }, () =>
    day(random),
  )
  const contactsIn = (rate: number, h: number) => school * poissonSample((rate * h) / school, random)
  return truth.flatMap((rate, lure) => {
    const outings: Outing[] = []
    for (let left = planned[lure]!; left > 0;) {
      const on = Math.floor(random() * days.length)
      let [spent, contacts] = [0, 0]
      for (let blank = false; left > 0 && !blank && spent < (impatient ? DAY_H : STINT_H);) {
        const h = Math.min(1, left)
        const found = contactsIn(rate * days[on]!, h)
        blank = impatient && found === 0
        contacts += found
        spent += h
        left -= h
      }
      outings.push({ lure, day: on, hours: spent, contacts })
    }
    return outings
  })
}

export interface Found {
  readonly name: string
  readonly what: string
  /** Share of the true rates inside their 90 % interval. */
  readonly held: number
  /** Root of the mean squared error [1/h], pooled and as counted. */
  readonly pooledError: number
  readonly rawError: number
  /** Share of logs in which the lure put first is truly among the best two, pooled and as counted. */
  readonly pooledFirst: number
  readonly rawFirst: number
}

/** Draws `logs` logs in this world and asks the pooled rates of each. */
export function tryWorld(world: World, logs: number): Found {
  const { name, what, rates } = world
  const random = seededRandom(9)
  let [held, of, pooledError, rawError, pooledFirst, rawFirst] = [0, 0, 0, 0, 0, 0]
  for (let run = 0; run < logs; run++) {
    const usual = 0.3 * 8 ** random()
    const truth = rates(usual, random)
    const outings = fishedIn(world, truth, usual, random)
    const groups: Group[] = truth.map((_, lure) => {
      const own = outings.filter(o => o.lure === lure)
      return { effort: own.reduce((sum, o) => sum + o.hours, 0), events: own.reduce((sum, o) => sum + o.contacts, 0) }
    })
    const dispersion = dispersionOf(
      outings.map(o => ({ group: o.lure, day: String(o.day), events: o.contacts, effort: o.hours })),
    )
    const raw = groups.map(g => g.events / g.effort)
    const pooled = pooledRates(groups, dispersion)!.groups
    pooled.forEach(({ low, high, mean }, i) => {
      of++
      if (truth[i]! >= low && truth[i]! <= high) held++
      pooledError += (mean - truth[i]!) ** 2
      rawError += (raw[i]! - truth[i]!) ** 2
    })
    const best = [...truth].sort((a, b) => b - a)[1]!
    const isFirst = (values: readonly number[]) => Number(truth[values.indexOf(Math.max(...values))]! >= best)
    pooledFirst += isFirst(pooled.map(p => p.mean))
    rawFirst += isFirst(raw)
  }
  return {
    name,
    what,
    held: held / of,
    pooledError: Math.sqrt(pooledError / of),
    rawError: Math.sqrt(rawError / of),
    pooledFirst: pooledFirst / logs,
    rawFirst: rawFirst / logs,
  }
}
