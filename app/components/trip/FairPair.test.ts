import { beforeEach, describe, expect, it, vi } from 'vitest'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted, tap } from '~/testing/mounted'
import { useBoxStore } from '~/stores/box'
import { useCatalogueStore } from '~/stores/catalogue'
import { useJudgementStore } from '~/stores/judgement'
import { useTripStore } from '~/stores/trip'
import FairPair from './FairPair.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})

const setups = () => useJudgementStore().judgement!.out.setups
const stored = async () => (await useBoxStore().readFile()).trips!.find(t => t.id === useTripStore().trip!.id)!
beforeEach(async () => {
  await import('~/workers/judge.worker')
  await openFreshBox()
  await useCatalogueStore().open()
  useJudgementStore().open()
  await until(() => useJudgementStore().judgement !== null)
  await useTripStore().start(setups()[0]!)
  await until(() => useTripStore().trip !== null)
})

describe('an honest pair on a trip', () => {
  it('is kept with the trip, counted by taps, taken back in order, and stays after it is ended', async () => {
    const wrapper = await mounted(FairPair, { props: { setups: setups() } })
    await wrapper.find('.pair').trigger('click')
    await until(() => useTripStore().pair !== null)
    await tap(wrapper, /^Cast with/)
    await until(() => useTripStore().pair!.a.casts === 1)
    await tap(wrapper, /^Contact with/)
    await until(() => useTripStore().pair!.a.contacts === 1)
    expect(wrapper.find('[role=status]').text()).toContain('No difference yet')
    await useTripStore().takeBack()
    await until(() => useTripStore().pair!.a.contacts === 0)
    await tap(wrapper, 'end this comparison')
    await until(() => useTripStore().pair === null)
    const [pair] = (await stored()).pairs!
    expect(pair).toMatchObject({ a: { casts: 1, contacts: 0 }, b: { casts: 0, contacts: 0 } })
    expect(pair!.end).toBeTruthy()
  })
})
