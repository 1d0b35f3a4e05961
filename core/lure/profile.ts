import { type FamilyRow, type TechniqueRow, TECHNIQUES, typicalOf } from '#core/knowledge'
import { relativeLuminance } from '#core/light'
import { castRatingOf, type DiveRating } from '#core/motion'
import type { BenchTest, Blade, Colours, Lure, LureHook, WorkedOutField } from '#core/tackle'
import type { ActionStyle, Buoyancy, Rig } from '#core/terms'
import { interpolate } from '#core/numeric'
import { bareBody, type WaterBody } from './in-motion'
import { computed, type Known, stated, statedOr, tested, typical } from './known'
import type { Mould } from './mould'
import { usualBulk, usualFlash, usualLength } from './usual'

export interface LureColours extends Omit<Colours, 'pattern' | 'metal' | 'finish' | 'fluorescent'> {
  readonly pattern: NonNullable<Colours['pattern']>
  readonly metal: NonNullable<Colours['metal']>
  readonly finish: NonNullable<Colours['finish']>
  readonly fluorescent: boolean
  readonly sideLuminance: number
}

/** Let go under water. */
export interface HangTest {
  readonly riseMs: number
  readonly temperatureC: number
  readonly salinityPsu: number
}

/** A timed fall with a given rig. */
export interface FallTest {
  readonly rig: Rig | null
  readonly addedG: number
  readonly speedMs: number
}

/** How lively it was beside the reference with a given rig, 1–5. */
export interface ActionTest {
  readonly rig: Rig | null
  readonly intensity: Known<number>
}

/** Everything the judgement needs of one lure that does not change with the reading: what is tested, else stated, else typical. */
export interface LureProfile extends WaterBody {
  readonly lure: Lure
  readonly mould: Mould
  readonly typical: FamilyRow
  /** The ways in which it can be rigged and fished. */
  readonly techniques: readonly TechniqueRow[]
  readonly lengthMm: Known<number>
  readonly weightG: Known<number>
  readonly bulk: Known<number>
  readonly vibration: Known<number>
  readonly flash: Known<number>
  readonly intensity: Known<number>
  readonly action: Known<ActionStyle>
  readonly sound: Known<number>
  readonly snagGuard: Known<number>
  readonly buoyancy: Known<Buoyancy>
  /** How it rose (+) or sank (−) when let go, in which water; the truest word on its density. */
  readonly hang: HangTest | null
  readonly scented: Known<boolean>
  readonly speed: Known<{ readonly min: number; readonly best: number; readonly max: number }>
  /** `null`: does not dive by a lip. */
  readonly runsAt: Known<DiveRating> | null
  readonly fallStatedMs: Known<number> | null
  readonly fallTests: readonly FallTest[]
  /** Newest first. */
  readonly actionTests: readonly ActionTest[]
  /** Force at which the hook tore out of it [kgf], `NEVER_TEARS_KG` where it never did; `null`: not tested. */
  readonly tearKg: number | null
  readonly hooks: Known<readonly LureHook[]>
  readonly blades: readonly Blade[]
  readonly colours: Known<LureColours>
}

const SOUND_LEVEL = { silent: 0, knock: 1, rattle: 2 } as const
const NEUTRAL_SIDE = 0.35 // relative luminance taken for an unknown colour; assumed

/** Thump of the blades against the family's own: trade §3 orders the shapes, the steps are assumed. */
const BLADE_THUMP = { willow: -0.7, turtleback: -0.3, oval: 0, fluted: 0.1, indiana: 0.4, colorado: 1 } as const
const HAMMERED_THUMP = 0.2
const SECOND_BLADE_THUMP = 0.3

