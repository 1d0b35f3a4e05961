import type * as z from 'zod'
import type { PackList } from '#core/pack'
import type { HomeWater, NotedReading, Reading } from '#core/reading'
import type { Assembly, BenchTest, Lure, Outfit, Part, Trip, UserRule } from '#core/tackle'
import type {
  assemblySchema,
  lureSchema,
  notedSchema,
  outfitSchema,
  packSchema,
  partSchema,
  placeSchema,
  readingSchema,
  ruleSchema,
  testSchema,
  tripSchema,
} from './schemas'

/**
 * The domain types and the border's schemas are one: this file fails to compile when a field is added, dropped or changed on one side only.
 * (Loose objects also carry an index signature, so only the known keys are compared.)
 */
type KnownKeys<T> = keyof { [K in keyof T as string extends K ? never : K]: T[K] }
type Same<Domain, Schema extends z.ZodType> = [
  Exclude<keyof Domain, KnownKeys<z.infer<Schema>>>,
  Exclude<KnownKeys<z.infer<Schema>>, keyof Domain>,
] extends [never, never]
  ? z.infer<Schema> extends Domain
    ? true
    : 'a field has another type'
  : 'a field stands on one side only'

export const SAME: [
  Same<Lure, typeof lureSchema>,
  Same<Outfit, typeof outfitSchema>,
  Same<Part, typeof partSchema>,
  Same<BenchTest, typeof testSchema>,
  Same<Reading, typeof readingSchema>,
  Same<Trip, typeof tripSchema>,
  Same<UserRule, typeof ruleSchema>,
  Same<Assembly, typeof assemblySchema>,
  Same<HomeWater, typeof placeSchema>,
  Same<NotedReading, typeof notedSchema>,
  Same<PackList, typeof packSchema>,
] = [true, true, true, true, true, true, true, true, true, true, true]
