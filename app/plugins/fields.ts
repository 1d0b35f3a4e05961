import 'vuetify/styles/core'
import { bringFields } from '~/fields/bring'

/** Drawn before any field is: what of it has fields brings their library (`withFields`). */
const FIRST_PAGE = '/'

/** Every other page has fields. */
export default defineNuxtPlugin(({ vueApp }) => {
  useRouter().beforeResolve(async ({ path }) => {
    if (path !== FIRST_PAGE) await bringFields(vueApp)
  })
})