/** `mould`: shared with the baits that are the same in the water; by itself where none is given. */
export function profileOf(lure: Lure, tests: readonly BenchTest[], mould: Mould = {}): LureProfile {
  const row = typicalOf(lure.family, lure.style)
  const weigh = meanOfNewest(tests, 'weigh')
  const measured = meanOfNewest(tests, 'length')
  const weighed = weigh ?? lure.weightG ?? lure.labelWeightG ?? null
  const lengthMm =
    measured !== null
      ? tested(measured)
      : lure.lengthMm != null
        ? givenOr(lure, 'lengthMm', lure.lengthMm, lure.lengthMm)
        : usualLength(row, weighed)
  const size = lengthMm.value / row.lengthMm
  const blades = lure.blades ?? []
  return {
    lure,
    mould,
    typical: row,
    techniques: techniquesOf(lure),
    lengthMm,
    weightG:
      weigh !== null
        ? tested(weigh)
        : givenOr(lure, 'weightG', lure.weightG ?? lure.labelWeightG, row.weightG * size ** 3),
    bulk: lure.bulk != null ? givenOr(lure, 'bulk', lure.bulk, lure.bulk) : usualBulk(row, lengthMm),
    vibration:
      lure.vibration != null
        ? stated(lure.vibration)
        : blades.length > 0
          ? computed(bladeThump(row.vibration, blades))
          : typical(row.vibration),
    flash: lure.flash != null ? stated(lure.flash) : usualFlash(row, lure, blades),
    intensity: actionTestsOf(tests)[0]?.intensity ?? statedOr(lure.intensity, row.intensity),
    actionTests: actionTestsOf(tests),
    tearKg: tearOf(tests),
    action: statedOr(lure.actionStyle, row.action),
    sound: lure.sound != null ? stated(SOUND_LEVEL[lure.sound]) : typical(SOUND_LEVEL[row.sound]),
    snagGuard: statedOr(lure.snagGuard, row.snagGuard),
    buoyancy: buoyancyOf(lure, row, tests),
    hang: hangOf(tests),
    scented: statedOr(lure.scented, false),
    speed: speedOf(lure, row, tests),
    runsAt: runsAtOf(lure, row, tests),
    fallStatedMs: lure.fallRateMs != null ? stated(lure.fallRateMs) : null,
    fallTests: tests
      .filter(t => t.kind === 'fall' && t.depthM)
      .flatMap(t => {
        const seconds = mean(t.values)
        return seconds ? [{ rig: t.rig ?? null, addedG: t.addedG ?? 0, speedMs: t.depthM! / seconds }] : []
      }),
    ...bareBody(lure, row, size, blades),
    hooks: lure.hooks && lure.hooks.length > 0 ? stated(lure.hooks) : typical([row.hook]),
    blades,
    colours: coloursOf(lure.colours),
  }
}

function techniquesOf({ family, style }: Lure): TechniqueRow[] {
  return TECHNIQUES.filter(
    t =>
      t.families.includes(family) &&
      (!t.styles || (style != null && t.styles.includes(style))) &&
      (!t.notStyles || style == null || !t.notStyles.includes(style)),
  )
}

function mean(values: readonly (number | null)[]): number | null {
  const numbers = values.filter(v => v !== null)
  return numbers.length ? numbers.reduce((a, b) => a + b, 0) / numbers.length : null
}

/** The newest test of a kind that found something: a retest takes the place of the test before it, whose repeats give its spread; the older ones stay as history. */
function newest(
  tests: readonly BenchTest[],
  kind: BenchTest['kind'],
  isSound: (test: BenchTest) => boolean = test => mean(test.values) !== null,
): BenchTest | undefined {
  return tests
    .filter(test => test.kind === kind && isSound(test))
    .reduce<BenchTest | undefined>(
      (last, test) => (last?.at && test.at && Date.parse(test.at) < Date.parse(last.at) ? last : test),
      undefined,
    )
}

function meanOfNewest(tests: readonly BenchTest[], kind: BenchTest['kind']): number | null {
  const test = newest(tests, kind)
  return test ? mean(test.values) : null
}

/** What the owner says of a field, or what the workshop worked out for it; else the family's typical value. */
function givenOr<T>(lure: Lure, field: WorkedOutField, given: T | null | undefined, fallback: T): Known<T> {
  return given !== null && given !== undefined && lure.workedOut?.includes(field)
    ? computed(given)
    : statedOr(given, fallback)
}

function bladeThump(base: number, blades: readonly Blade[]): number {
  const strongest = Math.max(...blades.map(b => BLADE_THUMP[b.shape] + (b.finish === 'hammered' ? HAMMERED_THUMP : 0)))
  return Math.min(5, Math.max(1, base + strongest + SECOND_BLADE_THUMP * (blades.length - 1)))
}

/** The bench's 1–3 against the reference on the 1–5 scale: none, some, strong. Assumed. */
const RATED = { bench: [1, 2, 3], intensity: [1, 3, 5] }
/** Trust in an action by how consistent it was, 1 to 3: what shows it now and then is not known as what always does. Assumed. */
const CONSISTENT = { bench: [1, 2, 3], trust: [0.7, 0.85, 1] }

/** Amount and speed together are how lively it is (handbook §2: amount, speed and consistency); how consistent, how far that can be trusted. */
function actionTestsOf(tests: readonly BenchTest[]): readonly ActionTest[] {
  const rated = tests.filter(t => t.kind === 'action' && t.values[0] != null)
  const newestFirst = [...rated].sort(
    (a, b) => Date.parse(b.at ?? '') - Date.parse(a.at ?? '') || rated.indexOf(b) - rated.indexOf(a),
  )
  return newestFirst.map(({ rig, values: [amount, speed, consistency] }) => ({
    rig: rig ?? null,
    intensity: {
      value: interpolate(RATED.bench, RATED.intensity, (amount! + (speed ?? amount!)) / 2),
      known: 'tested',
      trust: consistency == null ? 1 : interpolate(CONSISTENT.bench, CONSISTENT.trust, consistency),
    },
  }))
}

