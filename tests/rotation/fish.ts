import { type SetupTraits, type Trait, TRAITS } from '#core/lure'
import { seededRandom } from '#core/numeric'
import type { Offer, Tried } from '#core/rotation'

/**
 * Simulated fish. Specification, written before the adviser and not seen by it:
 *
 * - A day has 480 minutes. Fish meet a lure at 3 contacts an hour when it is all they want today.
 * - A day's preference names one value of one trait (colour, size, depth, speed, action), one of each of two, or nothing. Each unwanted value leaves a quarter of the rate.
 * - `flip`: at minute 240 the preference becomes another, of another trait.
 * - A contact is a landed fish with probability 0.5, else a hit, a peck (0.2 each) or a follow (0.1).
 * - Tying on another lure costs two minutes.
 * - The box holds 216 of the 432 combinations of 4 colours, 4 sizes, 3 depths, 3 speeds and 3 actions; its scores by the rules are drawn without regard to the fish.
 */
export const KINDS = ['none', 'colour', 'size', 'depth', 'speed', 'action', 'two', 'flip'] as const
export type Kind = typeof KINDS[number]

const DAY_MIN = 480
const FULL_PER_MIN = 3 / 60
const UNWANTED = 0.25
const CHANGE_MIN = 2
const STEP_MIN = 5
const VALUES: Record<Trait, readonly (string | number)[]> = { colour: ['natural', 'hot', 'dark', 'silver'], size: [0, 1, 2, 3], depth: [1, 2, 3], speed: [1, 2, 3], action: ['kick, steady', 'flutter, falling', 'wobble, stopped'] }

export type Policy = (offers: readonly Offer[], tried: readonly Tried[], nowMin: number, random: () => number) => Offer | null

export function boxOfOffers(random: () => number): Offer[] {
  const all: SetupTraits[] = []
  for (const colour of VALUES.colour) for (const size of VALUES.size) for (const depth of VALUES.depth) for (const speed of VALUES.speed) for (const action of VALUES.action)
    all.push({ colour, size, depth, speed, action } as SetupTraits)
  return all.filter(() => random() < 0.5).map((traits, i) => ({ id: `o${i}`, lureId: `o${i}`, traits, score: 0.4 + 0.5 * random(), way: traits.action === 'kick, steady' ? 'moving' : 'slow' }))
}

type Wants = Partial<Record<Trait, string | number>>
function drawWants(traits: readonly Trait[], offers: readonly Offer[], random: () => number): Wants {
  return Object.fromEntries(traits.map((trait) => {
    const values = [...new Set(offers.map(o => o.traits[trait]))]
    return [trait, values[Math.floor(random() * values.length)]!]
  }))
}

function wantsOf(kind: Kind, offers: readonly Offer[], random: () => number): readonly [Wants, Wants] {
  const anyTrait = (not?: Trait) => {
    const list = TRAITS.filter(t => t !== not)
    return list[Math.floor(random() * list.length)]!
  }
  if (kind === 'none') return [{}, {}]
  if (kind === 'flip') {
    const first = anyTrait()
    return [drawWants([first], offers, random), drawWants([anyTrait(first)], offers, random)]
  }
  const traits = kind === 'two' ? [anyTrait()] : [kind]
  if (kind === 'two') traits.push(anyTrait(traits[0]))
  const wants = drawWants(traits, offers, random)
  return [wants, wants]
}

export interface DayResult { readonly catches: number, readonly changes: number, /** Changes until the wanted value was first fished; `null`: never, or wanted nothing. */ readonly changesToFind: number | null, readonly startedRight: boolean }

/** One day of one policy against hidden fish; the same seed gives all policies the same box and the same fish. */
export function fishDay(kind: Kind, seed: number, policy: Policy): DayResult {
  const setting = seededRandom(seed)
  const offers = boxOfOffers(setting)
  const [morning, afternoon] = wantsOf(kind, offers, setting)
  const luck = seededRandom(seed * 7919 + 13)
  const own = seededRandom(seed * 104_729 + 7)
  const wanted = (traits: SetupTraits, at: number) => {
    const wants = at < DAY_MIN / 2 ? morning : afternoon
    return (Object.keys(wants) as Trait[]).every(t => traits[t] === wants[t])
  }
  const rate = (traits: SetupTraits, at: number) => {
    const wants = at < DAY_MIN / 2 ? morning : afternoon
    return FULL_PER_MIN * UNWANTED ** (Object.keys(wants) as Trait[]).filter(t => traits[t] !== wants[t]).length
  }
  // Everyone begins with what the rules like best.
  let now = offers.reduce((a, b) => (b.score > a.score ? b : a))
  const startedRight = wanted(now.traits, 0)
  const tried: { -readonly [K in keyof Tried]: Tried[K] }[] = [{ offerId: now.id, traits: now.traits, way: now.way, beganMin: 0, minutes: 0, casts: 0, events: [] }]
  let [clock, catches, changes] = [0, 0, 0]
  let changesToFind: number | null = null
  while (clock < DAY_MIN) {
    const current = tried[tried.length - 1]!
    for (let minute = 0; minute < STEP_MIN && clock < DAY_MIN; minute++, clock++) {
      current.minutes++
      current.casts++
      if (luck() >= rate(now.traits, clock)) continue
      const roll = luck()
      const kindOfEvent = roll < 0.5 ? 'landed' : roll < 0.7 ? 'hit' : roll < 0.9 ? 'peck' : 'follow'
      if (kindOfEvent === 'landed') catches++
      current.events = [...current.events, { kind: kindOfEvent, when: 'retrieve', hookedAt: null, atMin: clock }]
    }
    if (clock >= DAY_MIN) break
    const next = policy(offers, tried, clock, own)
    if (!next || next.id === now.id) continue
    changes++
    clock += CHANGE_MIN
    now = next
    if (changesToFind === null && wanted(now.traits, clock) && kind !== 'none') changesToFind = changes
    tried.push({ offerId: now.id, traits: now.traits, way: now.way, beganMin: clock, minutes: 0, casts: 0, events: [] })
  }
  return { catches, changes, changesToFind, startedRight }
}

const WITHOUT_CONTACT_MIN = 25
const isQuiet = (tried: readonly Tried[]) => {
  const now = tried[tried.length - 1]!
  return now.minutes >= WITHOUT_CONTACT_MIN && now.events.every(e => e.atMin < now.beganMin + now.minutes - WITHOUT_CONTACT_MIN)
}

/** What the adviser is held against. */
export const RIVALS: Record<'never' | 'random' | 'rules', Policy> = {
  never: () => null,
  random: (offers, tried, _, random) => (isQuiet(tried) ? offers[Math.floor(random() * offers.length)]! : null),
  /** Down the rules' order, the best not fished yet. */
  rules: (offers, tried) => (isQuiet(tried) ? [...offers].filter(o => !tried.some(t => t.offerId === o.id)).sort((a, b) => b.score - a.score)[0] ?? null : null),
}

