import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted, named } from '~/testing/mounted'
import { useCatalogueStore } from '~/stores/catalogue'
import { useBoxStore } from '~/stores/box'
import { useJudgementStore } from '~/stores/judgement'
import { useReadingStore } from '~/stores/reading'
import SetupList from './SetupList.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})

beforeEach(async () => {
  await import('~/workers/judge.worker')
  await openFreshBox()
  await useCatalogueStore().open()
  useJudgementStore().open()
  await until(() => useJudgementStore().judgement !== null)
})

describe('what to tie on', () => {
  it('says nothing of the whole box while only what comes first has its place', async () => {
    const { out, fits, opened } = useJudgementStore().judgement!
    const { setups, cautions, ask, assumed } = out
    const first = { setups, cautions, ask, assumed, rejected: [], gaps: [], hand: [] }
    const wrapper = await mounted(SetupList, {
      props: { out: first, opened, fits: [], isPlaced: false, sure: null, chosenId: null },
    })
    expect(wrapper.findAll('li .name').length).toBeGreaterThan(5)
    expect(wrapper.text()).not.toMatch(/\d lures? of your box/)
    expect(wrapper.find('input[type=search]').exists()).toBe(false)
    await wrapper.setProps({ out, fits, isPlaced: true })
    await flushPromises()
    expect(wrapper.text()).toContain(`${fits.length} lures of your box can be fished here`)
    await named(wrapper, /^Find a lure/).setValue('a')
    expect(wrapper.findAll('.find li').length).toBeGreaterThan(0)
  })

  it('says of each bait in how many of ten waters it comes first, whatever dress it wears there, and what to measure', async () => {
    const store = useJudgementStore()
    await store.lookHowSure()
    const { out, fits, opened } = store.judgement!
    const wrapper = await mounted(SetupList, {
      props: { out, opened, fits, isPlaced: true, sure: store.sure, chosenId: null },
    })
    const idOf = new Map(useBoxStore().box.lures.map(({ id, name }) => [name, id]))
    const rows = wrapper.findAll('ol > li').map(row => {
      const id = idOf.get(row.get('.name').text())!
      const share = store.sure!.first.find(({ lureIds }) => lureIds.includes(id))?.share ?? 0
      return {
        told: Number(/first in (\d+) of 10/.exec(row.get('.score').text())?.[1] ?? 0),
        expected: Math.round(10 * share),
      }
    })
    expect(rows.map(r => r.told)).toEqual(rows.map(r => r.expected))
    expect(rows.filter(r => r.told > 0).length).toBeGreaterThan(1)
    expect(wrapper.text()).toContain('Worth measuring')
    expect(wrapper.text()).toContain(store.sure!.measure[0]!.why)
    // Another order is told without what was looked into for this one.
    useReadingStore().change({ temperatureC: 18 })
    await until(() => store.sure === null)
  })
})
