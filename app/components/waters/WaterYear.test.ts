import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Place } from '#core/files'
import type { NotedReading } from '#core/reading'
import { openFreshBox } from '~/testing/fresh-box'
import { mounted, tap } from '~/testing/mounted'
import { useSettingsStore } from '~/stores/settings'
import WaterYear from './WaterYear.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})

const place: Place = { id: 'p', name: 'Tarn', latitude: 52, species: ['northern-pike', 'brown-trout'], forage: [] }
const read = (at: string, temperatureC: number): NotedReading => ({
  id: at,
  placeId: 'p',
  at,
  reading: { species: 'northern-pike', temperatureC, at },
})
const year = (given: Partial<Place> = {}, written: NotedReading[] = []) =>
  mounted(WaterYear, { props: { place: { ...place, ...given }, written } })
const heard = (wrapper: Awaited<ReturnType<typeof year>>) => wrapper.find('svg.water-year').attributes('aria-label')!

beforeEach(openFreshBox)

describe('a year of a water', () => {
  it('follows what was read: the same month reads warmer in a warm water', async () => {
    const july = (label: string) => Number(/Jul: \w+, usually ([\d.]+)/.exec(label)![1])
    const days = ['2026-06-20', '2026-07-10', '2026-07-30'].map(d => read(`${d}T08:00:00+02:00`, 26))
    expect(july(heard(await year({}, days)))).toBeGreaterThan(july(heard(await year())) + 3)
  })
  it('tells the phases of another fish when it is tapped', async () => {
    const wrapper = await year()
    expect(heard(wrapper)).toMatch(/Apr: spawn/)
    await tap(wrapper, 'brown trout')
    expect(heard(wrapper)).not.toMatch(/Apr: spawn/)
    expect(heard(wrapper)).toMatch(/^Phases of brown trout/)
  })
  it('shows the water at the mark where it was read, also when the same day was read again without it', async () => {
    expect((await year({}, [read('2026-06-20T08:00:00Z', 14)])).text()).not.toContain('Water at your mark')
    const wrapper = await year({}, [
      { ...read('2026-06-20T08:00:00Z', 14), levelM: -0.4 },
      read('2026-06-20T18:00:00Z', 15),
    ])
    expect(wrapper.text()).toContain('Water at your mark, m')
    expect(wrapper.findAll('circle title').map(t => t.text())).toContainEqual(
      expect.stringMatching(/: -0\.4\s?m$|: −0\.4\s?m$/),
    )
  })
  it('is drawn, too, where only a fish is named that nobody knows', async () => {
    expect(heard(await year({ species: ['moon-fish' as never] }))).toMatch(/^Phases of /)
  })
  it('stands in degrees Fahrenheit where that is wished, dots and line alike', async () => {
    useSettingsStore().units = 'imperial'
    const wrapper = await year({}, [read('2026-07-10T08:00:00Z', 20)])
    expect(wrapper.text()).toContain('Water temperature, °F')
    expect(wrapper.findAll('circle title').map(t => t.text())).toContainEqual(expect.stringMatching(/: 68(\.0)?\s°F$/))
  })
})
