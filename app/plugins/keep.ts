import { until } from '@vueuse/core'
import { effectScope } from 'vue'
import { backupFile } from '~/db/backup-file'

/** A backup by itself, where a file was chosen for it: when the page has come to rest, so that nothing waits for it. Its name keeps it behind `begin`: evaluated before it, the bundle’s circle of modules breaks. */
export default defineNuxtPlugin({
  name: 'backup',
  parallel: true,
  setup(app) {
    const box = useBoxStore()
    onNuxtReady(async () => {
      await until(() => box.ready).toBe(true)
      const scope = effectScope(true)
      try {
        if (!(await backupFile(box.database()))) return
        const { useBackup } = await import('~/composables/useBackup')
        await app.runWithContext(() => scope.run(() => useBackup().byItself()))
      } catch (error) {
        box.tell(error, message => `The backup could not be written by itself: ${message}`)
      } finally {
        scope.stop()
      }
    })
  },
})
