import { beforeEach, describe, expect, it, vi } from 'vitest'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted, tap } from '~/testing/mounted'
import { useCatalogueStore } from '~/stores/catalogue'
import { useJudgementStore } from '~/stores/judgement'
import { useTripStore } from '~/stores/trip'
import NextChangeCard from './NextChangeCard.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})

const MINUTES = 60_000
const setups = () => useJudgementStore().judgement!.out.setups
beforeEach(async () => {
  await import('~/workers/judge.worker')
  await openFreshBox()
  await useCatalogueStore().open()
  useJudgementStore().open()
  await until(() => useJudgementStore().judgement !== null)
  await useTripStore().start(setups()[0]!)
  await until(() => useTripStore().trip !== null)
})

/** The card twenty minutes on, with what is on the line wound so many times as fast as was told. */
async function cardWound(times: number) {
  const trip = structuredClone(useTripStore().trip!)
  const [stint] = trip.stints!
  const speedMs = stint!.presentation!.speedMs! * times
  Object.assign(stint!, { speedMs, presentation: { ...stint!.presentation, speedMs } })
  const now = new Date(Date.parse(trip.start) + 20 * MINUTES).toISOString()
  const bites = await useJudgementStore().next({ trip, now, several: false, only: {} })
  return mounted(NextChangeCard, {
    props: { advice: null, bites, setups: setups(), several: false, turns: [], changes: [] },
  })
}

describe('what to change next', () => {
  it('wound far too fast with nothing on it: the pace, from what it is to what is asked, and one tap begins it so', async () => {
    const wrapper = await cardWound(2.5)
    expect(wrapper.find('h3').text()).toBe('Change the pace')
    expect(wrapper.text()).toContain('Far faster than this water and these fish ask. Slower.')
    await tap(wrapper, 'Fish it so')
    expect(wrapper.emitted('tie')![0]![0]).toMatchObject({
      lureId: setups()[0]!.lureId,
      presentation: { speedMs: setups()[0]!.presentation.speedMs },
    })
  })
  it('fished as it was told: stay', async () => {
    const wrapper = await cardWound(1)
    expect(wrapper.find('h3').text()).toBe('Stay with it')
    expect(wrapper.text()).not.toContain('Fish it so')
  })
})
