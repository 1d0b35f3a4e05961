import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, shallowRef } from 'vue'
import { openFreshBox } from '~/testing/fresh-box'
import { mounted, named } from '~/testing/mounted'
import SavingStep from './SavingStep.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))

beforeEach(openFreshBox)

describe('a file that is being written', () => {
  const saving = { step: shallowRef<object | null>(null), save: vi.fn(), cancel: vi.fn() }
  it('tells what is being done and how far it is, stops when it is told to, and is gone when it is done', async () => {
    const wrapper = await mounted(SavingStep, { props: { saving } })
    expect(wrapper.text()).toBe('')
    saving.step.value = { what: 'pictures', done: 3, of: 12 }
    await nextTick()
    expect(wrapper.get('[role=status]').text()).toContain('pictures, 3 of 12')
    expect(wrapper.get('progress').attributes()).toMatchObject({ value: '3', max: '12' })
    await named(wrapper, 'stop').trigger('click')
    expect(saving.cancel).toHaveBeenCalledOnce()
    saving.step.value = { what: 'pressing', done: 0, of: 0 }
    await nextTick()
    // Without an end in sight the bar has no figure.
    expect(wrapper.get('progress').attributes('value')).toBeUndefined()
    saving.step.value = null
    await nextTick()
    expect(wrapper.find('[role=status]').exists()).toBe(false)
  })
})
