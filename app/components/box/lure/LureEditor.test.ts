import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted, named, tap, typeInto } from '~/testing/mounted'
import { useBoxStore } from '~/stores/box'
import { useSettingsStore } from '~/stores/settings'
import LureEditor from './LureEditor.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})

const lure = () => useBoxStore().box.lures.find(l => l.family === 'crankbait')!
const stored = async (id: string) => (await useBoxStore().readFile()).lures!.find(l => l.id === id)!
beforeEach(openFreshBox)

describe('a lure in its editor, typed into and read back from the disk', () => {
  it('takes a weight in ounces and fractions and keeps grams', async () => {
    const { id } = lure()
    const editor = await mounted(LureEditor, { props: { lure: lure() } })
    await typeInto(editor, 'Weight', '3/8 oz')
    await until(() => useBoxStore().lureById.get(id)!.weightG !== null)
    expect((await stored(id)).weightG).toBeCloseTo(10.63, 2)
  })
  it('reads a bare number in the unit that stands beside it, in either system', async () => {
    useSettingsStore().units = 'imperial'
    const { id } = lure()
    const editor = await mounted(LureEditor, { props: { lure: lure() } })
    await typeInto(editor, 'Length', '2 1/4')
    expect((await stored(id)).lengthMm).toBeCloseTo(57.15, 2)
  })
  it('refuses in words what is no weight, stores nothing and keeps what was typed', async () => {
    const { id, weightG } = lure()
    const editor = await mounted(LureEditor, { props: { lure: lure() } })
    await typeInto(editor, 'Weight', 'heavy')
    expect(editor.text()).toContain('weight')
    expect((named(editor, 'Weight').element as HTMLInputElement).value).toBe('heavy')
    expect((await stored(id)).weightG).toBe(weightG)
  })
  it('asks once about a weight four times off the packet, and takes it when it is said again', async () => {
    const { id, weightG } = lure()
    const editor = await mounted(LureEditor, { props: { lure: { ...lure(), labelWeightG: 10 } } })
    await typeInto(editor, 'Weight', '90 g')
    expect((await stored(id)).weightG).toBe(weightG)
    await typeInto(editor, 'Weight', '90 g')
    expect((await stored(id)).weightG).toBe(90)
  })
  it('writes a colour and a pin with one tap each, and leaves the rest of the lure alone', async () => {
    const before = lure()
    const editor = await mounted(LureEditor, { props: { lure: before } })
    await tap(editor, 'pin it')
    await tap(editor, 'gold')
    const after = await stored(before.id)
    expect(after).toEqual({ ...before, pinned: true, colours: { ...before.colours, metal: 'gold' } })
  })
  it('“same but…” opens a copy of its own', async () => {
    const count = useBoxStore().box.lures.length
    const editor = await mounted(LureEditor, { props: { lure: lure() } })
    await tap(editor, 'same but…')
    await until(() => useBoxStore().box.lures.length === count + 1)
    await flushPromises()
    const [id] = editor.emitted('open')![0] as [string]
    expect(await stored(id)).toMatchObject({ family: lure().family, weightG: lure().weightG })
  })
})
