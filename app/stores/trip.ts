import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { HAND_CHANGES } from '#core/knowledge'
import type { InHand } from '#core/rotation'
import {
  ended,
  openPair,
  openStint,
  resumed,
  type StintStart,
  type Trip,
  type TripEvent,
  withCasts,
  withDetail,
  withEvent,
  withLineEmpty,
  withoutEvent,
  withoutLastStint,
  withPair,
  withPairCount,
  withPairEnded,
  withStint,
  withStock,
} from '#core/tackle'
import type { SetupOut } from '#core/tell'
import { changeRow } from '~/db/change'
import { GateError } from '~/db/gate'
import { changeTripAndLure } from '~/db/trip'
import { localIso } from '~/text/dates'
import { plain } from '~/workers/plain'
import { told } from '~/text/told'
import { useBoxStore } from './box'
import { useReadingStore } from './reading'
import { useSettingsStore } from './settings'

/** What was done on the water, so that it can be taken back in its order. */
type Step =
  | {
      readonly does: 'event'
      readonly tripId: string
      readonly id: string
      readonly kind: TripEvent['kind']
      readonly lureId: string
    }
  | { readonly does: 'stint'; readonly tripId: string; readonly id: string; readonly says: string }
  | { readonly does: 'casts'; readonly tripId: string; readonly more: number }
  | {
      readonly does: 'pair'
      readonly tripId: string
      readonly pairId: string
      readonly side: 'a' | 'b'
      readonly what: 'casts' | 'contacts'
    }
  | { readonly does: 'end'; readonly tripId: string }

/** A second tap of the same kind this soon is a wet thumb, not a second fish [ms]. */
const DOUBLE_TAP_MS = 350

