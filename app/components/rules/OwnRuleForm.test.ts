import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { UserRule } from '#core/tackle'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted, named, tap, typeInto } from '~/testing/mounted'
import { useBoxStore } from '~/stores/box'
import { useJudgementStore } from '~/stores/judgement'
import { useSettingsStore } from '~/stores/settings'
import OwnRuleForm from './OwnRuleForm.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})

const RULE: UserRule = {
  id: 'mine',
  name: 'Cold and clear',
  on: true,
  placeId: null,
  when: [{ field: 'temperatureC', op: '<', value: 10 }],
  prefer: { pattern: ['natural'], bulk: 2 },
  weight: 0.5,
}
const stored = async (id = 'mine') => (await useBoxStore().readFile()).rules!.find(r => r.id === id)
const form = (rule: UserRule = RULE) => mounted(OwnRuleForm, { props: { rule } })

beforeEach(async () => {
  await import('~/workers/judge.worker')
  await openFreshBox()
  useJudgementStore().open()
  await until(() => useJudgementStore().judgement !== null)
})

describe('an own rule in its form', () => {
  it('keeps a rule with several preferences and its “below” as it was, when only the name is changed', async () => {
    const wrapper = await form()
    await typeInto(wrapper, /What you would say/, 'Cold, and clear')
    await wrapper.find('form').trigger('submit')
    await until(() => useBoxStore().own.rules.some(r => r.id === 'mine'))
    expect(await stored()).toMatchObject({ ...RULE, name: 'Cold, and clear' })
  })
  it('understands a figure in the angler’s unit', async () => {
    useSettingsStore().units = 'imperial'
    const wrapper = await form()
    await typeInto(wrapper, 'Condition 1, figure', '50')
    await wrapper.find('form').trigger('submit')
    await until(() => useBoxStore().own.rules.some(r => r.id === 'mine'))
    expect((await stored())!.when![0]).toMatchObject({ field: 'temperatureC', op: '<', value: 10 })
  })
  it('drops a second preference when it is taken out, and says what is missing before it stores', async () => {
    const wrapper = await form({ ...RULE, id: 'unfinished', when: [{ field: 'sky', op: 'in', value: [] }] })
    expect(wrapper.text()).toContain('Not complete yet: sky: choose at least one')
    await wrapper.find('form').trigger('submit')
    expect(await stored('unfinished')).toBeUndefined()
    await tap(wrapper, 'Drop condition 1')
    await tap(wrapper, /^Drop bulk/i)
    await wrapper.find('form').trigger('submit')
    await until(() => useBoxStore().own.rules.some(r => r.id === 'unfinished'))
    expect((await stored('unfinished'))!.prefer).toEqual({ pattern: ['natural'] })
  })
  it('draws what the rule would do to the order on the present water', async () => {
    const wrapper = await form({ ...RULE, when: [], prefer: { family: ['frog'] }, weight: 1 })
    await until(() => wrapper.find('[aria-label="The order with this rule"]').exists())
    await flushPromises()
    expect(named(wrapper, 'What to prefer').element).toHaveProperty('value', 'family')
  })
})
