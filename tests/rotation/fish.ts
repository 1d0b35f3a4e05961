import { type SetupTraits, type Trait, TRAITS } from '#core/lure'
import { seededRandom } from '#core/numeric'
import type { Offer, Tried } from '#core/rotation'

/**
 * Simulated fish. Specification, written before the adviser and not seen by it:
 *
 * - A day has 480 minutes. Fish meet a lure at 3 contacts an hour when it is all they want today.
 * - A day's preference names one value of one trait (colour, size, depth, speed, action), one of each of two, or nothing. Each unwanted value leaves a quarter of the rate.
 * - `flip`: at minute 240 the preference becomes another, of another trait. `return`: so from minute 160 to 320, then the first again, as when the light comes back; the angler knows when light turns.
 * - `schools`: like `size`, but a bite brings others of its school for four minutes, whatever is on; the rate without them is 0.7 of the usual.
 * - `commitment`: they want a falling action; others they come to as often, but eight of ten only follow. `pecking`: so with the smallest size, and they peck.
 * - `conditioned`: after four contacts on one colour and action these leave a fifth of the rate for two and a half hours.
 * - `two species`: half of the fish want one value, half another of another trait.
 * - `small and deep`: the smallest size and the greatest depth, both at once.
 * - A contact is a landed fish with probability 0.5, else a hit, a peck (0.2 each) or a follow (0.1).
 * - Tying on another lure costs two minutes.
 * - The box holds 216 of the 432 combinations of 4 colours, 4 sizes, 3 depths, 3 speeds and 3 actions; its scores by the rules are drawn without regard to the fish.
 */
export const KINDS = [
  'none',
  'colour',
  'size',
  'depth',
  'speed',
  'action',
  'two',
  'small and deep',
  'schools',
  'commitment',
  'pecking',
  'conditioned',
  'two species',
  'flip',
  'return',
] as const
export type Kind = (typeof KINDS)[number]

const DAY_MIN = 480
const FULL_PER_MIN = 3 / 60
const UNWANTED = 0.25
const CHANGE_MIN = 2
const STEP_MIN = 5
const TURNS_OF_LIGHT = [160, 320] as const
const SCHOOL = { base: 0.7, minutes: 4, perMin: 0.1 }
const CONDITIONED = { contacts: 4, left: 0.2, minutes: 150 }
/** Fish that come to everything, and share of them that does no more where it is not what they want. */
const HALF_HEARTED: readonly Kind[] = ['commitment', 'pecking']
const NO_MORE = 0.8
const VALUES: Record<Trait, readonly (string | number)[]> = {
  colour: ['natural', 'hot', 'dark', 'silver'],
  size: [0, 1, 2, 3],
  depth: [1, 2, 3],
  speed: [1, 2, 3],
  action: ['kick, steady', 'flutter, falling', 'wobble, stopped'],
}

export type Policy = (
  offers: readonly Offer[],
  tried: readonly Tried[],
  nowMin: number,
  random: () => number,
  turnsAtMin: readonly number[],
) => Offer | null

export function boxOfOffers(random: () => number): Offer[] {
  const all: SetupTraits[] = []
  for (const colour of VALUES.colour)
    for (const size of VALUES.size)
      for (const depth of VALUES.depth)
        for (const speed of VALUES.speed)
          for (const action of VALUES.action) all.push({ colour, size, depth, speed, action } as SetupTraits)
  return all
    .filter(() => random() < 0.5)
    .map((traits, i) => ({
      id: `o${i}`,
      lureId: `o${i}`,
      traits,
      score: 0.4 + 0.5 * random(),
      way: traits.action === 'kick, steady' ? 'moving' : 'slow',
    }))
}

type Wants = Partial<Record<Trait, string | number>>
function drawWants(traits: readonly Trait[], offers: readonly Offer[], random: () => number): Wants {
  return Object.fromEntries(
    traits.map(trait => {
      const values = [...new Set(offers.map(o => o.traits[trait]))]
      return [trait, values[Math.floor(random() * values.length)]!]
    }),
  )
}

