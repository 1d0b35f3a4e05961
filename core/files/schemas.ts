import * as z from 'zod'
import { says } from '#core/message'
import {
  ACTION_STYLES,
  BLADE_FINISHES,
  BLADE_SHAPES,
  BOTTOMS,
  BUOYANCIES,
  CADENCES,
  CASTS_TO,
  NIGHT_CLOUDS,
  COVERS,
  CROWDS,
  EVENT_KINDS,
  EVENT_WHENS,
  FAMILIES,
  FINISHES,
  FORAGE,
  GROUPINGS,
  HOLDS,
  HOOK_KINDS,
  HOOKED_AT,
  INTERNAL_WEIGHTS,
  LINE_MATERIALS,
  LIPS,
  METALS,
  MODES,
  MOODS,
  PART_KINDS,
  PATTERNS,
  PHASES,
  PRESSURES,
  REEL_KINDS,
  RIGS,
  ROD_ACTIONS,
  ROD_KINDS,
  ROD_POWERS,
  ROLES,
  RULE_OPS,
  SIGNS,
  SKIES,
  SOUNDS,
  SPECIES,
  STAINS,
  STANDS,
  TAIL_REACHES,
  TEST_KINDS,
  TIDES,
  TRENDS,
  WATERS,
  WINDS_TO,
  WIRES,
} from '#core/terms'

/** Unknown fields are kept on import and written back as read (contract §1), hence loose objects throughout. */
const id = z.string().min(1).max(200)
const text = z.string().max(20_000)
const maybe = <T extends z.ZodType>(schema: T) => schema.nullish()
const between = (low: number, high: number) => z.number().min(low).max(high)
const oneOf = <const T extends readonly [string, ...string[]]>(values: T) => z.enum(values)

