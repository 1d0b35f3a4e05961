/** The disk may keep the first drawing waiting for so long [ms], assumed: a look that changes under the eye is worse than a moment's wait. */
const PATIENCE_MS = 1000

/**
 * What is kept is reached, and what the angler set is there, before anything is drawn: no flash of another look, and no change that would not be kept.
 * The box and the judgement come while the page is drawn.
 */
export default defineNuxtPlugin({
  name: 'begin',
  parallel: true,
  async setup() {
    const box = useBoxStore()
    const judgement = useJudgementStore()
    judgement.warm()
    async function reach(): Promise<void> {
      if (!(await box.reach())) return
      await Promise.all([useReadingStore().open(), useSettingsStore().open(), useCatalogueStore().open()])
      judgement.open()
      void box.open().then(usePhotosStore().open)
    }
    const reached = reach().catch((error: unknown) =>
      box.tell(error, message => `What is kept here could not be read: ${message}`),
    )
    await Promise.race([reached, new Promise(resolve => setTimeout(resolve, PATIENCE_MS))])
  },
})
