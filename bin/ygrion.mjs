/** Runs the headless command (contract §5) from a bundle, made anew when a source is newer than it: `npm run -s ygrion -- …` starts in a fraction of a second. */
import { existsSync, mkdirSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const bundle = join(root, 'node_modules/.cache/ygrion/command.mjs')
const newest = folder =>
  readdirSync(folder, { recursive: true })
    .map(String)
    .filter(path => path.endsWith('.ts'))
    .reduce((time, path) => Math.max(time, statSync(join(folder, path)).mtimeMs), 0)

if (!existsSync(bundle) || statSync(bundle).mtimeMs < Math.max(newest(join(root, 'core')), newest(join(root, 'bin')))) {
  const { build } = await import('esbuild')
  mkdirSync(join(bundle, '..'), { recursive: true })
  await build({
    absWorkingDir: root,
    entryPoints: ['bin/ygrion.ts'],
    outfile: bundle,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'error',
    // Packages that still `require` need the function in a module.
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  })
}
await import(bundle)
