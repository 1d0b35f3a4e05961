import { beforeEach, describe, expect, it, vi } from 'vitest'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted, named, tap, typeInto } from '~/testing/mounted'
import { useBoxStore } from '~/stores/box'
import { useCatalogueStore } from '~/stores/catalogue'
import WorkshopPanel from './WorkshopPanel.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})

const profileOf = (family: string) => [...useCatalogueStore().profiles.values()].find(p => p.lure.family === family)!
const stored = async (id: string) => (await useBoxStore().readFile()).lures!.find(l => l.id === id)!
beforeEach(async () => {
  await import('~/workers/bench.worker')
  await openFreshBox()
  await useCatalogueStore().open()
})

describe('the workshop', () => {
  it('swaps hooks, writes the bill, and keeps a changed lure beside the ones that stay', async () => {
    const profile = profileOf('crankbait')
    const before = await stored(profile.lure.id)
    const workshop = await mounted(WorkshopPanel, { props: { profile } })
    await named(workshop, 'New hook size').setValue('1/0')
    await tap(workshop, 'Swap')
    expect(workshop.find('[aria-label="Bill of parts"]').text()).toContain('1/0')
    await tap(workshop, /^Keep /)
    await until(() => workshop.emitted('made') !== undefined)
    const [id] = workshop.emitted('made')![0] as [string]
    const [made, original] = [await stored(id), await stored(profile.lure.id)]
    expect(made.hooks!.every(h => h.size === '1/0')).toBe(true)
    expect(made.weightG!).toBeGreaterThan(before.weightG ?? profile.weightG.value)
    expect(original.quantity).toBe((before.quantity ?? 1) - 1)
  })
  it('a change taken back leaves nothing to keep', async () => {
    const workshop = await mounted(WorkshopPanel, { props: { profile: profileOf('crankbait') } })
    await tap(workshop, 'Swap')
    for (let left = workshop.findAll('[aria-label="Bill of parts"] li').length; left > 0; left--)
      await tap(workshop, 'undo')
    expect(workshop.find('[aria-label="Bill of parts"]').exists()).toBe(false)
    expect(named(workshop, /^Keep /).attributes('disabled')).toBeDefined()
  })
  it('offers a cut to soft bodies only, and refuses one that is longer than the bait in words', async () => {
    expect((await mounted(WorkshopPanel, { props: { profile: profileOf('crankbait') } })).text()).not.toContain(
      'Cut to',
    )
    const workshop = await mounted(WorkshopPanel, { props: { profile: profileOf('worm') } })
    await typeInto(workshop, 'Cut to', '900 mm')
    await tap(workshop, 'Cut')
    expect(workshop.find('p[role=alert]').text()).toMatch(/^Not done: cut to less than/)
  })
})
