import { beforeEach, describe, expect, it, vi } from 'vitest'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted, named, tap } from '~/testing/mounted'
import { useBoxStore } from '~/stores/box'
import { useCatalogueStore } from '~/stores/catalogue'
import { useUndoStore } from '~/stores/undo'
import RowDeeds from './RowDeeds.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})

const lure = () => useBoxStore().box.lures.find(l => (l.quantity ?? 1) === 1)!
const stored = async (id: string) => (await useBoxStore().readFile()).lures!.find(l => l.id === id)!
beforeEach(openFreshBox)

describe('the usual deeds of a row', () => {
  it('one less is none left, cannot go below, and is taken back', async () => {
    const { id } = lure()
    const deeds = await mounted(RowDeeds, { props: { lure: lure() } })
    await tap(deeds, 'one less')
    await until(() => useBoxStore().lureById.get(id)!.quantity === 0)
    await deeds.setProps({ lure: useBoxStore().lureById.get(id)! })
    expect(deeds.text()).toContain('none left')
    expect(named(deeds, 'one less').attributes('disabled')).toBeDefined()
    await useUndoStore().takeBack()
    expect((await stored(id)).quantity).toBe(1)
  })
  it('a pin and a pick, each its own; nothing else of the lure changes', async () => {
    const before = lure()
    const deeds = await mounted(RowDeeds, { props: { lure: before } })
    await tap(deeds, 'pin it')
    await until(() => useBoxStore().lureById.get(before.id)!.pinned === true)
    expect(await stored(before.id)).toEqual({ ...before, pinned: true })
    await tap(deeds, 'pick it')
    expect([...useCatalogueStore().picked]).toEqual([before.id])
    expect(deeds.emitted('close')).toHaveLength(1)
  })
})
