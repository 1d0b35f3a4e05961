import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import vuetify, { transformAssetUrls } from 'vite-plugin-vuetify'
import { intoPage, withFirstVisit } from './app/kept-screen/into-page'
import { contentPolicy, WORKER_POLICY } from './server/utils/content-policy'

const { version } = JSON.parse(readFileSync(new URL('package.json', import.meta.url), 'utf8')) as { version: string }

const FIRST_FONTS = /(archivo-latin-wdth|newsreader-latin-wght)-normal\..*woff2$/
/** Draws the first screen of the last start before the program is there, and starts it. */
const FIRST_SCRIPT = readFileSync(new URL('app/kept-screen/first.js', import.meta.url), 'utf8')
/** Draws what a first visit sees at once, when the program is built. */
const BROWSER = process.env.CHROMIUM ?? '/usr/bin/chromium'
/** The page that most starts begin with. */
const FIRST_PAGE = 'pages/index.vue'

export default defineNuxtConfig({
  // `nuxt dev` without server rendering needs its entry named; the production build does not.
  $development: { vite: { $client: { build: { rollupOptions: { input: { server: 'nuxt/dist/app/entry-spa' } } } } } },
  compatibilityDate: '2025-11-01',
  ssr: false,
  telemetry: false,
  devtools: { enabled: false },
  srcDir: 'app',
  serverDir: 'server',
  modules: ['@pinia/nuxt', '@vite-pwa/nuxt'],
  components: [{ path: '~/components', pathPrefix: false }],
  css: ['~/assets/main.css'],
  typescript: { strict: true, typeCheck: false },
  runtimeConfig: { public: { version } },
  // The service worker fetches every page once; fetching them for each link besides would only hold up the first screen.
  experimental: { defaults: { nuxtLink: { prefetch: false } } },
  routeRules: {
    '/**': {
      headers: {
        'X-Content-Type-Options': 'nosniff',
        'X-Frame-Options': 'DENY',
        'Referrer-Policy': 'no-referrer',
        'Cross-Origin-Opener-Policy': 'same-origin',
        'Cross-Origin-Resource-Policy': 'same-origin',
        'Permissions-Policy': 'geolocation=(self), camera=(self), microphone=(), payment=(), usb=()',
      },
    },
    // Workers have no page around them: their policy comes with their own script.
    '/_nuxt/**': { headers: { 'Content-Security-Policy': WORKER_POLICY } },
  },
  hooks: {
    // What Tie-on is made of is on its way while the entry is read, not only when the entry has asked for it; what it may need later does not stand in its way.
    'build:manifest': manifest => {
      for (const file of Object.values(manifest)) {
        file.prefetch = false
        // Fonts of the first lines: else they are asked for only when those are laid out, which is then done twice.
        if (FIRST_FONTS.test(file.file)) file.preload = true
      }
      const entry = Object.values(manifest).find(({ isEntry }) => isEntry)
      if (entry) entry.imports = [...(entry.imports ?? []), FIRST_PAGE].filter(file => file in manifest)
    },
    // Inline scripts are known only when the page is written: their hashes go into it then.
    'nitro:init': nitro => {
      nitro.hooks.hook('prerender:generate', route => {
        if (!route.contents || !route.fileName?.endsWith('.html')) return
        const page = intoPage(route.contents, FIRST_SCRIPT, address =>
          readFileSync(`${nitro.options.buildDir}/dist/client${address}`, 'utf8'),
        )
        route.contents = page.replace(
          '<head>',
          `<head><meta http-equiv="Content-Security-Policy" content="${contentPolicy(page)}">`,
        )
      })
      nitro.hooks.hook('prerender:done', async () => {
        if (!existsSync(BROWSER))
          return nitro.logger.warn(
            `no browser at ${BROWSER}: nothing will be drawn on a first visit before the program`,
          )
        // Only a build needs the driver of browsers.
        const { firstVisitScreen } = await import('./app/kept-screen/first-visit')
        const { output, buildDir } = nitro.options
        const page = `${output.publicDir}/index.html`
        const screen = await firstVisitScreen([output.publicDir, `${buildDir}/dist/client`, 'public'], BROWSER)
        writeFileSync(page, withFirstVisit(readFileSync(page, 'utf8'), screen))
      })
    },
  },
  pwa: {
    registerType: 'prompt',
    registerWebManifestInRouteRules: true,
    client: { installPrompt: true },
    manifest: {
      name: 'Ygrion',
      short_name: 'Ygrion',
      description: 'Which lure to tie on now, and why',
      lang: 'en',
      start_url: '/',
      display: 'standalone',
      theme_color: '#f2eada',
      background_color: '#f2eada',
      icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      // Where the browser has them: what one goes to at once, and files that open here.
      shortcuts: [
        { name: 'Tie on', url: '/' },
        { name: 'Trip', url: '/trip' },
        { name: 'Pack for tomorrow', url: '/pack' },
      ],
      file_handlers: [
        { action: '/box/exchange', accept: { 'application/json': ['.json'], 'text/csv': ['.csv', '.tsv'] } },
      ],
    },
    workbox: {
      navigateFallback: '/',
      navigateFallbackDenylist: [/^\/api\//],
      globPatterns: ['**/*.{js,css,html,woff2,wasm,svg,json}'],
      globIgnores: ['**/*-{cyrillic,cyrillic-ext,greek,greek-ext,vietnamese}-*.woff2'],
      maximumFileSizeToCacheInBytes: 8 * 1024 * 1024,
    },
  },
  app: {
    head: {
      htmlAttrs: { lang: 'en' },
      title: 'Ygrion',
      meta: [{ name: 'viewport', content: 'width=device-width, initial-scale=1, viewport-fit=cover' }],
      link: [
        { rel: 'manifest', href: '/manifest.webmanifest' },
        { rel: 'icon', href: '/icon.svg', type: 'image/svg+xml' },
      ],
    },
  },
  nitro: {
    prerender: { routes: ['/'], crawlLinks: false, failOnError: true },
    compressPublicAssets: { gzip: true, brotli: false },
  },
  build: { transpile: ['vuetify'] },
  vite: {
    // core/ is pure: what a page does not use of it stays out of the bundle, with the packages that it would bring.
    build: {
      rollupOptions: {
        treeshake: { moduleSideEffects: (id: string) => id.includes('/node_modules/') || !id.includes('/core/') },
      },
    },
    vue: { template: { transformAssetUrls } },
    plugins: [vuetify({ autoImport: true })],
    optimizeDeps: {
      include: ['@mdi/js', 'comlink', 'dexie', 'zod', 'd3', 'nanoid', 'fraction.js', 'astronomy-engine'],
    },
    worker: { format: 'es' },
  },
})
