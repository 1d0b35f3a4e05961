import { type ComponentMountingOptions, type DOMWrapper, flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { getActivePinia } from 'pinia'
import { expect } from 'vitest'
import type { Component } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { createVuetify } from 'vuetify'

/** Every component by its file's name, as the app itself knows them. */
const COMPONENTS = Object.fromEntries(
  Object.entries(import.meta.glob<Component>('../components/**/*.vue', { eager: true, import: 'default' })).map(
    ([path, component]) => [path.split('/').at(-1)!.replace('.vue', ''), component],
  ),
)

/** A component in a document, with the stores that are open, a router at `path` and the app's own components around it. */
export async function mounted(
  component: Component,
  { props = {}, path = '/' }: { props?: object; path?: string } = {},
): Promise<VueWrapper> {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/logbook/trip/:id', component },
      { path: '/:all(.*)*', component: { template: '<i />' } },
    ],
  })
  await router.push(path)
  const global: ComponentMountingOptions<Component>['global'] = {
    plugins: [getActivePinia()!, router, createVuetify()],
    components: COMPONENTS,
    stubs: { NuxtLink: { template: '<a><slot /></a>' } },
  }
  const wrapper = mount(component, { props, global, attachTo: document.body })
  await flushPromises()
  return wrapper
}

/** What an angler would look for: a field, button or list by the name that is read out. */
export function named(wrapper: VueWrapper, name: string | RegExp): DOMWrapper<Element> {
  const fits = (text: string | undefined) =>
    text !== undefined && (typeof name === 'string' ? text.trim() === name : name.test(text))
  const found = wrapper
    .findAll('input, select, button, textarea, [role=combobox]')
    .find(
      el =>
        fits(el.attributes('aria-label')) ||
        fits(labelOf(wrapper, el)) ||
        (el.element.tagName === 'BUTTON' && fits(el.text())),
    )
  expect(found, `nothing named ${name}`).toBeDefined()
  return found!
}

function labelOf(wrapper: VueWrapper, { element }: DOMWrapper<Element>): string | undefined {
  const { id } = element
  const label = wrapper.find(`label[for="${id}"]`)
  return (id && label.exists() ? label.text() : element.closest('label')?.textContent) ?? undefined
}

/** Types into a field and leaves it, as a thumb does. */
export async function typeInto(wrapper: VueWrapper, name: string | RegExp, text: string): Promise<void> {
  const field = named(wrapper, name)
  await field.setValue(text)
  await field.trigger('blur')
  await flushPromises()
}

export async function tap(wrapper: VueWrapper, name: string | RegExp): Promise<void> {
  await named(wrapper, name).trigger('click')
  await flushPromises()
}
