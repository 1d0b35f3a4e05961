import vuetify, { transformAssetUrls } from 'vite-plugin-vuetify'

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
  pwa: {
    registerType: 'prompt',
    registerWebManifestInRouteRules: true,
    manifest: {
      name: 'Ygrion', short_name: 'Ygrion', description: 'Which lure to tie on now, and why', lang: 'en', start_url: '/', display: 'standalone',
      theme_color: '#f2eada', background_color: '#f2eada',
      icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
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
      htmlAttrs: { lang: 'en' }, title: 'Ygrion',
      meta: [{ name: 'viewport', content: 'width=device-width, initial-scale=1, viewport-fit=cover' }],
      link: [{ rel: 'manifest', href: '/manifest.webmanifest' }, { rel: 'icon', href: '/icon.svg', type: 'image/svg+xml' }],
    },
  },
  nitro: { prerender: { routes: ['/'], crawlLinks: false }, compressPublicAssets: { gzip: true, brotli: false } },
  build: { transpile: ['vuetify'] },
  vite: {
    vue: { template: { transformAssetUrls } },
    plugins: [vuetify({ autoImport: true })],
    optimizeDeps: { include: ['@mdi/js', 'comlink', 'dexie', 'zod', 'd3', 'nanoid', 'fraction.js', 'astronomy-engine'] },
    worker: { format: 'es' },
  },
})
