import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw } from 'vue'
import { ended, openStint, type Trip, type TripEvent, withCasts, withDetail, withEvent, withoutEvent, withStint, withStock } from '#core/tackle'
import type { SetupOut } from '#core/tell'
import { changeRow } from '~/db/change'
import { changeTripAndLure } from '~/db/trip'
import { useBoxStore } from './box'
import { useReadingStore } from './reading'
import { useSettingsStore } from './settings'

/** The trip that is being fished. Every tap is stored before it is shown: the screen follows the database. */
export const useTripStore = defineStore('trip', () => {
  const box = useBoxStore()
  const readings = useReadingStore()
  const settings = useSettingsStore()
  /** Why the place of an event is missing; empty when it is not. */
  const placeTrouble = ref('')
  /** The newest trip without an end. */
  const trip = computed((): Trip | null => [...box.box.trips].filter(t => !t.end && (t.stints ?? []).length > 0).sort((a, b) => Date.parse(b.start) - Date.parse(a.start))[0] ?? null)
  const stint = computed(() => (trip.value ? openStint(trip.value) : null))
  /** What the last tap wrote, so that it can be taken back. */
  const lastTap = shallowRef<{ readonly id: string, readonly kind: TripEvent['kind'], readonly lureId: string } | null>(null)
  const changeTrip = (tripId: string, change: (t: Trip) => Trip) => changeRow(box.database(), 'trips', tripId, t => plain(change(t)))
  const now = () => new Date().toISOString()
  const plain = <T>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T

  function stintOf(setup: SetupOut) {
    const { lureId, trailerId, rig, outfitId, presentation } = setup
    return { id: nanoid(), lureId, trailerId, rig, outfitId, depthM: presentation.depthM, speedMs: presentation.speedMs, cadence: presentation.cadence, reading: plain(readings.reading) }
  }

  /** `kit`: the pack list it begins with, and the rods that are rigged. */
  async function start(setup: SetupOut, kit: Pick<Trip, 'packId' | 'rods'> = {}): Promise<void> {
    const begun: Trip = { id: nanoid(), placeId: readings.place?.id ?? null, start: now(), end: null, stints: [], ...kit }
    await box.database().trips.put(plain(withStint(begun, stintOf(setup), begun.start)))
  }

  /** Ties another set-up on. */
  async function change(setup: SetupOut): Promise<void> {
    if (!trip.value) return start(setup)
    const next = stintOf(setup)
    await changeTrip(trip.value.id, t => withStint(t, next, now()))
    lastTap.value = null
  }

  async function tap(kind: TripEvent['kind']): Promise<void> {
    if (!trip.value || !stint.value) return
    const id = nanoid()
    const { lureId } = stint.value
    const event = { id, kind, species: kind === 'snagged' || kind === 'lure-lost' ? null : readings.reading.species }
    const write = (t: Trip) => plain(withEvent(t, event, now()))
    if (kind === 'lure-lost') await changeTripAndLure(box.database(), trip.value.id, write, lureId, lure => withStock(lure, -1))
    else await changeTrip(trip.value.id, write)
    lastTap.value = { id, kind, lureId }
    navigator.vibrate?.(VIBRATION_MS)
    if (settings.keepPlace) notePlace(id)
  }

  /** The tap is stored already; where it was comes behind, when the device knows it. */
  function notePlace(eventId: string): void {
    navigator.geolocation?.getCurrentPosition(
      ({ coords: { latitude, longitude } }) => void detail(eventId, { latitude, longitude }),
      ({ code, message, PERMISSION_DENIED }) => {
        placeTrouble.value = `The place is not known (${message || 'no position'}). The event is stored without it.`
        if (code === PERMISSION_DENIED) settings.keepPlace = false
      },
      { enableHighAccuracy: true, maximumAge: 30_000, timeout: 20_000 },
    )
  }

  async function takeBack(): Promise<void> {
    const last = lastTap.value
    if (!last || !trip.value) return
    const write = (t: Trip) => plain(withoutEvent(t, last.id))
    if (last.kind === 'lure-lost') await changeTripAndLure(box.database(), trip.value.id, write, last.lureId, lure => withStock(lure, 1))
    else await changeTrip(trip.value.id, write)
    lastTap.value = null
  }

  const detail = async (eventId: string, about: Partial<TripEvent>) => void (trip.value && await changeTrip(trip.value.id, t => withDetail(t, eventId, about)))
  const remove = async (eventId: string) => void (trip.value && await changeTrip(trip.value.id, t => withoutEvent(t, eventId)))
  const cast = async (more: number) => void (trip.value && await changeTrip(trip.value.id, t => withCasts(t, more)))
  const rig = async (rods: readonly string[]) => void (trip.value && await changeTrip(trip.value.id, t => ({ ...t, rods: rods.length > 0 ? [...rods] : null })))
  const finish = async () => void (trip.value && await changeTrip(trip.value.id, t => ended(t, now())))

  return { trip, stint, lastTap, placeTrouble, start, change, tap, takeBack, detail, remove, cast, rig, finish }
})

/** A short buzz says that the tap is stored [ms]. */
const VIBRATION_MS = 30
