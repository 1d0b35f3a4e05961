/** The disk may keep the first drawing waiting for so long [ms], assumed: a look that changes under the eye is worse than a moment's wait. */
const PATIENCE_MS = 1000

/** Pages that look back or put away: nothing on them is judged, and the judge would only take their time. */
const WITHOUT_JUDGE = ['/logbook', '/waters', '/keep']
const isJudged = (path: string) => !WITHOUT_JUDGE.some(page => path === page || path.startsWith(`${page}/`))

/**
 * What is kept is reached, and what the angler set is there, before anything is drawn: no flash of another look, and no change that would not be kept.
 * The box comes while the page is drawn, and the judgement with it where it is asked for: else when a page is opened that does.
 */
export default defineNuxtPlugin({
  name: 'begin',
  parallel: true,
  async setup() {
    const box = useBoxStore()
    const judgement = useJudgementStore()
    const router = useRouter()
    if (isJudged(window.location.pathname)) judgement.warm()
    async function reach(): Promise<void> {
      if (!(await box.reach())) return
      await Promise.all([useReadingStore().open(), useSettingsStore().open(), useCatalogueStore().open()])
      if (isJudged(window.location.pathname)) judgement.open()
      // Once it is there: a page that was on its way meanwhile is not missed.
      router.afterEach(({ path }) => {
        if (isJudged(path)) judgement.open()
      })
      void box.open().then(usePhotosStore().open)
    }
    const reached = reach().catch((error: unknown) =>
      box.tell(error, message => `What is kept here could not be read: ${message}`),
    )
    await Promise.race([reached, new Promise(resolve => setTimeout(resolve, PATIENCE_MS))])
  },
})
