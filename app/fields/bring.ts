import { type App, watchEffect } from 'vue'
import { useSettingsStore } from '~/stores/settings'

const brought = new WeakMap<App, Promise<void>>()

/** The library of the fields, brought to the app when fields are first asked for. */
export function bringFields(app: App): Promise<void> {
  const known = brought.get(app) ?? bring(app)
  brought.set(app, known)
  return known
}

async function bring(app: App): Promise<void> {
  const { fields } = await import('./vuetify')
  app.use(fields)
  const settings = useSettingsStore()
  watchEffect(() => void fields.theme.change(settings.theme))
}
