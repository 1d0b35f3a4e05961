import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { nanoid } from 'nanoid'
import type { Issue } from '#core/files'
import { sunPosition } from '#core/light'
import {
  type Conflict,
  type ForecastHour,
  type LikelyReading,
  likelyReadings,
  type Pack,
  type PackList,
  type PackRequest,
  type Proof,
  type Swap,
  withChanges,
} from '#core/pack'
import type { SetupOut } from '#core/tell'
import { PackClient } from '~/workers/pack.client'
import type { Explained } from '~/workers/pack.protocol'
import { copied } from '~/workers/plain'

const MS_PER_DAY = 86_400_000
/** The proof ends at this gap, or after this time [s]. */
const GAP = 0.01
const SECONDS = 10
/** Limits to begin with, by where one stands. Assumed: what a vest, a rucksack and a boat hold. */
const LIMITS = {
  light: { rods: 1, lures: 12, boxes: 1, slotsPerBox: 14, grams: 350 },
  bank: { rods: 2, lures: 16, boxes: 2, slotsPerBox: 14, grams: 900 },
  boat: { rods: 3, lures: 22, boxes: 2, slotsPerBox: 18, grams: null },
} as const

/** How far the planning has come. */
export interface Working {
  readonly stage: 'judging' | 'proving'
  readonly done: number
  /** How much better another pack could be, as far as is shown by now, 0..1. */
  readonly gap: number | null
}

