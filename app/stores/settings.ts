import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import type { Schools } from '#core/ask'
import type { UnitSystem } from '#core/units'
import { recall, remember } from '~/db/box'
import { useBoxStore } from './box'

export const THEMES = ['day', 'glare', 'night'] as const
export type ThemeName = typeof THEMES[number]

const SETTINGS = 'settings'
interface Kept { theme: ThemeName, units: UnitSystem, schools: Partial<Schools> }

export const useSettingsStore = defineStore('settings', () => {
  const theme = ref<ThemeName>('day')
  const units = ref<UnitSystem>('metric')
  const schools = ref<Partial<Schools>>({})

  async function open(): Promise<void> {
    const db = useBoxStore().database()
    const kept = await recall<Partial<Kept>>(db, SETTINGS)
    if (kept?.theme) theme.value = kept.theme
    if (kept?.units) units.value = kept.units
    if (kept?.schools) schools.value = kept.schools
    watch([theme, units, schools], () => void remember(db, SETTINGS, { theme: theme.value, units: units.value, schools: { ...schools.value } }))
  }

  return { theme, units, schools, open }
})
