/**
 * Kills the browser in the midst of taps on a trip, over and over on one disk, and counts on both sides. Writes docs/reliability.md:
 *   npm run build && npm run reliability            (100 kills, some ten minutes)
 *   npm run reliability -- 500
 * What was acknowledged on the screen must be stored; nothing may be stored that was not pressed, and nothing twice.
 */
import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { CHROMIUM, served } from '../bench/served.mjs'

const PORT = 4189
const KILLS = Number(process.argv[2] ?? 100)
/** The browser dies so long after the first tap at the latest [ms]. */
const LIVES_MS = 2500
const KINDS = ['follow', 'peck', 'hit', 'landed']
const disk = mkdtempSync(join(tmpdir(), 'ygrion-kills-'))

const { base: BASE, stop } = await served(PORT)

/** A browser on the one disk; it can be killed, all its processes at once, like a phone whose battery is out. */
async function open() {
  const context = await chromium.launchPersistentContext(disk, {
    executablePath: CHROMIUM,
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  })
  const closed = new Promise(resolve => context.once('close', resolve))
  return {
    page: context.pages()[0] ?? (await context.newPage()),
    kill: async () => {
      spawnSync('pkill', ['-KILL', '-f', disk])
      await closed
    },
  }
}

/** Ids of the events of the trip that is being fished, as they are stored. */
const storedIds = page =>
  page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const request = indexedDB.open('ygrion')
        request.onerror = () => reject(request.error)
        request.onsuccess = () => {
          const all = request.result.transaction('trips').objectStore('trips').getAll()
          all.onsuccess = () => {
            const trip = all.result.find(t => !t.end && t.stints.length > 0)
            request.result.close()
            resolve(trip ? trip.stints.flatMap(s => (s.events ?? []).map(e => e.id)) : [])
          }
        }
      }),
  )

/** One tap; comes back when the screen says that it is stored. */
const tap = (page, kind) =>
  page.evaluate(
    name =>
      new Promise(resolve => {
        const count = () => document.querySelectorAll('section[aria-label="Events"] li').length
        const said = () => document.querySelector('.stored')?.textContent ?? ''
        const before = `${count()} ${said()}`
        document.querySelector(`.taps .${name}`).click()
        const look = () =>
          said().startsWith(name) && `${count()} ${said()}` !== before ? resolve() : requestAnimationFrame(look)
        look()
      }),
    kind,
  )

let pressed = 0
let acknowledged = 0
let stored = []
const faults = []
for (let kill = 0; kill <= KILLS; kill++) {
  const { page, kill: end } = await open()
  await page.goto(`${BASE}/trip`)
  const begin = page.locator('.first').first()
  await page.locator('.first, .taps').first().waitFor()
  if (kill === 0) await begin.click()
  await page.locator('.taps').waitFor()
  stored = await storedIds(page)
  const kept = stored.length >= acknowledged && stored.length <= pressed && new Set(stored).size === stored.length
  if (!kept)
    faults.push(`after kill ${kill}: ${pressed} pressed, ${acknowledged} acknowledged, ${stored.length} stored`)
  // What was on its way when the browser died either came or did not; from here on both sides count alike.
  pressed = acknowledged = stored.length
  if (kill === KILLS) {
    await end()
    break
  }
  let isDead = false
  const died = new Promise(resolve =>
    setTimeout(() => {
      isDead = true
      resolve(end())
    }, Math.random() * LIVES_MS),
  )
  try {
    for (let i = 0; ; i++) {
      pressed++
      await tap(page, KINDS[i % KINDS.length])
      acknowledged++
    }
  } catch (error) {
    if (!isDead) throw error
  }
  await died
}
stop()
rmSync(disk, { recursive: true, force: true })
const lines = [
  '# What survives a kill',
  '',
  `Made by \`npm run reliability\`: ${KILLS} times the browser was killed (SIGKILL) within ${LIVES_MS / 1000} s of the first of a run of taps on one trip, on one disk. ${stored.length} taps are stored.`,
  '',
  faults.length === 0
    ? 'Every tap that the screen said was stored is there, once; nothing is there that was not pressed.'
    : `**${faults.length} times the sides differ:**\n\n${faults.map(f => `- ${f}`).join('\n')}`,
  '',
]
console.log(lines.join('\n'))
writeFileSync('docs/reliability.md', lines.join('\n'))
process.exit(faults.length === 0 ? 0 : 1)
