import { computed, type MaybeRefOrGetter, ref, toValue } from 'vue'
import { balanceShift, type Change, type ChangedFigures, type ChangedLure, changedLure } from '#core/bench'
import { bodyDensity, type LureProfile, windowVerdict } from '#core/lure'
import { sinkSpeedOfWeight, STANDARD_GRAVITY, surplusMass } from '#core/motion'
import { bisect } from '#core/numeric'
import type { Outfit } from '#core/tackle'
import type { UnitSystem } from '#core/units'
import { waterDensity } from '#core/water'
import { inWords } from '#speech'

/** A lure before and after the changes on the workbench. */
export interface BenchState {
  readonly weightG: number
  readonly lengthMm: number
  readonly bulk: number
  /** Missing mass at this water, + floats [g]. */
  readonly surplusG: number
  /** Down +, up − [m/s]. */
  readonly driftMs: number
  /** Water temperature at which it hangs, water alone [°C]; `null`: at none between 4 and 30. */
  readonly hangsAtC: number | null
  /** Balance moved toward the tail [mm]. */
  readonly balanceMm: number
  /** Names of the rods that throw it. */
  readonly rods: readonly string[]
}

interface Water {
  readonly temperatureC: number
  readonly salinityPsu: number
}

/** Between freezing and the warmest water that is fished [°C]. */
const COLDEST_C = 4 // densest water: below it the hang runs back
const WARMEST_C = 30

function hangTemperature(mass: number, volume: number, salinityPsu: number): number | null {
  return bisect(T => waterDensity(T, salinityPsu) * volume - mass, COLDEST_C, WARMEST_C, 30)
}

export function useWorkshop(
  profile: MaybeRefOrGetter<LureProfile>,
  water: MaybeRefOrGetter<Water>,
  outfits: MaybeRefOrGetter<readonly Outfit[]>,
  /** In which the bill is kept with a changed lure. */
  units: MaybeRefOrGetter<UnitSystem> = 'metric',
) {
  const changes = ref<Change[]>([])

  const state = (applied: readonly Change[]): BenchState => {
    const lure = toValue(profile)
    const { temperatureC, salinityPsu } = toValue(water)
    const density = waterDensity(temperatureC, salinityPsu)
    const sum = (of: (c: Change) => number) => applied.reduce((total, c) => total + of(c), 0)
    const own = lure.weightG.value / 1000
    const mass = own + sum(c => c.grams) / 1000
    const volume = own / bodyDensity(lure) + sum(c => c.volumeCm3) * 1e-6
    const surplus = surplusMass({ mass, volume, expansion: 0, referenceC: temperatureC }, temperatureC, density)
    return {
      weightG: mass * 1000,
      lengthMm: applied.findLast(c => c.lengthMm !== undefined)?.lengthMm ?? lure.lengthMm.value,
      bulk: Math.min(5, Math.max(1, lure.bulk.value + sum(c => c.bulk ?? 0))),
      surplusG: surplus * 1000,
      hangsAtC: hangTemperature(mass, volume, salinityPsu),
      balanceMm: balanceShift(applied, lure.weightG.value, lure.lengthMm.value),
      driftMs: sinkSpeedOfWeight(-surplus * STANDARD_GRAVITY, lure.fallAreaCm2 * 1e-4, density),
      rods: toValue(outfits)
        .filter(outfit => typeof windowVerdict(outfit, mass * 1000) !== 'string')
        .map(o => o.name),
    }
  }

  const before = computed(() => state([]))
  const after = computed(() => state(changes.value))

  /** The changed lure as a bait of its own: a child of the original, to be weighed and tested again. */
  const modified = (id: string, runsTo: ChangedFigures['runsTo']): ChangedLure =>
    changedLure(
      toValue(profile),
      changes.value.map(change => ({ ...change, text: inWords(change.text, toValue(units)) })),
      { ...after.value, runsTo },
      id,
    )

  return { changes, before, after, modified }
}
