import { createHash } from 'node:crypto'

const OWN_FILES = `default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' blob: data:; media-src 'self' blob:; font-src 'self'; connect-src 'self'; worker-src 'self'; object-src 'none'; base-uri 'none'; form-action 'none'`

/** What a worker may load and run: its own files, its own wasm. */
export const WORKER_POLICY = `${OWN_FILES}; script-src 'self' 'wasm-unsafe-eval'`

/** What a page may load and run: its own files, its own inline scripts by their hashes, its own wasm; pictures from memory. The component library writes its theme as an inline style. */
export function contentPolicy(html: string): string {
  const hashes = [...html.matchAll(/<script(?![^>]*\bsrc=)([^>]*)>([\s\S]*?)<\/script>/g)]
    .filter(([, attributes]) => !attributes!.includes('application/json'))
    .map(([, , code]) => `'sha256-${createHash('sha256').update(code!).digest('base64')}'`)
  return `${WORKER_POLICY} ${hashes.join(' ')}`.trim()
}