/** The trip that is being fished. Every tap is stored before it is shown: the screen follows the database. */
export const useTripStore = defineStore('trip', () => {
  const box = useBoxStore()
  const readings = useReadingStore()
  const settings = useSettingsStore()
  /** Why what was told last is not stored; empty when it is. */
  const problem = ref('')
  /** Why the place of an event is missing; empty when it is not. */
  const placeTrouble = ref('')
  /** The newest trip without an end. */
  const trip = computed(
    (): Trip | null =>
      [...box.box.trips]
        .filter(t => !t.end && (t.stints ?? []).length > 0)
        .sort((a, b) => Date.parse(b.start) - Date.parse(a.start))[0] ?? null,
  )
  const stint = computed(() => (trip.value ? openStint(trip.value) : null))
  const steps = shallowRef<readonly Step[]>([])
  const lastStep = computed(() => steps.value[steps.value.length - 1] ?? null)
  /** What the last tap wrote; `null` when something else was done since. */
  const lastTap = computed(() => (lastStep.value?.does === 'event' ? lastStep.value : null))
  const did = (step: Step) => {
    steps.value = [...steps.value, step]
  }
  const changeTrip = (tripId: string, change: (t: Trip) => Trip) =>
    changeRow(box.database(), 'trips', tripId, t => plain(change(t)))
  const now = () => localIso(new Date())

  function stintOf(setup: SetupOut): StintStart<unknown> {
    const { lureId, trailerId, rig, outfitId, headG, sinkerG, tactic, presentation } = setup
    const { depthM, speedMs, cadence, pauseS, tipM, castM, countdownS } = presentation
    return {
      id: nanoid(),
      lureId,
      trailerId,
      rig,
      outfitId,
      depthM,
      speedMs,
      cadence,
      presentation: { tactic, depthM, speedMs, cadence, pauseS, tipM, castM, countdownS, headG, sinkerG },
      reading: plain(readings.reading),
    }
  }

  /** `kit`: the pack list it begins with, and the rods that are rigged. */
  async function start(setup: SetupOut, kit: Pick<Trip, 'packId' | 'rods'> = {}): Promise<void> {
    const begun: Trip = {
      id: nanoid(),
      placeId: readings.place?.id ?? null,
      start: now(),
      end: null,
      stints: [],
      ...kit,
    }
    await box.database().trips.put(plain(withStint(begun, stintOf(setup), begun.start)))
  }

  /** Ties another set-up on. */
  async function change(setup: SetupOut): Promise<void> {
    if (!trip.value) return start(setup)
    await began(trip.value.id, stintOf(setup), setup.lureId === stint.value?.lureId ? 'as it was told' : 'another lure')
  }

  /** Fishes the same lure differently. */
  async function adjust({ id, stint: next }: InHand): Promise<void> {
    if (trip.value) await began(trip.value.id, { ...plain(next), id: nanoid() }, HAND_CHANGES[id].says)
  }

  async function began(tripId: string, next: StintStart<unknown>, says: string): Promise<void> {
    await changeTrip(tripId, t => withStint(t, next, now()))
    did({ does: 'stint', tripId, id: next.id, says })
  }

  let tapped = { kind: '', at: -Infinity }
  async function tap(kind: TripEvent['kind']): Promise<void> {
    if (!trip.value || !stint.value) return
    const at = performance.now()
    if (tapped.kind === kind && at - tapped.at < DOUBLE_TAP_MS) return
    tapped = { kind, at }
    const id = nanoid()
    const tripId = trip.value.id
    const { lureId } = stint.value
    const event = { id, kind, species: kind === 'snagged' || kind === 'lure-lost' ? null : readings.reading.species }
    const write = (t: Trip) => plain(withEvent(t, event, now()))
    if (kind === 'lure-lost')
      await changeTripAndLure(
        box.database(),
        tripId,
        t => plain(withLineEmpty(write(t), now())),
        lureId,
        lure => withStock(lure, -1),
      )
    else await changeTrip(tripId, write)
    did({ does: 'event', tripId, id, kind, lureId })
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

  /** Takes the last step back; then the one before it, and so on. */
  async function takeBack(): Promise<void> {
    const last = lastStep.value
    if (!last) return
    steps.value = steps.value.slice(0, -1)
    switch (last.does) {
      case 'event':
        return dropEvent(last.tripId, last.id, last.kind, last.lureId)
      case 'stint':
        return void (await changeTrip(last.tripId, t => withoutLastStint(t, last.id)))
      case 'casts':
        return void (await changeTrip(last.tripId, t => withCasts(t, -last.more)))
      case 'pair':
        return void (await changeTrip(last.tripId, t => withPairCount(t, last.pairId, last.side, last.what, -1)))
      case 'end':
        return resume(last.tripId)
    }
  }

  /** An event goes; a lost lure is in the box again, and on the line if nothing else was tied on since. */
  async function dropEvent(tripId: string, eventId: string, kind: TripEvent['kind'], lureId: string): Promise<void> {
    const without = (t: Trip) => withoutEvent(t, eventId)
    if (kind !== 'lure-lost') return void (await changeTrip(tripId, without))
    const wasLast = (t: Trip) =>
      (t.stints ?? [])[(t.stints ?? []).length - 1]?.events?.some(e => e.id === eventId) ?? false
    await changeTripAndLure(
      box.database(),
      tripId,
      t => plain(wasLast(t) && !t.end ? resumed(without(t)) : without(t)),
      lureId,
      lure => withStock(lure, 1),
    )
  }

  /** What cannot be is told, and what stood there stays. */
  async function detail(eventId: string, about: Partial<TripEvent>): Promise<void> {
    problem.value = ''
    try {
      if (trip.value) await changeTrip(trip.value.id, t => withDetail(t, eventId, about))
    } catch (error) {
      if (!(error instanceof GateError)) throw error
      problem.value = `Not stored: ${(await told(error.issues)).map(({ path, message }) => `${path.split('.').at(-1)} ${message}`).join('; ')}.`
    }
  }
  async function remove(eventId: string): Promise<void> {
    const at = (trip.value?.stints ?? []).find(s => (s.events ?? []).some(e => e.id === eventId))
    const event = at?.events?.find(e => e.id === eventId)
    if (!trip.value || !at || !event) return
    steps.value = steps.value.filter(step => step.does !== 'event' || step.id !== eventId)
    await dropEvent(trip.value.id, eventId, event.kind, at.lureId)
  }
  async function cast(more: number): Promise<void> {
    if (!trip.value || !stint.value) return
    const tripId = trip.value.id
    await changeTrip(tripId, t => withCasts(t, more))
    did({ does: 'casts', tripId, more })
  }
  const pair = computed(() => (trip.value ? openPair(trip.value) : null))
  /** Two lures that differ in one thing are fished in turn from now on. */
  async function beginPair(differs: string, a: string, b: string): Promise<void> {
    if (!trip.value) return
    const side = (lureId: string) => ({ lureId, casts: 0, contacts: 0 })
    await changeTrip(trip.value.id, t =>
      withPair(t, { id: nanoid(), differs, a: side(a), b: side(b), end: null }, now()),
    )
  }
  async function countPair(side: 'a' | 'b', what: 'casts' | 'contacts'): Promise<void> {
    if (!trip.value || !pair.value) return
    const [tripId, pairId] = [trip.value.id, pair.value.id]
    await changeTrip(tripId, t => withPairCount(t, pairId, side, what, 1))
    did({ does: 'pair', tripId, pairId, side, what })
  }
  const endPair = async () => void (trip.value && (await changeTrip(trip.value.id, t => withPairEnded(t, now()))))
  const rig = async (rods: readonly string[]) =>
    void (trip.value && (await changeTrip(trip.value.id, t => ({ ...t, rods: rods.length > 0 ? [...rods] : null }))))
  async function finish(): Promise<void> {
    if (!trip.value) return
    const tripId = trip.value.id
    await changeTrip(tripId, t => ended(t, now()))
    did({ does: 'end', tripId })
  }
  /** Goes on with a trip that was ended. */
  const resume = async (tripId: string) => void (await changeTrip(tripId, t => resumed(t)))

  return {
    trip,
    stint,
    lastStep,
    lastTap,
    problem,
    placeTrouble,
    start,
    change,
    adjust,
    tap,
    takeBack,
    detail,
    remove,
    cast,
    pair,
    beginPair,
    countPair,
    endPair,
    rig,
    finish,
    resume,
  }
})

/** A short buzz says that the tap is stored [ms]. */
const VIBRATION_MS = 30
