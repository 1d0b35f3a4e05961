import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import demoBox from '../demo/box.json'

const root = join(import.meta.dirname, '..')
const run = (args: string[], input = '') => {
  const { stdout, stderr, status } = spawnSync(process.execPath, ['--import', 'tsx', 'bin/ygrion.ts', ...args], {
    cwd: root,
    input,
    encoding: 'utf8',
  })
  return {
    status,
    out: stdout === '' ? null : JSON.parse(stdout),
    error: stderr === '' ? null : JSON.parse(stderr).error,
  }
}
const demo = 'demo/box.json'
const reading = (name: string) => `demo/readings/${name}.json`
const READINGS = ['spring-morning', 'hot-afternoon', 'muddy-flood', 'winter-noon', 'windy-dusk', 'night-rocks']
const temporary = (text: string) => {
  const path = join(mkdtempSync(join(tmpdir(), 'ygrion-')), 'file.json')
  writeFileSync(path, text)
  return path
}

describe('ygrion, the headless command', () => {
  it('match: different water, different answers; every set-up complete', () => {
    const winners = READINGS.map(name => {
      const { status, out } = run(['match', '--file', demo, '--reading', reading(name), '--top', '3'])
      expect(status).toBe(0)
      expect(out.setups).toHaveLength(3)
      for (const setup of out.setups) {
        expect(Object.keys(setup)).toEqual(
          expect.arrayContaining([
            'lureId',
            'family',
            'rig',
            'trailerId',
            'hook',
            'trailerHook',
            'headG',
            'sinkerG',
            'outfitId',
            'leader',
            'connection',
            'totalG',
            'presentation',
            'score',
            'confidence',
            'axes',
            'reasons',
            'cautions',
          ]),
        )
        expect(setup.reasons.length).toBeGreaterThan(0)
        for (const reason of setup.reasons) expect(reason.source).toBeTruthy()
      }
      return out.setups[0].lureId
    })
    expect(new Set(winners).size).toBeGreaterThanOrEqual(5)
  })
  it('match: schools of the command line are heard', () => {
    const [tick, rip] = ['tick', 'rip'].map(grass =>
      JSON.stringify(
        run([
          'match',
          '--file',
          demo,
          '--reading',
          reading('spring-morning'),
          '--schools',
          `grass=${grass}`,
        ]).out.setups.map((s: { score: number }) => s.score),
      ),
    )
    expect(tick).not.toBe(rip)
  })
  it('match --readings: a line for each, in order, an error in its place', () => {
    const list = temporary(
      JSON.stringify([
        { id: 'a', reading: JSON.parse(readFileSync(join(root, reading('muddy-flood')), 'utf8')) as unknown },
        { id: 'b', reading: { species: 'unicorn', temperatureC: 9 } },
        { id: 'c', reading: { species: 'perch', temperatureC: 9 }, outfits: ['no-such-rod'] },
      ]),
    )
    const { stdout, status } = spawnSync(
      process.execPath,
      ['--import', 'tsx', 'bin/ygrion.ts', 'match', '--file', demo, '--readings', list, '--top', '2'],
      { cwd: root, encoding: 'utf8' },
    )
    const lines = stdout
      .trim()
      .split('\n')
      .map(line => JSON.parse(line) as { id: string; setups?: unknown[]; error?: { path: string } })
    expect([status, lines.map(l => l.id)]).toEqual([0, ['a', 'b', 'c']])
    expect(lines[0]!.setups).toHaveLength(2)
    expect([lines[1]!.error!.path, lines[2]!.error!.path]).toEqual(['reading.species', 'outfits[0]'])
  })
  it('next: what the bites say to change', () => {
    const { trips } = JSON.parse(readFileSync(join(root, demo), 'utf8')) as { trips: unknown[] }
    const { status, out } = run(['next', '--file', demo, '--trip', temporary(JSON.stringify(trips[0]))])
    expect(status).toBe(0)
    expect(['stay', 'change', 'return', 'move', 'rest']).toContain(out.do)
    expect(run(['next', '--file', demo, '--trip', temporary('{"id":"t"}')]).error.path).toBe('start')
  })
  it('ask: axes with reasons, and what was assumed', () => {
    const { out } = run(['ask', '--reading', reading('muddy-flood')])
    expect(out.axes.find((a: { axis: string }) => a.axis === 'vibration').best).toBeGreaterThan(3.5)
    expect(out.assumed).toEqual(
      ['moonFraction', 'waveM', 'pressure', 'shortStrikes', 'salinityPsu'].sort(
        (a, b) => out.assumed.indexOf(a) - out.assumed.indexOf(b),
      ),
    )
  })
  it('check: counts', () =>
    expect(run(['check', demo]).out).toMatchObject({
      ok: true,
      counts: { lures: demoBox.lures.length, outfits: demoBox.outfits.length },
    }))
  it('calc desirability: Derringer & Suich 1980', () => {
    expect(run(['calc', 'desirability'], '{"values":[0.25,1],"weights":[1,1]}').out).toEqual({ overall: 0.5 })
    expect(run(['calc', 'desirability'], '{"values":[0,1],"weights":[1,1]}').out).toEqual({ overall: 0 })
  })
  it.each([
    ['a damaged file', ['check', temporary('{ "format": "ygr')], '', '', /not readable as JSON/],
    [
      'a negative weight',
      [
        'check',
        temporary('{"format":"ygrion","version":1,"lures":[{"id":"a","name":"a","family":"tube","weightG":-1}]}'),
      ],
      '',
      'lures[0].weightG',
      /at least 0.01, got -1/,
    ],
    [
      '95 °C',
      ['ask', '--reading', temporary('{"species":"perch","temperatureC":95}')],
      '',
      'temperatureC',
      /at most 40, got 95/,
    ],
    [
      'an unknown family',
      ['check', temporary('{"format":"ygrion","version":1,"lures":[{"id":"a","name":"a","family":"teapot"}]}')],
      '',
      'lures[0].family',
      /teapot/,
    ],
    ['a missing file', ['check', 'no-such-file.json'], '', 'file', /cannot be read/],
    ['an unknown calculator', ['calc', 'horoscope'], '{}', 'name', /no calculator/],
    ['bad calculator input', ['calc', 'desirability'], '{"values":[2],"weights":[1]}', 'values[0]', /at most 1, got 2/],
    [
      'an unknown school',
      ['match', '--file', demo, '--reading', reading('night-rocks'), '--schools', 'grass=mow'],
      '',
      'schools.grass',
      /tick, rip/,
    ],
    ['a missing option', ['match', '--file', demo], '', 'arguments', /--reading/],
  ])('%s: exit 2, nothing on stdout, field and value named', (_, args, input, path, message) => {
    const { status, out, error } = run(args, input)
    expect([status, out, error.path]).toEqual([2, null, path])
    expect(error.message).toMatch(message)
  })
})
