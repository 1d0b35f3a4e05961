import { spawn } from 'node:child_process'

/** Where Debian keeps its browser, unless it is said otherwise. */
export const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium'
const ASKED_AGAIN_MS = 200

/** What was built, the program itself unless it is said otherwise, on a port of its own; comes back when it answers. */
export async function served(port, output = '.output') {
  const base = `http://127.0.0.1:${port}`
  const server = spawn('node', [`${output}/server/index.mjs`], {
    env: { ...process.env, NITRO_HOST: '127.0.0.1', NITRO_PORT: String(port) },
  })
  const answers = () =>
    fetch(base).then(
      r => r.ok,
      () => false,
    )
  while (!(await answers())) await new Promise(resolve => setTimeout(resolve, ASKED_AGAIN_MS))
  return { base, stop: () => server.kill() }
}
