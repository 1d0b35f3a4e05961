import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import type { Schools } from '#core/ask'
import type { Settings, YgrionFile } from '#core/files'
import type { UnitSystem } from '#core/units'
import { recall, remember } from '~/db/box'
import { useBoxStore } from './box'

export const THEMES = ['day', 'glare', 'night'] as const
export type ThemeName = typeof THEMES[number]

const SETTINGS = 'settings'
interface Kept { theme: ThemeName, units: UnitSystem, schools: Partial<Schools>, ruleWeights: Record<string, number> }

export const useSettingsStore = defineStore('settings', () => {
  const theme = ref<ThemeName>('day')
  const units = ref<UnitSystem>('metric')
  /** Schools chosen against the default. */
  const schools = shallowRef<Partial<Schools>>({})
  /** Factors on the handbook's rules, by id: 0 off, 1 (or absent) as they are, at most 2. */
  const ruleWeights = shallowRef<Readonly<Record<string, number>>>({})

  async function open(): Promise<void> {
    const db = useBoxStore().database()
    const kept = await recall<Partial<Kept>>(db, SETTINGS)
    if (kept?.theme) theme.value = kept.theme
    if (kept?.units) units.value = kept.units
    if (kept?.schools) schools.value = kept.schools
    if (kept?.ruleWeights) ruleWeights.value = kept.ruleWeights
    watch([theme, units, schools, ruleWeights], () => void remember(db, SETTINGS, { theme: theme.value, units: units.value, schools: { ...schools.value }, ruleWeights: { ...ruleWeights.value } } satisfies Kept))
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
  }

  /** The file with the present settings in it; what was never set and is not in the file stays out. */
  function into(file: YgrionFile): YgrionFile {
    const now = { units: units.value, schools: { ...schools.value }, ruleWeights: { ...ruleWeights.value } }
    const isUsual = (key: keyof typeof now) => (key === 'units' ? now.units === 'metric' : Object.keys(now[key]).length === 0)
    const told = (Object.keys(now) as (keyof typeof now)[]).filter(key => file.settings?.[key] !== undefined || !isUsual(key))
    return told.length === 0 ? file : { ...file, settings: { ...file.settings, ...Object.fromEntries(told.map(key => [key, now[key]])) } }
  }

  return { theme, units, schools, ruleWeights, setWeight, takeFrom, into, open }
})
