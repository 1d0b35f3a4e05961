import { type Component, defineAsyncComponent, getCurrentInstance } from 'vue'
import { bringFields } from '~/fields/bring'

/** A part of the first page that has fields: it comes, and their library with it, when it is first drawn. */
export function withFields(load: () => Promise<{ readonly default: Component }>): Component {
  const { app } = getCurrentInstance()!.appContext
  return defineAsyncComponent(async () => {
    await bringFields(app)
    return (await load()).default
  })
}