/** One pack list: what is planned for, the search, and the changes by hand. */
export function usePack() {
  const box = useBoxStore()
  const readings = useReadingStore()
  const settings = useSettingsStore()
  const client = new PackClient()
  onScopeDispose(() => client.stop())
  const chosen = ref<string | null>(null)
  const lists = computed(() =>
    [...box.packs].sort((a, b) => Date.parse(b.at) - Date.parse(a.at) || (a.id < b.id ? 1 : -1)),
  )
  const list = computed(() => lists.value.find(l => l.id === chosen.value) ?? lists.value[0] ?? null)
  const explained = shallowRef<Explained | null>(null)
  /** What is proven of the pack that is shown; `null`: changed by hand since. */
  const proof = shallowRef<Pick<Proof, 'gap' | 'ended'> | null>(null)
  const working = shallowRef<Working | null>(null)
  const conflicts = shallowRef<readonly Conflict<string>[]>([])
  /** What the shown pack was planned for; another request makes it stale. */
  const plannedFor = ref('')
  const keyOf = ({ readings: likely, limits, take, leave }: PackList) =>
    JSON.stringify([likely, limits, [...take].sort(), [...leave].sort()])
  const isStale = computed(
    () => explained.value !== null && list.value !== null && plannedFor.value !== keyOf(list.value),
  )
  const problem = ref('')
  const forecastNote = ref('')
  let run = 0

  const choice = () => ({
    schools: { ...settings.schools },
    weights: { ...settings.ruleWeights },
    units: settings.units,
  })
  /** What is planned with: each likely reading with its likely changes. */
  const requestOf = ({ readings: likely, limits, take, leave }: PackList): PackRequest => ({
    readings: withChanges(likely),
    limits: copied(limits),
    locks: { take: new Set(take), leave: new Set(leave) },
  })
  const spelled = computed(() => (list.value ? withChanges(list.value.readings) : []))

  watch(
    [() => box.ready, () => box.box, () => box.own, () => settings.useLog],
    ([ready, holdings, own, useLog]) => {
      if (ready) client.load(copied(holdings), copied(own), useLog)
    },
    { immediate: true },
  )
  // A list that is opened again is explained again.
  watch(
    [() => list.value?.id, () => box.ready],
    () => {
      explained.value = proof.value = null
      conflicts.value = []
      plannedFor.value = list.value ? keyOf(list.value) : ''
      if (list.value?.pack) void explain(list.value.pack)
    },
    { immediate: true },
  )

  // What is shown is told again in other units; nothing is judged anew for it.
  watch(
    () => settings.units,
    () => explained.value && explain(explained.value.pack),
  )

  async function save(next: PackList): Promise<void> {
    tell(await box.savePack(next))
  }
  function tell([first]: readonly Issue<string>[]): void {
    problem.value = first ? `Not kept: ${first.path} ${first.message}.` : ''
  }
  /** Changes the list as it is stored; what cannot be stays as it was, and is told. */
  async function alter(part: (list: PackList) => Partial<PackList>): Promise<void> {
    if (!list.value) return
    tell(await box.edit('packs', list.value.id, part))
  }
  const change = (part: Partial<PackList>) => alter(() => part)

  /** Midnight to midnight of a day, from the simulated forecast; without an answer the day is made from the reading alone. */
  async function dayOf(at: string, placeId: string | null, planBId: string | null): Promise<readonly LikelyReading[]> {
    const from = copied(readings.reading)
    const place = box.places.find(p => p.id === placeId) ?? null
    const planB = box.places.find(p => p.id === planBId) ?? null
    const { latitude, longitude } = {
      ...readings.complete.reading,
      ...(place?.latitude != null && place.longitude != null
        ? { latitude: place.latitude, longitude: place.longitude }
        : {}),
    }
    let forecast: readonly ForecastHour[]
    try {
      forecast = (
        await askServer<{ hours: ForecastHour[] }>(
          `/api/forecast?date=${at.slice(0, 10)}&latitude=${latitude}&longitude=${longitude}`,
        )
      ).hours
      forecastNote.value = 'From a simulated forecast: change what you know better.'
    } catch (error) {
      forecastNote.value = `No forecast answers (${(error as Error).message}): the day is made from the reading above. Change what you know better.`
      forecast = withoutForecast(at)
    }
    return likelyReadings({ from, place, forecast, planB })

    function withoutForecast(day: string): ForecastHour[] {
      const { temperatureC, windMs, sky, nightCloud } = readings.complete.reading
      const overhead = sky === 'night' ? nightCloud : sky
      const cloud = { sun: 0.1, clear: 0.1, broken: 0.5, overcast: 0.9, rain: 1 }[overhead]
      return Array.from({ length: 24 }, (_, h) => {
        const hour = new Date(Date.parse(`${day.slice(0, 10)}T00:00:00Z`) + h * 3_600_000).toISOString()
        const isHigh = sunPosition(hour, latitude, longitude).altitudeDeg > 25
        return {
          at: hour,
          waterC: temperatureC,
          cloud,
          windMs: windMs + (isHigh ? 1 : 0),
          rainMm: overhead === 'rain' ? 1 : 0,
        }
      })
    }
  }

  const tomorrow = () => new Date(Date.now() + MS_PER_DAY).toISOString()
  /** Tomorrow at the water of the reading, as a few likely waters. */
  const outline = () => dayOf(tomorrow(), readings.place?.id ?? null, null)

  /** A list for tomorrow; `take`: what must go along. */
  async function create(take: readonly string[] = []): Promise<void> {
    const at = tomorrow()
    const placeId = readings.place?.id ?? null
    const { from } = readings.complete.reading
    const id = nanoid()
    await save({
      id,
      name: 'Tomorrow',
      at,
      placeId,
      planBId: null,
      readings: await dayOf(at, placeId, null),
      limits: copied(from === 'wading' ? LIMITS.light : from === 'bank' ? LIMITS.bank : LIMITS.boat),
      take: [...take],
      leave: [],
      pack: null,
      rigged: [],
      ticked: [],
    })
    chosen.value = id
  }

  async function remake(part: Pick<Partial<PackList>, 'at' | 'placeId' | 'planBId'>): Promise<void> {
    if (!list.value) return
    const { at, placeId, planBId } = { ...list.value, ...part }
    await change({ ...part, readings: await dayOf(at, placeId, planBId) })
  }

  async function plan(): Promise<void> {
    if (!list.value) return
    const now = copied(list.value)
    const mine = ++run
    const request = requestOf(now)
    conflicts.value = []
    problem.value = ''
    working.value = { stage: 'judging', done: 0, gap: null }
    try {
      const answer = await client.plan(request, choice(), { seconds: SECONDS, gap: GAP }, step => {
        if (mine !== run) return
        if (step.kind === 'judged') working.value = { stage: 'judging', done: step.done, gap: null }
        else if (step.kind === 'greedy') {
          explained.value = step.explained
          proof.value = null
          working.value = { stage: 'proving', done: 1, gap: null }
        } else {
          const { value } = explained.value!
          working.value = { stage: 'proving', done: 1, gap: Math.max(0, (step.bound - value) / step.bound) }
        }
      })
      if (mine !== run) return
      working.value = null
      if ('conflicts' in answer) conflicts.value = answer.conflicts
      else {
        proof.value = answer.proof
        await settle(answer.explained)
      }
    } catch (error) {
      if (mine !== run) return
      working.value = null
      problem.value = `The plan could not be made: ${(error as Error).message}.`
    }
  }
  /** Ends the planning; a pack that is there by then stays, with what was proven of it. */
  async function stop(): Promise<void> {
    run++
    const { stage, gap } = working.value ?? {}
    working.value = null
    client.stop()
    if (stage !== 'proving' || !explained.value) return
    await settle(explained.value)
    proof.value = gap == null ? null : { gap, ended: 'stopped' }
  }

  async function settle(answer: Explained): Promise<void> {
    explained.value = answer
    if (list.value) plannedFor.value = keyOf(list.value)
    const { items, rods } = answer.pack
    await alter(({ ticked }) => ({
      pack: answer.pack,
      rigged: answer.rigged.map(listed),
      ticked: ticked.filter(id => items.includes(id) || rods.includes(id) || answer.small.some(s => s.id === id)),
    }))
  }

  const listed = ({
    lureId,
    outfitId,
    rig,
    trailerId,
    headG,
    sinkerG,
    presentation: { depthM, speedMs, cadence },
  }: SetupOut) => ({ lureId, outfitId: outfitId ?? '', rig, trailerId, headG, sinkerG, depthM, speedMs, cadence })

  async function explain(pack: Pack): Promise<void> {
    if (!list.value || !box.ready) return
    try {
      explained.value = await client.explain(requestOf(copied(list.value)), choice(), copied(pack))
    } catch (error) {
      problem.value = `The pack could not be explained: ${(error as Error).message}.`
    }
  }

  /** Another pack by hand; what was proven no longer speaks of it. */
  async function take(pack: Pack): Promise<void> {
    proof.value = null
    await explain(pack)
    if (explained.value) await settle(explained.value)
  }

  async function swaps(out: string): Promise<readonly Swap[]> {
    return list.value && explained.value
      ? client.swaps(requestOf(copied(list.value)), choice(), copied(explained.value.pack), out)
      : []
  }

  /** Locks an item: must go, must stay, or free again. */
  async function lock(id: string, how: 'take' | 'leave' | null): Promise<void> {
    const without = (ids: readonly string[]) => ids.filter(i => i !== id)
    await alter(({ take: must, leave }) => ({
      take: [...without(must), ...(how === 'take' ? [id] : [])],
      leave: [...without(leave), ...(how === 'leave' ? [id] : [])],
    }))
  }

  const tick = (id: string) =>
    alter(({ ticked }) => ({ ticked: ticked.includes(id) ? ticked.filter(i => i !== id) : [...ticked, id] }))

  return {
    lists,
    list,
    chosen,
    spelled,
    explained,
    proof,
    isStale,
    working,
    conflicts,
    problem,
    forecastNote,
    outline,
    create,
    change,
    remake,
    plan,
    stop,
    take,
    swaps,
    lock,
    tick,
  }
}
