import { type Group, pooledRates } from '#core/evidence'
import { seededRandom } from '#core/numeric'
import { gammaSample, poissonSample } from '../chance'

/** A way in which bites may come about that the model of the log may or may not have thought of. */
export interface World {
  readonly name: string
  readonly what: string
  /** The true rates [1/h] of one log's lures, around `usual`. */
  readonly rates: (usual: number, random: () => number) => readonly number[]
  /** Hours that a lure with this true rate is fished; `usual` is the rate of an ordinary lure. */
  readonly hours: (rate: number, usual: number, random: () => number) => number
  /** Contacts in so many hours at this true rate. */
  readonly contacts: (rate: number, hours: number, random: () => number) => number
}

const LURES = 8
const each = (draw: () => number) => Array.from({ length: LURES }, draw)
const anyHours = (_: number, __: number, random: () => number) => 1 + 14 * random()
const evenly = (rate: number, hours: number, random: () => number) => poissonSample(rate * hours, random)
/** A standard normal from twelve uniform draws (sum less six): light tails, good enough to draw a log-normal from. */
const normal = (random: () => number) => Array.from({ length: 12 }, random).reduce((a, b) => a + b, 0) - 6
const alikeOrNot = (usual: number, random: () => number) => {
  const shape = 0.5 * 120 ** random()
  return each(() => gammaSample(shape, usual / shape, random))
}
/** Fish in a school bite together: so many contacts at a time. Assumed. */
const SCHOOL = 3

export const WORLDS: readonly World[] = [
  { name: 'as the model has it', what: 'rates from a Gamma, bites one by one', rates: alikeOrNot, hours: anyHours, contacts: evenly },
  { name: 'log-normal rates', what: 'a few lures far better than the rest', rates: (usual, random) => each(() => usual * Math.exp(0.9 * normal(random))), hours: anyHours, contacts: evenly },
  { name: 'two sorts', what: 'half the lures get a quarter of the usual, half get twice', rates: (usual, random) => each(() => usual * (random() < 0.5 ? 0.25 : 2)), hours: anyHours, contacts: evenly },
  { name: 'all alike', what: 'the lure does not matter at all', rates: usual => each(() => usual), hours: anyHours, contacts: evenly },
  { name: 'schools', what: `bites come ${SCHOOL} at a time`, rates: alikeOrNot, hours: anyHours, contacts: (rate, hours, random) => SCHOOL * poissonSample(rate * hours / SCHOOL, random) },
  { name: 'favourites', what: 'the better a lure is, the longer it is fished', rates: alikeOrNot, hours: (rate, usual, random) => 1 + 7 * random() * Math.min(3, rate / usual), contacts: evenly },
  { name: 'good and bad days', what: 'a day’s rate is half or one and a half times the lure’s own', rates: alikeOrNot, hours: anyHours, contacts: (rate, hours, random) => {
    let sum = 0
    for (let left = hours; left > 0; left -= 4) sum += poissonSample(rate * (random() < 0.5 ? 0.5 : 1.5) * Math.min(4, left), random)
    return sum
  } },
]

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
export function tryWorld({ name, what, rates, hours, contacts }: World, logs: number): Found {
  const random = seededRandom(9)
  let [held, of, pooledError, rawError, pooledFirst, rawFirst] = [0, 0, 0, 0, 0, 0]
  for (let run = 0; run < logs; run++) {
    const usual = 0.3 * 8 ** random()
    const truth = rates(usual, random)
    const groups: Group[] = truth.map((rate) => {
      const effort = hours(rate, usual, random)
      return { effort, events: contacts(rate, effort, random) }
    })
    const raw = groups.map(g => g.events / g.effort)
    const pooled = pooledRates(groups)!.groups
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
  return { name, what, held: held / of, pooledError: Math.sqrt(pooledError / of), rawError: Math.sqrt(rawError / of), pooledFirst: pooledFirst / logs, rawFirst: rawFirst / logs }
}
