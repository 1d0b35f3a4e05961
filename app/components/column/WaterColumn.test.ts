import { beforeEach, describe, expect, it, vi } from 'vitest'
import { completeReading } from '#core/reading'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted } from '~/testing/mounted'
import WaterColumn from './WaterColumn.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})
beforeEach(openFreshBox)

/** Green of the water just under the surface, 0..255. */
const lightOf = (svg: string) => Number(/stop-color="rgb\(\d+ (\d+) \d+\)"/.exec(svg)?.[1])

describe('the cut through the water', () => {
  it('is dark once it is night, whatever cloud was chosen, and light again by day', async () => {
    const at = (hour: string) =>
      completeReading({ species: 'zander', temperatureC: 14, sky: 'overcast', at: `2026-09-05T${hour}:00+02:00` })
        .reading
    const nothing = { setups: [], courses: new Map(), presented: null, chosenId: null, lures: new Map(), t: 0 }
    const cut = await mounted(WaterColumn, { props: { reading: at('12:00'), ...nothing } })
    const byDay = lightOf(cut.html())
    expect(byDay).toBeGreaterThan(100)
    await cut.setProps({ reading: at('23:30') })
    await until(() => lightOf(cut.html()) < byDay / 3)
    await cut.setProps({ reading: at('13:00') })
    await until(() => lightOf(cut.html()) === byDay)
  })
})
