import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted, named } from '~/testing/mounted'
import { useCatalogueStore } from '~/stores/catalogue'
import { useJudgementStore } from '~/stores/judgement'
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
    const first = { setups, cautions, ask, assumed, rejected: [], gaps: [], hand: [], measure: [] }
    const wrapper = await mounted(SetupList, {
      props: { out: first, opened, fits: [], isPlaced: false, chosenId: null },
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
})