// Upper limits: generous bounds of the possible, to catch slips of the decimal point. Assumed.
const grams = between(0.01, 5000)
const millimetres = between(1, 2000)
const metres = between(0, 1000)
/** A gauge may have its zero anywhere, at the level of the sea too. */
const gauge = between(-1000, 10_000)
const metresPerS = between(0, 20)
const celsius = between(-2, 40)
const salinity = between(0, 42)
const scale5 = between(1, 5)
const latitude = between(-90, 90)
const longitude = between(-180, 180)
const hexColour = z.string().regex(/^#[0-9a-fA-F]{6}$/, { error: says('schema.colour') })
const dateTime = z.string().refine(isRealDate, { error: says('schema.date') })

/** `Date.parse` takes 30 February for 1 March: the day must be one of its month. */
function isRealDate(value: string): boolean {
  if (Number.isNaN(Date.parse(value))) return false
  const day = /^(\d{4})-(\d{2})-(\d{2})/.exec(value)
  return !day || new Date(Date.UTC(Number(day[1]), Number(day[2]) - 1, Number(day[3]))).getUTCDate() === Number(day[3])
}

const count = z.number().int().min(0).max(100_000)

const colours = z.looseObject({
  pattern: maybe(oneOf(PATTERNS)),
  back: maybe(hexColour),
  side: maybe(hexColour),
  belly: maybe(hexColour),
  accent: maybe(hexColour),
  metal: maybe(oneOf(METALS)),
  finish: maybe(oneOf(FINISHES)),
  fluorescent: maybe(z.boolean()),
})

const runsAt = z.looseObject({
  depthM: between(0, 100),
  lineDiameterMm: maybe(between(0.03, 3)),
  castM: maybe(between(1, 300)),
  mode: maybe(oneOf(MODES)),
  tipM: maybe(between(0, 10)),
  speedMs: maybe(metresPerS),
})

const speedWindow = z
  .looseObject({ minMs: maybe(metresPerS), bestMs: maybe(metresPerS), maxMs: maybe(metresPerS) })
  .refine(
    ({ minMs, bestMs, maxMs }) => (minMs ?? 0) <= (bestMs ?? maxMs ?? Infinity) && (bestMs ?? 0) <= (maxMs ?? Infinity),
    { error: says('schema.speeds') },
  )

const blade = z.looseObject({
  shape: oneOf(BLADE_SHAPES),
  size: maybe(between(0, 12)),
  finish: maybe(oneOf(BLADE_FINISHES)),
  metal: maybe(oneOf(METALS)),
})
const hook = z.looseObject({ kind: oneOf(HOOK_KINDS), size: maybe(z.string().max(10)), count: maybe(count) })

export const lureSchema = z.looseObject({
  id,
  name: z.string().min(1).max(1000),
  family: oneOf(FAMILIES),
  style: maybe(z.string().max(200)),
  role: maybe(oneOf(ROLES)),
  lengthMm: maybe(millimetres),
  weightG: maybe(grams),
  labelWeightG: maybe(grams),
  bulk: maybe(scale5),
  colours: maybe(colours),
  sound: maybe(oneOf(SOUNDS)),
  actionStyle: maybe(oneOf(ACTION_STYLES)),
  vibration: maybe(scale5),
  flash: maybe(scale5),
  intensity: maybe(scale5),
  buoyancy: maybe(oneOf(BUOYANCIES)),
  fallRateMs: maybe(metresPerS),
  runsAt: maybe(runsAt),
  speed: maybe(speedWindow),
  blades: maybe(z.array(blade).max(20)),
  hooks: maybe(z.array(hook).max(20)),
  snagGuard: maybe(between(0, 3)),
  scented: maybe(z.boolean()),
  quantity: maybe(count),
  box: maybe(z.string().max(200)),
  slot: maybe(z.string().max(200)),
  parentId: maybe(z.string().max(200)),
  internalWeight: maybe(oneOf(INTERNAL_WEIGHTS)),
  lip: maybe(oneOf(LIPS)),
  material: maybe(z.string().max(100)),
  tailReach: maybe(oneOf(TAIL_REACHES)),
  driesOut: maybe(z.boolean()),
  madeOf: maybe(z.array(z.string().max(200)).max(50)),
  pinned: maybe(z.boolean()),
  changes: maybe(z.array(z.unknown())),
  workedOut: maybe(z.array(z.string().max(100)).max(50)),
  condition: maybe(z.string().max(200)),
  price: maybe(z.number().min(0)),
  fishCount: maybe(count),
  confidence: maybe(between(0, 5)),
  notes: maybe(text),
})

const line = z.looseObject({
  material: oneOf(LINE_MATERIALS),
  testKg: maybe(between(0.1, 200)),
  diameterMm: maybe(between(0.03, 3)),
})
const leader = z.looseObject({ ...line.shape, lengthM: maybe(between(0, 30)) })

export const outfitSchema = z.looseObject({
  id,
  name: z.string().min(1).max(1000),
  rod: z
    .looseObject({
      kind: oneOf(ROD_KINDS),
      lengthM: maybe(between(0.3, 10)),
      power: maybe(oneOf(ROD_POWERS)),
      action: maybe(oneOf(ROD_ACTIONS)),
      lureMinG: maybe(between(0, 5000)),
      lureMaxG: maybe(between(0.1, 5000)),
      lineMaxKg: maybe(between(0.1, 200)),
    })
    .refine(rod => (rod.lureMinG ?? 0) <= (rod.lureMaxG ?? Infinity), {
      error: says('schema.rod-window'),
      path: ['lureMinG'],
    }),
  reel: maybe(
    z.looseObject({
      kind: maybe(oneOf(REEL_KINDS)),
      ratio: maybe(between(0.5, 20)),
      spoolDiameterMm: maybe(between(5, 300)),
    }),
  ),
  line,
  leader: maybe(leader),
  castM: maybe(between(1, 300)),
})

export const partSchema = z.looseObject({
  id,
  name: z.string().min(1).max(1000),
  kind: oneOf(PART_KINDS),
  weightG: maybe(between(0, 5000)),
  size: maybe(z.string().max(50)),
  material: maybe(z.string().max(100)),
  hookKind: maybe(oneOf(HOOK_KINDS)),
  shape: maybe(z.string().max(100)),
  strengthKg: maybe(between(0, 500)),
  wire: maybe(oneOf(WIRES)),
  quantity: maybe(count),
})

export const testSchema = z.looseObject({
  id,
  lureId: id,
  kind: oneOf(TEST_KINDS),
  at: maybe(dateTime),
  rig: maybe(oneOf(RIGS)),
  addedG: maybe(between(0, 5000)),
  values: z.array(z.number().nullable()).min(1).max(1000),
  depthM: maybe(between(0.05, 1000)),
  temperatureC: maybe(celsius),
  salinityPsu: maybe(salinity),
  lineDiameterMm: maybe(between(0.03, 3)),
  castM: maybe(between(1, 300)),
  note: maybe(text),
})

/** What older files called scattered fish. */
const olderGrouping = (value: unknown) => (value === 'spread' ? 'scattered' : value)

export const readingSchema = z
  .looseObject({
    species: oneOf(SPECIES),
    at: maybe(dateTime),
    latitude: maybe(latitude),
    longitude: maybe(longitude),
    water: maybe(oneOf(WATERS)),
    salinityPsu: maybe(salinity),
    temperatureC: celsius,
    trend: maybe(oneOf(TRENDS)),
    visibilityM: maybe(between(0.02, 60)),
    stain: maybe(oneOf(STAINS)),
    sky: maybe(oneOf(SKIES)),
    moonFraction: maybe(between(0, 1)),
    windMs: maybe(between(0, 60)),
    currentMs: maybe(between(-5, 5)),
    waveM: maybe(between(0, 20)),
    tide: maybe(oneOf(TIDES)),
    bottomM: maybe(between(0.1, 500)),
    fishFromM: maybe(between(0, 500)),
    fishToM: maybe(between(0, 500)),
    bottom: maybe(oneOf(BOTTOMS)),
    cover: maybe(z.array(oneOf(COVERS)).max(18)),
    layers: maybe(z.array(z.looseObject({ depthM: metres, temperatureC: celsius }))),
    forage: maybe(z.array(z.looseObject({ kind: oneOf(FORAGE), lengthMm: maybe(between(1, 1000)) })).max(21)),
    mood: maybe(oneOf(MOODS)),
    pressure: maybe(oneOf(PRESSURES)),
    from: maybe(oneOf(STANDS)),
    shortStrikes: maybe(z.boolean()),
    grouping: maybe(z.preprocess(olderGrouping, oneOf(GROUPINGS).nullable())),
    coverTopM: maybe(between(0, 500)),
    slopeDeg: maybe(between(-89, 89)),
    signs: maybe(z.array(oneOf(SIGNS)).max(5)),
    crowd: maybe(oneOf(CROWDS)),
    noted: maybe(z.array(z.string().max(100)).max(100)),
    phase: maybe(oneOf(PHASES)),
    hold: maybe(oneOf(HOLDS)),
    castTo: maybe(oneOf(CASTS_TO)),
    windTo: maybe(oneOf(WINDS_TO)),
    tideHours: maybe(between(0, 12)),
    change24C: maybe(between(-20, 20)),
    oxygenToM: maybe(between(0.1, 500)),
    nightCloud: maybe(oneOf(NIGHT_CLOUDS)),
    moonAltitudeDeg: maybe(between(-90, 90)),
  })
  .refine(r => (r.fishFromM ?? 0) <= (r.fishToM ?? Infinity), { error: says('schema.fish-band'), path: ['fishFromM'] })
  .refine(r => r.bottomM == null || (r.fishToM ?? 0) <= r.bottomM, {
    error: says('schema.below-bottom'),
    path: ['fishToM'],
  })

export const caseSchema = z.looseObject({
  id: z.unknown(),
  reading: z.unknown(),
  schools: maybe(z.record(z.string(), z.string())),
  outfits: maybe(z.array(z.string().max(200)).max(1000)),
})

const event = z.looseObject({
  id,
  at: maybe(dateTime),
  kind: oneOf(EVENT_KINDS),
  when: maybe(oneOf(EVENT_WHENS)),
  hookedAt: maybe(oneOf(HOOKED_AT)),
  species: maybe(z.string().max(100)),
  lengthMm: maybe(between(1, 10_000)),
  weightG: maybe(between(0, 1_000_000)),
  depthM: maybe(metres),
  groupSize: maybe(count),
  latitude: maybe(latitude),
  longitude: maybe(longitude),
  note: maybe(text),
})

const fishedAs = z.looseObject({
  tactic: maybe(z.string().max(60)),
  cadence: maybe(oneOf(CADENCES)),
  speedMs: maybe(metresPerS),
  pauseS: maybe(between(0, 600)),
  tipM: maybe(between(0, 10)),
  castM: maybe(between(0, 300)),
  countdownS: maybe(between(0, 600)),
  depthM: maybe(metres),
  headG: maybe(between(0, 5000)),
  sinkerG: maybe(between(0, 5000)),
})

const stint = z.looseObject({
  id,
  start: dateTime,
  end: maybe(dateTime),
  lureId: id,
  trailerId: maybe(z.string().max(200)),
  rig: maybe(oneOf(RIGS)),
  outfitId: maybe(z.string().max(200)),
  depthM: maybe(metres),
  speedMs: maybe(metresPerS),
  cadence: maybe(oneOf(CADENCES)),
  casts: maybe(count),
  presentation: maybe(fishedAs),
  reading: maybe(readingSchema),
  events: maybe(z.array(event)),
})

const pairSide = z.looseObject({ lureId: id, casts: count, contacts: count })
const turnPair = z.looseObject({
  id,
  differs: z.string().min(1).max(40),
  a: pairSide,
  b: pairSide,
  end: maybe(dateTime),
})

export const tripSchema = z.looseObject({
  id,
  placeId: maybe(z.string().max(200)),
  start: dateTime,
  end: maybe(dateTime),
  stints: maybe(z.array(stint)),
  packId: maybe(z.string().max(200)),
  rods: maybe(z.array(z.string().max(200)).max(100)),
  pairs: maybe(z.array(turnPair).max(200)),
})

export const assemblySchema = z.looseObject({
  id,
  name: z.string().min(1).max(1000),
  lureId: id,
  trailerId: maybe(z.string().max(200)),
  partIds: maybe(z.array(z.string().max(200)).max(50)),
  hooks: maybe(z.array(hook).max(20)),
  notes: maybe(text),
})

export const notedSchema = z.looseObject({
  id,
  placeId: maybe(z.string().max(200)),
  at: dateTime,
  reading: readingSchema,
  levelM: maybe(gauge),
})

const idList = z.array(z.string().max(200)).max(10_000)
const likelyReading = z.looseObject({ name: z.string().max(200), weight: between(0, 1000), reading: readingSchema })
const listedSetup = z.looseObject({
  lureId: id,
  outfitId: id,
  rig: z.string().max(100),
  trailerId: z.string().max(200).nullable(),
  depthM: metres,
  speedMs: metresPerS,
  cadence: z.string().max(100),
  headG: z.number().nullable(),
  sinkerG: z.number().nullable(),
})

export const packSchema = z.looseObject({
  id,
  name: z.string().max(1000),
  at: dateTime,
  placeId: z.string().max(200).nullable(),
  planBId: z.string().max(200).nullable(),
  readings: z.array(likelyReading).max(100),
  limits: z.looseObject({
    rods: count,
    lures: count,
    boxes: count,
    slotsPerBox: count,
    grams: between(0, 1_000_000).nullable(),
  }),
  take: idList,
  leave: idList,
  pack: z.looseObject({ items: idList, rods: idList, rigged: z.record(z.string(), z.string()) }).nullable(),
  rigged: z.array(listedSetup).max(100),
  ticked: idList,
})

export const placeSchema = z.looseObject({
  id,
  name: z.string().min(1).max(1000),
  water: maybe(oneOf(WATERS)),
  salinityPsu: maybe(salinity),
  latitude: maybe(latitude),
  longitude: maybe(longitude),
  visibilityM: maybe(between(0.02, 60)),
  stain: maybe(oneOf(STAINS)),
  species: maybe(z.array(oneOf(SPECIES))),
  forage: maybe(z.array(oneOf(FORAGE))),
})

export const ruleSchema = z.looseObject({
  id,
  name: z.string().min(1).max(1000),
  on: maybe(z.boolean()),
  placeId: maybe(z.string().max(200)),
  when: maybe(z.array(z.looseObject({ field: z.string().min(1), op: oneOf(RULE_OPS), value: z.unknown() }))),
  prefer: maybe(z.record(z.string(), z.unknown())),
  weight: maybe(between(-1, 1)),
})

/** How the angler looks at the box: columns of the table, saved searches, sizes of the trays. */
const catalogueSchema = z.object({
  columns: maybe(z.array(z.string().max(100)).max(100)),
  searches: maybe(z.array(z.object({ name: z.string().max(200), text: z.string().max(1000) })).max(500)),
  trays: maybe(
    z.record(
      z.string().max(200),
      z.object({ rows: z.number().int().min(1).max(100), columns: z.number().int().min(1).max(100) }),
    ),
  ),
})

export const settingsSchema = z.looseObject({
  reading: maybe(readingSchema),
  catalogue: maybe(catalogueSchema),
  units: maybe(oneOf(['metric', 'imperial', 'mixed'])),
  schools: maybe(z.record(z.string(), z.string())),
  ruleWeights: maybe(z.record(z.string(), between(0, 2))),
  useLog: maybe(z.boolean()),
  cautions: maybe(z.boolean()),
})

export const FORMAT = 'ygrion'
export const VERSION = 1

export const fileSchema = z.looseObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  lures: maybe(z.array(lureSchema)),
  parts: maybe(z.array(partSchema)),
  outfits: maybe(z.array(outfitSchema)),
  places: maybe(z.array(placeSchema)),
  tests: maybe(z.array(testSchema)),
  trips: maybe(z.array(tripSchema)),
  rules: maybe(z.array(ruleSchema)),
  assemblies: maybe(z.array(assemblySchema)),
  readings: maybe(z.array(notedSchema)),
  packs: maybe(z.array(packSchema)),
  settings: maybe(settingsSchema),
})

export type YgrionFile = z.infer<typeof fileSchema>
export type Place = z.infer<typeof placeSchema>
export type Settings = z.infer<typeof settingsSchema>