/** "Did not tear" is a result: more than any soft bait holds [kgf]. */
const NEVER_TEARS_KG = 99

function tearOf(tests: readonly BenchTest[]): number | null {
  const test = newest(tests, 'tear', t => t.values.length > 0)
  return test ? (mean(test.values) ?? NEVER_TEARS_KG) : null
}

/** How lively a lure is on a rig: as it was rated with that rig, else as it is known, livelier or duller by what the rig does. */
export function intensityWith(
  { intensity, actionTests }: LureProfile,
  { rig, livelier = 0 }: TechniqueRow,
): Known<number> {
  return actionTests.find(test => test.rig === rig)?.intensity ?? { ...intensity, value: intensity.value + livelier }
}

function speedOf(lure: Lure, row: FamilyRow, tests: readonly BenchTest[]): LureProfile['speed'] {
  const swim = newest(tests, 'swim', t => t.values.length >= 3 && t.values.every(v => v !== null))
  if (swim) {
    const [min, best, max] = swim.values as number[]
    return tested({ min: min!, best: best!, max: max! })
  }
  const [min, best, max] = row.speedMs
  const window = { min: lure.speed?.minMs ?? min, best: lure.speed?.bestMs ?? best, max: lure.speed?.maxMs ?? max }
  return lure.speed ? givenOr(lure, 'speed', window, window) : typical(window)
}

/** Water of a hang test on which nothing was noted [°C]; the calculators' own. */
const USUAL_WATER_C = 15

function hangOf(tests: readonly BenchTest[]): HangTest | null {
  const test = newest(tests, 'hang')
  const riseMs = test ? mean(test.values) : null
  return riseMs === null
    ? null
    : { riseMs, temperatureC: test!.temperatureC ?? USUAL_WATER_C, salinityPsu: test!.salinityPsu ?? 0 }
}

/** Slower than this either way it hangs [m/s]; faster down than the other it simply sinks. Assumed. */
const HANGS_BELOW_MS = 0.015
const SINKS_ABOVE_MS = 0.12

function buoyancyOf(lure: Lure, row: FamilyRow, tests: readonly BenchTest[]): LureProfile['buoyancy'] {
  const rise = hangOf(tests)?.riseMs
  return rise === undefined ? givenOr(lure, 'buoyancy', lure.buoyancy, row.buoyancy) : tested(buoyancyWord(rise))
}

/** What one calls a lure that rises (+) or sinks (−) so fast when it is left alone [m/s]. */
export function buoyancyWord(riseMs: number): Buoyancy {
  if (Math.abs(riseMs) < HANGS_BELOW_MS) return 'hangs'
  return riseMs > 0 ? 'floats' : riseMs < -SINKS_ABOVE_MS ? 'sinks' : 'sinks-slowly'
}

function runsAtOf(lure: Lure, row: FamilyRow, tests: readonly BenchTest[]): LureProfile['runsAt'] {
  const test = newest(tests, 'depth', t => Boolean(mean(t.values)))
  const optional = (castM?: number | null, lineDiameterMm?: number | null, tipM?: number | null) => ({
    ...(castM ? { castM } : {}),
    ...(lineDiameterMm ? { lineDiameterMm } : {}),
    ...(tipM != null ? { tipM } : {}),
  })
  if (test) return tested({ depthM: mean(test.values)!, ...optional(test.castM, test.lineDiameterMm) })
  const { runsAt } = lure
  if (runsAt?.depthM) {
    const known = { depthM: runsAt.depthM, ...optional(runsAt.castM, runsAt.lineDiameterMm, runsAt.tipM) }
    const rating =
      runsAt.mode === 'troll'
        ? castRatingOf(known)
        : { ...known, ...(runsAt.speedMs ? { speedMs: runsAt.speedMs } : {}) }
    return givenOr<DiveRating>(lure, 'runsAt', rating, rating)
  }
  return row.runsAtM === null ? null : typical({ depthM: row.runsAtM })
}

function coloursOf(colours: Colours | null | undefined): Known<LureColours> {
  const complete: LureColours = {
    ...colours,
    pattern: colours?.pattern ?? 'natural',
    metal: colours?.metal ?? 'none',
    finish: colours?.finish ?? 'gloss',
    fluorescent: colours?.fluorescent ?? false,
    sideLuminance: colours?.side ? relativeLuminance(colours.side) : NEUTRAL_SIDE,
  }
  return colours ? stated(complete) : typical(complete)
}
