import { group, max } from 'd3'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { answers, type Entry, parseQuery, type Term } from '#core/catalogue'
import type { Settings } from '#core/files'
import { type LureProfile, profileOf } from '#core/lure'
import { recall, remember } from '~/db/box'
import { copied } from '~/workers/plain'
import { useBoxStore } from './box'
import { useJudgementStore } from './judgement'
import { usePhotosStore } from './photos'
import { useSettingsStore } from './settings'

const KEPT = 'catalogue'
/** Columns of the table until others are chosen. */
const USUAL_COLUMNS = ['fit', 'name', 'family', 'weight', 'length', 'box', 'slot', 'pieces']

export interface SavedSearch {
  readonly name: string
  readonly text: string
}
export interface TraySize {
  readonly rows: number
  readonly columns: number
}
interface Kept {
  columns: string[]
  searches: SavedSearch[]
  trays: Record<string, TraySize>
}

/** The box as a catalogue: what is known of every lure, what is looked for, what is picked out. */
export const useCatalogueStore = defineStore('catalogue', () => {
  const box = useBoxStore()
  const judgement = useJudgementStore()
  const photos = usePhotosStore()
  const settings = useSettingsStore()
  const search = ref('')
  const columns = shallowRef<readonly string[]>(USUAL_COLUMNS)
  const searches = shallowRef<readonly SavedSearch[]>([])
  /** Rows and columns of the boxes, as far as the angler has said. */
  const trays = shallowRef<Readonly<Record<string, TraySize>>>({})
  const picked = shallowRef<ReadonlySet<string>>(new Set())
  let isOpen = false

  // Each list by itself, so that a tap on the trip works nothing out anew that is only about the lures.
  const lures = computed(() => box.box.lures)
  const tested = computed(() => box.box.tests)
  /** Every lure as it is known: tested, else entered, else typical of its kind. */
  const profiles = computed((): ReadonlyMap<string, LureProfile> => {
    const tests = group(tested.value, test => test.lureId)
    return new Map(lures.value.map(lure => [lure.id, profileOf(lure, tests.get(lure.id) ?? [])]))
  })
  const lastUsed = computed(() => {
    const stints = group(
      box.box.trips.flatMap(trip => trip.stints ?? []),
      stint => stint.lureId,
    )
    return new Map([...stints].map(([id, own]) => [id, max(own, stint => stint.start) ?? null]))
  })
  const entries = computed((): readonly Entry[] =>
    [...profiles.value.values()].map(profile => ({
      profile,
      fit: judgement.fitById.get(profile.lure.id)?.score ?? null,
      lastUsed: lastUsed.value.get(profile.lure.id) ?? null,
      hasPhoto: photos.photos.has(profile.lure.id),
    })),
  )
  const entryById = computed(() => new Map(entries.value.map(entry => [entry.profile.lure.id, entry])))
  /** The lures that answer to some terms; all where there are none. */
  const answering = (asked: readonly Term[]) =>
    asked.length === 0 ? entries.value : entries.value.filter(entry => answers(entry, asked))
  const matching = (text: string) => answering(parseQuery(text, settings.units))
  const terms = computed(() => parseQuery(search.value, settings.units))
  const found = computed(() => answering(terms.value))
  const boxes = computed(
    () =>
      [
        ...new Set([
          ...box.box.lures.map(l => l.box).filter(name => name != null && name !== ''),
          ...Object.keys(trays.value),
        ]),
      ].sort((a, b) => a!.localeCompare(b!)) as string[],
  )

  async function open(): Promise<void> {
    if (isOpen) return
    isOpen = true
    takeFrom(await recall<Partial<Kept>>(box.database(), KEPT))
    watch([columns, searches, trays], () => void remember(box.database(), KEPT, kept()))
  }

  const kept = (): Kept => ({
    columns: [...columns.value],
    searches: searches.value.map(s => ({ ...s })),
    trays: copied(trays.value),
  })
  /** How a backup looked at the box; what it does not speak of stays. */
  function takeFrom(given: NonNullable<Settings['catalogue']> | null | undefined): void {
    if (given?.columns) columns.value = given.columns
    if (given?.searches) searches.value = given.searches
    if (given?.trays) trays.value = given.trays
  }

  function pick(ids: readonly string[], on: boolean): void {
    const next = new Set(picked.value)
    for (const id of ids) {
      if (on) next.add(id)
      else next.delete(id)
    }
    picked.value = next
  }

  // What has gone from the box cannot stay picked.
  watch(
    () => box.lureById,
    there => {
      const kept = [...picked.value].filter(id => there.has(id))
      if (kept.length !== picked.value.size) picked.value = new Set(kept)
    },
  )

  return {
    search,
    columns,
    searches,
    trays,
    picked,
    profiles,
    entries,
    entryById,
    terms,
    matching,
    found,
    boxes,
    open,
    kept,
    takeFrom,
    pick,
  }
})
