/** What goes wrong unforeseen is said on the page, not only in the console. */
export default defineNuxtPlugin(({ vueApp }) => {
  const tell = (error: unknown) => {
    console.error(error)
    useBoxStore().trouble = `Something went wrong (${error instanceof Error ? error.message : String(error)}). What you did last may not be stored.`
  }
  vueApp.config.errorHandler = tell
  window.addEventListener('unhandledrejection', ({ reason }) => tell(reason))
})
