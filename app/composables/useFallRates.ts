import { computed, type ComputedRef, type MaybeRefOrGetter, toValue } from 'vue'
import { summarise } from '#core/bench'
import { MATERIAL_DENSITY, PLAIN_HOOK_KG } from '#core/knowledge'
import { bodyDensity, type LureProfile } from '#core/lure'
import { fitFall, terminalSinkSpeed } from '#core/motion'
import type { BenchTest } from '#core/tackle'
import { isSoftBody } from '#core/terms'
import { formatQuantity, type UnitSystem } from '#core/units'
import { waterDensity } from '#core/water'
import type { FallRate } from '../charts/fall-rates'
import { words } from '../text/labels'

/** Weights an angler would hang on next [g], and waters he would meet. */
const OTHER_G = [0, 1.8, 3.5, 7] as const
const OTHER_WATERS = [
  { place: 'at', temperatureC: 4, salinityPsu: 0 },
  { place: 'at', temperatureC: 25, salinityPsu: 0 },
  { place: 'in the sea,', temperatureC: 15, salinityPsu: 35 },
] as const

/** What a timed fall leads to: the same rig with other weights and in other water. Empty while there is no timed fall of a body that sinks. */
export function useFallRates(
  profile: MaybeRefOrGetter<LureProfile | undefined>,
  tests: MaybeRefOrGetter<readonly BenchTest[]>,
  units: MaybeRefOrGetter<UnitSystem>,
): ComputedRef<readonly FallRate[]> {
  const weight = (grams: number) => formatQuantity('weight', grams, { system: toValue(units) })
  return computed(() => {
    const lure = toValue(profile)
    const test = toValue(tests).findLast(t => t.kind === 'fall' && t.depthM)
    const times = test?.values.filter(v => v !== null) ?? []
    if (!lure || !test?.depthM || times.length === 0) return []
    const mass = lure.weightG.value / 1000
    const hook = isSoftBody(lure.lure.family) ? PLAIN_HOOK_KG : 0
    const body = (grams: number) => ({
      mass: mass + hook + grams / 1000,
      volume: mass / bodyDensity(lure) + hook / MATERIAL_DENSITY.steel + grams / 1000 / MATERIAL_DENSITY.lead,
    })
    const density = waterDensity(test.temperatureC ?? 15, test.salinityPsu ?? 0)
    const addedG = test.addedG ?? 0
    const fit = fitFall(body(addedG), test.depthM, times, density)
    const { mean, error } = summarise(times)
    const rated: FallRate = {
      label: `timed, ${words(test.rig)}${addedG > 0 ? ` +${weight(addedG)}` : ''}`,
      speedMs: test.depthM / mean,
      errorMs: error === null ? null : (test.depthM / mean) * (error / mean),
      known: 'tested',
    }
    if (!fit) return [rated]
    const other = (label: string, grams: number, rho: number): FallRate => ({
      label,
      speedMs: terminalSinkSpeed({ ...body(grams), dragArea: fit.dragArea }, rho),
      errorMs: null,
      known: 'computed',
    })
    return [
      rated,
      ...OTHER_G.filter(g => Math.abs(g - addedG) > 0.3).map(g =>
        other(g === 0 ? 'bare' : `+${weight(g)}`, g, density),
      ),
      ...OTHER_WATERS.map(w =>
        other(
          `${w.place} ${formatQuantity('temperature', w.temperatureC, { system: toValue(units), decimals: 0 })}`,
          addedG,
          waterDensity(w.temperatureC, w.salinityPsu),
        ),
      ),
    ].filter(r => r.speedMs > 0)
  })
}
