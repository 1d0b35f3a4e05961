import { beforeEach, describe, expect, it, vi } from 'vitest'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted } from '~/testing/mounted'
import { useReadingStore } from '~/stores/reading'
import WaterStrip from './WaterStrip.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})
beforeEach(openFreshBox)

describe('the strip of the water', () => {
  it('says night once it is, whatever cloud was chosen, and day again by day', async () => {
    // What is fetched when a figure is opened is not known here.
    vi.spyOn(console, 'warn').mockImplementation(() => undefined)
    const store = useReadingStore()
    const strip = await mounted(WaterStrip)
    const says = (word: RegExp) => until(() => word.test(strip.text()))
    store.change({ at: '2026-09-05T23:30:00+02:00', sky: 'overcast' })
    await says(/Night/)
    expect(strip.text()).not.toContain('Overcast')
    store.change({ at: '2026-09-05T12:00:00+02:00' })
    await says(/Overcast/)
    expect(strip.text()).not.toContain('Night')
  })
})
