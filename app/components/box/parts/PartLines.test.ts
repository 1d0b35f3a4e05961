import { beforeEach, describe, expect, it, vi } from 'vitest'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted, named } from '~/testing/mounted'
import { useBoxStore } from '~/stores/box'
import { useUndoStore } from '~/stores/undo'
import PartLines from './PartLines.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})

const parts = () => useBoxStore().box.parts
beforeEach(openFreshBox)

describe('hardware by the line', () => {
  it('shows what it understood, puts that in as one step, and keeps what it did not', async () => {
    const before = parts().length
    const form = await mounted(PartLines)
    await form.get('textarea').setValue('3x swing head 10,5 g 4/0\nsomething else\ntungsten bullet 1/2 oz (5 pk)')
    expect(form.text()).toContain('jig head · swing · 10.5')
    expect(form.text()).toContain('No word in “something else”')
    await form.get('form').trigger('submit')
    await until(() => parts().length === before + 2)
    expect(parts().find(({ shape }) => shape === 'swing')).toMatchObject({ weightG: 10.5, size: '4/0', quantity: 3 })
    expect(form.get('textarea').element.value).toBe('something else')
    await useUndoStore().takeBack()
    await until(() => parts().length === before)
  })
  it('of what is there already it only makes more', async () => {
    const part = parts().find(({ kind, shape }) => kind === 'sinker' && shape === 'drop')!
    const form = await mounted(PartLines)
    await form.get('textarea').setValue(`2x ${part.material} drop sinker ${part.weightG} g`)
    await form.get('form').trigger('submit')
    await until(() => parts().find(({ id }) => id === part.id)!.quantity === (part.quantity ?? 1) + 2)
  })
  it('without anything it understands there is nothing to put in', async () => {
    const form = await mounted(PartLines)
    await form.get('textarea').setValue('nothing of the kind')
    expect(named(form, 'Put in the box').attributes('disabled')).toBeDefined()
  })
})
