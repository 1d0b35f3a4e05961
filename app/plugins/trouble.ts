/** What goes wrong unforeseen is said on the page, not only in the console. */
export default defineNuxtPlugin(({ vueApp }) => {
  const tell = (error: unknown) => {
    console.error(error)
    useBoxStore().tell(error, message => `Something went wrong (${message}). What you did last may not be stored.`)
  }
  vueApp.config.errorHandler = tell
  window.addEventListener('unhandledrejection', ({ reason }) => tell(reason))
})
