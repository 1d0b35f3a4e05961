import { contentPolicy } from '../utils/content-policy'

/** Every page that the server writes carries its policy as a header; the one written beforehand has it inside. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('render:response', response => {
    if (typeof response.body !== 'string') return
    response.headers = {
      ...response.headers,
      'content-security-policy': `${contentPolicy(response.body)}; frame-ancestors 'none'`,
    }
  })
})