/** What one share of the fish wants in one part of the day [min]. */
interface Part {
  readonly from: number
  readonly to: number
  readonly share: number
  readonly wants: Wants
}
const FALLING = 'flutter, falling'

function partsOf(kind: Kind, offers: readonly Offer[], random: () => number): readonly Part[] {
  const anyTrait = (not?: Trait) => {
    const list = TRAITS.filter(t => t !== not)
    return list[Math.floor(random() * list.length)]!
  }
  const whole = (wants: Wants, share = 1): Part => ({ from: 0, to: DAY_MIN, share, wants })
  const drawn = (...traits: Trait[]) => drawWants(traits, offers, random)
  switch (kind) {
    case 'none':
      return [whole({})]
    case 'two': {
      const first = anyTrait()
      return [whole(drawn(first, anyTrait(first)))]
    }
    case 'small and deep':
      return [whole({ size: 0, depth: 3 })]
    case 'schools':
      return [whole(drawn('size'))]
    case 'commitment':
      return [whole({ action: FALLING })]
    case 'pecking':
      return [whole({ size: 0 })]
    case 'conditioned':
      return [whole(drawn(anyTrait()))]
    case 'two species': {
      const first = anyTrait()
      return [whole(drawn(first), 0.5), whole(drawn(anyTrait(first)), 0.5)]
    }
    case 'flip':
    case 'return': {
      const first = anyTrait()
      const [morning, other] = [drawn(first), drawn(anyTrait(first))]
      const [turn, back] = kind === 'flip' ? [DAY_MIN / 2, DAY_MIN] : TURNS_OF_LIGHT
      return [
        { from: 0, to: turn, share: 1, wants: morning },
        { from: turn, to: back, share: 1, wants: other },
        { from: back, to: DAY_MIN, share: 1, wants: morning },
      ]
    }
    default:
      return [whole(drawn(kind))]
  }
}

export interface DayResult {
  readonly catches: number
  readonly changes: number
  /** Changes until the wanted value was first fished; `null`: never, or wanted nothing. */ readonly changesToFind:
    number | null
  /** Minutes into the day. */ readonly minutesToFind: number | null
  readonly startedRight: boolean
}

