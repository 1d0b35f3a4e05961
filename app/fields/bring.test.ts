import { createPinia, setActivePinia } from 'pinia'
import { expect, it, vi } from 'vitest'
import { type App, nextTick } from 'vue'
import { useSettingsStore } from '~/stores/settings'
import { bringFields } from './bring'

const change = vi.hoisted(() => vi.fn())
vi.mock('./vuetify', () => ({ fields: { theme: { change } } }))

it('the library of the fields comes once, follows the look, and is tried again where it could not be brought', async () => {
  setActivePinia(createPinia())
  const use = vi.fn().mockImplementationOnce(() => {
    throw new Error('no network')
  })
  const app = { use } as unknown as App
  await expect(bringFields(app)).rejects.toThrow('no network')
  await Promise.all([bringFields(app), bringFields(app)])
  expect(use).toHaveBeenCalledTimes(2)
  expect(change).toHaveBeenLastCalledWith(useSettingsStore().theme)
  useSettingsStore().look = 'night'
  await nextTick()
  expect(change).toHaveBeenLastCalledWith('night')
})
