import { defineStore } from 'pinia'
import { ref, toRaw, watch } from 'vue'
import type { OwnRules } from '#core/ask'
import type { Precision } from '#core/files'
import type { CutId, RateOptions, Return } from '#core/logbook'
import type { Reading } from '#core/reading'
import type { Box, Trip } from '#core/tackle'
import { logChange } from '~/workers/log-change'
import { openLogbook } from '~/workers/logbook.client'
import { sameGear } from '~/workers/same-gear'
import type { AuditProgress, TripFormat } from '~/workers/logbook.protocol'
import { useBoxStore } from './box'
import { useSettingsStore } from './settings'
import { copied } from '~/workers/plain'

/** What the log says, worked out in its worker; `version` rises with every log that the worker has taken in. */
export const useLogbookStore = defineStore('logbook', () => {
  const box = useBoxStore()
  const settings = useSettingsStore()
  const version = ref(0)
  let worker: ReturnType<typeof openLogbook> | null = null
  const open = () => (worker ??= openLogbook())
  /** What the worker has. */
  let sent: { readonly box: Box; readonly own: OwnRules } | null = null

  watch(
    () => [box.ready, box.box, box.own] as const,
    async ([ready, holdings, own]) => {
      if (!ready) return
      const { api } = open()
      if (sent && sent.own === own && sameGear(sent.box, holdings))
        await api.log(logChange(sent.box.trips, holdings.trips))
      else await api.load(toRaw(holdings), toRaw(own))
      sent = { box: holdings, own }
      version.value++
    },
    { immediate: true },
  )

  return {
    version,
    rates: (cut: CutId, options: RateOptions) => open().api.rates(cut, copied(options)),
    explained: () => open().api.explained(),
    crossed: (row: CutId, column: CutId, of: Return) => open().api.crossed(row, column, of),
    depths: () => open().api.depths(),
    like: (reading: Reading) => open().api.like(copied(reading)),
    years: () => open().api.years(),
    year: (year: number) => open().api.year(year),
    tripNotes: (tripId: string) => open().api.tripNotes(tripId),
    yearNotes: (year: number) => open().api.yearNotes(year),
    audit: (progress: AuditProgress) =>
      open().audit({ schools: { ...settings.schools }, weights: { ...settings.ruleWeights } }, progress),
    stop: () => open().api.stop(),
    written: (trips: readonly Trip[], format: TripFormat, precision: Precision) =>
      open().api.written(copied(trips), format, precision),
    read: (bytes: Uint8Array) =>
      open().api.read(
        bytes,
        box.places.map(({ id, name }) => ({ id, name })),
        settings.units,
      ),
  }
})
