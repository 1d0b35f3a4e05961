import { usePreferredColorScheme, usePreferredContrast } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { Settings, YgrionFile } from '#core/files'
import type { Schools } from '#core/rule'
import type { UnitSystem } from '#core/units'
import { recall, remember } from '~/db/box'
import { useBoxStore } from './box'

export const THEMES = ['day', 'glare', 'night'] as const
export type ThemeName = (typeof THEMES)[number]
/** A theme, or whatever the device asks for. */
export const LOOKS = ['device', ...THEMES] as const
export type Look = (typeof LOOKS)[number]

/** The theme that fits the device's own settings: more contrast is asked for in glare, a dark screen by night. */
export function deviceTheme(
  scheme: 'dark' | 'light' | 'no-preference',
  contrast: 'more' | 'less' | 'custom' | 'no-preference',
): ThemeName {
  if (contrast === 'more') return 'glare'
  return scheme === 'dark' ? 'night' : 'day'
}

const SETTINGS = 'settings'
const UNIT_SYSTEMS: readonly UnitSystem[] = ['metric', 'imperial', 'mixed']
interface Kept {
  theme: Look
  units: UnitSystem
  schools: Partial<Schools>
  ruleWeights: Record<string, number>
  useLog: boolean
  keepPlace: boolean
}

export const useSettingsStore = defineStore('settings', () => {
  const look = ref<Look>('device')
  const scheme = usePreferredColorScheme()
  const contrast = usePreferredContrast()
  const theme = computed(() => (look.value === 'device' ? deviceTheme(scheme.value, contrast.value) : look.value))
  const units = ref<UnitSystem>('metric')
  /** Schools chosen against the default. */
  const schools = shallowRef<Partial<Schools>>({})
  /** Factors on the handbook's rules, by id: 0 off, 1 (or absent) as they are, at most 2. */
  const ruleWeights = shallowRef<Readonly<Record<string, number>>>({})

  /** The angler's own log enters the scores. */
  const useLog = ref(true)

  /** The place of each event is asked of the device; never travels in a file. */
  const keepPlace = ref(false)

  async function open(): Promise<void> {
    const box = useBoxStore()
    const kept = await recall<Partial<Kept>>(box.database(), SETTINGS)
    // What is kept may be of another version, or damaged: only what is known is taken over.
    if (kept?.theme && LOOKS.includes(kept.theme)) look.value = kept.theme
    if (kept?.units && UNIT_SYSTEMS.includes(kept.units)) units.value = kept.units
    if (kept?.schools) schools.value = kept.schools
    if (kept?.ruleWeights) ruleWeights.value = kept.ruleWeights
    if (kept?.useLog !== undefined) useLog.value = kept.useLog
    if (kept?.keepPlace !== undefined) keepPlace.value = kept.keepPlace
    watch(
      [look, units, schools, ruleWeights, useLog, keepPlace],
      () =>
        void remember(box.database(), SETTINGS, {
          theme: look.value,
          units: units.value,
          schools: { ...schools.value },
          ruleWeights: { ...ruleWeights.value },
          useLog: useLog.value,
          keepPlace: keepPlace.value,
        } satisfies Kept),
    )
  }

  function setWeight(ruleId: string, factor: number): void {
    const others = Object.fromEntries(Object.entries(ruleWeights.value).filter(([id]) => id !== ruleId))
    ruleWeights.value = factor === 1 ? others : { ...others, [ruleId]: factor }
  }

  /** Settings that travel in a file are taken over; what it does not speak of stays. */
  function takeFrom(given: Settings | null | undefined): void {
    if (given?.units) units.value = given.units
    if (given?.schools) schools.value = given.schools as Partial<Schools>
    if (given?.ruleWeights) ruleWeights.value = given.ruleWeights
    if (given?.useLog != null) useLog.value = given.useLog
  }

  /** The file with the present settings in it; what was never set and is not in the file stays out. */
  function into(file: YgrionFile): YgrionFile {
    const now = {
      units: units.value,
      schools: { ...schools.value },
      ruleWeights: { ...ruleWeights.value },
      useLog: useLog.value,
    }
    const isUsual = (key: keyof typeof now) =>
      key === 'units' ? now.units === 'metric' : key === 'useLog' ? now.useLog : Object.keys(now[key]).length === 0
    const told = (Object.keys(now) as (keyof typeof now)[]).filter(
      key => file.settings?.[key] !== undefined || !isUsual(key),
    )
    return told.length === 0
      ? file
      : { ...file, settings: { ...file.settings, ...Object.fromEntries(told.map(key => [key, now[key]])) } }
  }

  return { look, theme, units, schools, ruleWeights, useLog, keepPlace, setWeight, takeFrom, into, open }
})