/** One day of one policy against hidden fish; the same seed gives all policies the same box and the same fish. */
export function fishDay(kind: Kind, seed: number, policy: Policy): DayResult {
  const setting = seededRandom(seed)
  const offers = boxOfOffers(setting)
  const parts = partsOf(kind, offers, setting)
  const luck = seededRandom(seed * 7919 + 13)
  const own = seededRandom(seed * 104_729 + 7)
  const partsAt = (at: number) => parts.filter(({ from, to }) => at >= from && at < to)
  const unwantedBy = ({ wants }: Part, traits: SetupTraits) =>
    (Object.keys(wants) as Trait[]).filter(t => traits[t] !== wants[t]).length
  const isWanted = (traits: SetupTraits, at: number) => partsAt(at).some(part => unwantedBy(part, traits) === 0)
  const water = new Water(kind)
  const rate = (traits: SetupTraits, at: number) =>
    water.rate(
      traits,
      at,
      partsAt(at).reduce(
        (sum, part) => sum + part.share * (HALF_HEARTED.includes(kind) ? 1 : UNWANTED ** unwantedBy(part, traits)),
        0,
      ),
    )
  // Everyone begins with what the rules like best.
  let now = offers.reduce((a, b) => (b.score > a.score ? b : a))
  const startedRight = isWanted(now.traits, 0)
  const tried: { -readonly [K in keyof Tried]: Tried[K] }[] = [
    {
      offerId: now.id,
      family: 'jighead-soft',
      traits: now.traits,
      way: now.way,
      beganMin: 0,
      minutes: 0,
      casts: 0,
      events: [],
    },
  ]
  let [clock, catches, changes] = [0, 0, 0]
  let changesToFind: number | null = null
  let minutesToFind: number | null = startedRight ? 0 : null
  while (clock < DAY_MIN) {
    const current = tried[tried.length - 1]!
    for (let minute = 0; minute < STEP_MIN && clock < DAY_MIN; minute++, clock++) {
      current.minutes++
      current.casts++
      if (luck() >= rate(now.traits, clock)) continue
      const roll = luck()
      const isHalfHearted = HALF_HEARTED.includes(kind) && !isWanted(now.traits, clock) && luck() < NO_MORE
      const event = isHalfHearted
        ? kind === 'commitment'
          ? 'follow'
          : 'peck'
        : roll < 0.5
          ? 'landed'
          : roll < 0.7
            ? 'hit'
            : roll < 0.9
              ? 'peck'
              : 'follow'
      if (event === 'landed') catches++
      water.bitten(now.traits, clock)
      current.events = [...current.events, { kind: event, when: 'retrieve', hookedAt: null, atMin: clock }]
    }
    if (clock >= DAY_MIN) break
    const next = policy(offers, tried, clock, own, kind === 'return' ? TURNS_OF_LIGHT : [])
    if (!next || next.id === now.id) continue
    changes++
    clock += CHANGE_MIN
    now = next
    if (minutesToFind === null && kind !== 'none' && isWanted(now.traits, clock))
      [changesToFind, minutesToFind] = [changes, clock]
    tried.push({
      offerId: now.id,
      family: 'jighead-soft',
      traits: now.traits,
      way: now.way,
      beganMin: clock,
      minutes: 0,
      casts: 0,
      events: [],
    })
  }
  return { catches, changes, changesToFind, minutesToFind, startedRight }
}

/** What bites leave behind in the water: a school that is awake, fish that know a lure. */
class Water {
  private readonly known = new Map<string, { contacts: number; at: number }>()
  private lastBite = -Infinity
  constructor(private readonly kind: Kind) {}

  rate(traits: SetupTraits, at: number, wanted: number): number {
    if (this.kind === 'schools')
      return FULL_PER_MIN * wanted * SCHOOL.base + (at - this.lastBite <= SCHOOL.minutes ? SCHOOL.perMin : 0)
    const seen = this.known.get(lookOf(traits))
    const isKnown =
      this.kind === 'conditioned' &&
      seen !== undefined &&
      seen.contacts >= CONDITIONED.contacts &&
      at - seen.at < CONDITIONED.minutes
    return FULL_PER_MIN * wanted * (isKnown ? CONDITIONED.left : 1)
  }

  bitten(traits: SetupTraits, at: number): void {
    this.lastBite = at
    const look = lookOf(traits)
    const seen = this.known.get(look)
    this.known.set(look, { contacts: (seen && at - seen.at < CONDITIONED.minutes ? seen.contacts : 0) + 1, at })
  }
}
const lookOf = ({ colour, action }: SetupTraits) => `${colour}|${action}`

const WITHOUT_CONTACT_MIN = 25
const isQuiet = (tried: readonly Tried[]) => {
  const now = tried[tried.length - 1]!
  return (
    now.minutes >= WITHOUT_CONTACT_MIN &&
    now.events.every(e => e.atMin < now.beganMin + now.minutes - WITHOUT_CONTACT_MIN)
  )
}

/** What the adviser is held against. */
export const RIVALS: Record<'never' | 'random' | 'rules', Policy> = {
  never: () => null,
  random: (offers, tried, _, random) => (isQuiet(tried) ? offers[Math.floor(random() * offers.length)]! : null),
  /** Down the rules' order, the best not fished yet. */
  rules: (offers, tried) =>
    isQuiet(tried)
      ? ([...offers].filter(o => !tried.some(t => t.offerId === o.id)).sort((a, b) => b.score - a.score)[0] ?? null)
      : null,
}
