import { type App, watchEffect } from 'vue'
import { useSettingsStore } from '~/stores/settings'

const brought = new WeakMap<App, Promise<void>>()

/** The library of the fields, brought to the app when fields are first asked for. */
export function bringFields(app: App): Promise<void> {
  let coming = brought.get(app)
  if (coming === undefined) {
    coming = bring(app)
    brought.set(app, coming)
    // What could not be brought is tried again when fields are asked for the next time.
    coming.catch(() => brought.delete(app))
  }
  return coming
}

async function bring(app: App): Promise<void> {
  const { fields } = await import('./vuetify')
  app.use(fields)
  const settings = useSettingsStore()
  watchEffect(() => void fields.theme.change(settings.theme))
}
